<script lang="ts">
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import { ask, GET, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { Latest } from '$lib/form/latest.svelte';
	import { walks } from '$lib/offline/questions';
	import { known } from '$lib/offline/known';
	import { outbox } from '$lib/offline/outbox.svelte';
	import { signal } from '$lib/offline/signal.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import { cropWord } from '$lib/words/words';
	import { asRequest, inFlower } from '$lib/walk/record';
	import WalkEnd from '$lib/walk/WalkEnd.svelte';
	import Walking from '$lib/walk/Walking.svelte';
	import { WalkCount } from '$lib/walk/walk.svelte';

	const id = page.params.planting!;
	const path = `/api/plantings/${id}/walks`;
	const found = begin();
	const soFar = new Latest<Schemas['SoFar']>();
	let ending = $state(false);
	let count = $state.raw<WalkCount>();

	async function begin() {
		const walk = await known(path, walks(id).ask());
		count = await WalkCount.in(id, walk.stage, walk.rows.count);
		return { walk, count };
	}

	// What probably remains is the server's to say, when it can be asked.
	$effect(() => {
		if (!count || signal.lost || !count.begun) return;
		const { stage, lookedAt, rows, rowsInAll, others } = asRequest(count.now, session.today);
		const found = { offTypes: count.offTypesInAll, pulled: count.pulled };
		const query = { stage, lookedAt, rows, rowsInAll, others, ...found };
		void soFar.ask(ask(GET('/api/plantings/{id}/walks/so-far', { params: { path: { id }, query } })));
	});

	async function record(walk: Schemas['WalkPage'], count: WalkCount) {
		const variety = walk.planting.variety;
		const from = `/walk/${id}`;
		const { id: walkId, photos, offTypes, sheddingSince, notFlowered } = count.now;
		const shed =
			sheddingSince !== '' || (inFlower(count.now, walk.flowersFrom, session.today) && !notFlowered);
		const says = `walk of the ${variety.name} ${cropWord(variety.cropName)}`;
		const recorded = {
			id: walkId,
			dayTyped: count.now.walkedOn !== '',
			method: 'POST' as const,
			path,
			body: asRequest(count.now, session.today),
			says,
			from
		};
		const pictures = photos.map((photo) => ({
			id: photo.id,
			method: 'PUT' as const,
			path: `/api/photos/${photo.id}?of=${walkId}`,
			photo: photo.file,
			says: `picture of the ${says}`,
			from,
			after: walkId
		}));
		await outbox.add([recorded, ...pictures], count.key);
		count.finish();
		await goto(offTypes.length && shed && !signal.lost ? `/walk/${id}/found` : '/today');
	}
</script>

<Loading from={found}>
	{#snippet children({ walk, count })}
		{#if ending}
			<WalkEnd
				planting={walk.planting}
				{count}
				flowersFrom={walk.flowersFrom}
				back={() => (ending = false)}
				record={() => record(walk, count)}
			/>
		{:else}
			<Walking
				{walk}
				{count}
				verdict={signal.lost ? undefined : soFar.answer?.verdict?.verdict}
				end={() => (ending = true)}
			/>
		{/if}
	{/snippet}
</Loading>
