<script lang="ts">
	import { page } from '$app/state';
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { outbox } from '$lib/offline/outbox.svelte';
	import Dialog from '$lib/shell/Dialog.svelte';
	import { capital, many } from '$lib/words/words';
	import PictureSaid from './PictureSaid.svelte';
	import { eachSmall } from './small';

	interface Props {
		/** The record they are pictures of. */
		of: string;
		/** What they show, in words. */
		what: string;
		/** Those the farm has, oldest first. */
		pictures?: Schemas['PhotoView'][];
		/** Called when one more was taken, or something was said of one; absent where they are only looked at. */
		changed?: () => void;
		/** Whether the pictures are small, as beside one of several tests. */
		small?: boolean;
	}
	let { of, what, pictures = [], changed, small = false }: Props = $props();

	const shown = $derived(pictures.filter((one) => !one.struckOut));
	const out = $derived(pictures.filter((one) => one.struckOut));
	/** Pictures of it that have not arrived at the farm. */
	const here = $derived(outbox.kept.filter((one) => one.path.endsWith(`?of=${of}`)).length);
	let wrong = $state('');
	let open = $state(false);
	let chosen = $state<string>();
	const one = $derived(pictures.find((picture) => picture.id === chosen));
	const named = (picture: Schemas['PhotoView']) =>
		picture.caption || `Picture ${shown.indexOf(picture) + 1} of ${what}`;

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
			changed?.();
		});
	}
	function said() {
		open = false;
		changed?.();
	}
	function look(picture: Schemas['PhotoView']) {
		chosen = picture.id;
		open = true;
	}
</script>

<div class="flex flex-wrap items-end gap-3">
	{#each shown as picture (picture.id)}
		<figure class="w-min">
			<button type="button" class="block cursor-zoom-in" onclick={() => look(picture)}>
				<img
					src="/api/photos/{picture.id}"
					alt={named(picture)}
					width={picture.width}
					height={picture.height}
					class={['w-auto max-w-none', small ? 'h-20' : 'h-36']}
					loading="lazy"
				/>
			</button>
			{#if picture.caption}<figcaption class="text-sm text-soft">{picture.caption}</figcaption>{/if}
		</figure>
	{/each}
	{#if session.works && changed}
		<label
			class={[
				'focus-within:outline-3 focus-within:outline-marigold',
				small
					? 'beside flex min-h-6 cursor-pointer items-center underline pointer-coarse:min-h-11'
					: 'btn btn-secondary'
			]}
		>
			{small ? 'add a picture' : 'Take or add a picture'}
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
{#if out.length && session.works && changed}
	<p class="mt-1 text-sm text-soft">
		Struck out:
		{#each out as picture, i (picture.id)}{i ? ', ' : ''}<button
				type="button"
				class="cursor-pointer underline"
				onclick={() => look(picture)}>{picture.caption || `a picture of ${what}`}</button
			>{/each}
	</p>
{/if}
{#if here}<p class="mt-1 text-sm" role="status">
		{many(here, 'picture')} on this device not arrived yet.
	</p>{/if}
{#if wrong}<p class="caution mt-2 font-semibold" role="alert">{wrong}</p>{/if}
{#if one}
	<Dialog bind:open title={one.caption || capital(`a picture of ${what}`)}>
		<PictureSaid picture={one} {what} works={session.works && changed !== undefined} {said} />
	</Dialog>
{/if}
