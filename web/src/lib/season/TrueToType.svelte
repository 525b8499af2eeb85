<script lang="ts">
	import { ask, GET, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { outbox } from '$lib/rows/outbox.svelte';
	import { eachSmall } from '$lib/walk/picture';
	import { capital } from '$lib/words/words';

	/** What a true plant looks like, in words and pictures. */
	let { variety }: { variety: Schemas['VarietyView'] } = $props();

	const points = $derived(Object.entries(variety.trueToType).filter(([, words]) => words));
	let turn = $state(0);
	let noPicture = $state('');
	const photos = $derived.by(() => {
		void turn;
		return ask(GET('/api/photos', { params: { query: { of: variety.id } } }));
	});

	async function add(files: FileList | null) {
		noPicture = '';
		noPicture = await eachSmall(files, async (picture) => {
			await outbox.add({
				id: picture.id,
				method: 'PUT',
				path: `/api/photos/${picture.id}?of=${variety.id}`,
				photo: picture.file,
				says: `picture of ${variety.name}`,
				from: `/desk/varieties/${variety.id}`
			});
			turn++;
		});
	}
</script>

<h2 class="ruled mt-6">True to type</h2>
{#if points.length}
	<dl class="mt-2 grid max-w-3xl gap-x-6 gap-y-1 sm:grid-cols-2">
		{#each points as [point, words] (point)}
			<div class="flex gap-2">
				<dt class="w-20 shrink-0 text-soft">{capital(point)}</dt>
				<dd>{words}</dd>
			</div>
		{/each}
	</dl>
{:else}
	<p class="mt-2 text-soft">
		Not described yet. What a true plant looks like is what is looked for in the rows{session.grower
			? ': write it with Correct.'
			: '.'}
	</p>
{/if}
{#await photos then ids}
	<div class="mt-3 flex flex-wrap items-end gap-3">
		{#each ids as photo, i (photo)}
			<img src="/api/photos/{photo}" alt="True plant {i + 1} of {variety.name}" class="h-36" />
		{/each}
		{#if session.works}
			<label class="btn btn-secondary">
				Add a picture
				<input
					type="file"
					accept="image/*"
					class="sr-only"
					onchange={(event) => void add(event.currentTarget.files)}
				/>
			</label>
		{/if}
	</div>
{/await}
{#if noPicture}<p class="caution mt-2 font-semibold" role="alert">{noPicture}</p>{/if}
