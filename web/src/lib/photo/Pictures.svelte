<script lang="ts">
	import { page } from '$app/state';
	import { session } from '$lib/api/session.svelte';
	import { outbox } from '$lib/rows/outbox.svelte';
	import { many } from '$lib/words/words';
	import { eachSmall } from './small';

	interface Props {
		/** The record they are pictures of. */
		of: string;
		/** What they show, in words. */
		what: string;
		/** Those the farm has, oldest first. */
		ids?: string[];
		/** Called when one more was taken. */
		taken?: () => void;
		/** Whether the pictures are small, as beside one of several tests. */
		small?: boolean;
	}
	let { of, what, ids = [], taken = () => undefined, small = false }: Props = $props();

	/** Pictures of it that have not arrived at the farm. */
	const here = $derived(outbox.kept.filter((one) => one.path.endsWith(`?of=${of}`)).length);
	let wrong = $state('');

	async function add(files: FileList | null) {
		wrong = '';
		wrong = await eachSmall(files, async (picture) => {
			await outbox.add({
				id: picture.id,
				method: 'PUT',
				path: `/api/photos/${picture.id}?of=${of}`,
				photo: picture.file,
				says: `picture of ${what}`,
				from: page.url.pathname
			});
			taken();
		});
	}
</script>

<div class="flex flex-wrap items-end gap-3">
	{#each ids as id, i (id)}
		<a href="/api/photos/{id}" target="_blank" rel="noopener">
			<img
				src="/api/photos/{id}"
				alt="Picture {i + 1} of {what}"
				class={small ? 'h-20' : 'h-36'}
				loading="lazy"
			/>
		</a>
	{/each}
	{#if session.works}
		<label class="btn btn-secondary focus-within:outline-3 focus-within:outline-marigold">
			{small ? 'Picture' : 'Take or add a picture'}
			<input
				type="file"
				accept="image/*"
				multiple
				class="sr-only"
				aria-label="Add a picture of {what}"
				onchange={(event) => void add(event.currentTarget.files)}
			/>
		</label>
	{/if}
</div>
{#if here}<p class="mt-1 text-sm text-soft" role="status">
		{many(here, 'picture')} on this device not arrived yet.
	</p>{/if}
{#if wrong}<p class="caution mt-2 font-semibold" role="alert">{wrong}</p>{/if}
