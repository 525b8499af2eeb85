<script lang="ts">
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import { ask, GET, POST, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import { Latest } from '$lib/form/latest.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Walking from '$lib/walk/Walking.svelte';
	import { WalkCount } from '$lib/walk/walk.svelte';
	import { v7 as newId } from 'uuid';

	const id = page.params.planting!;
	const attempt = new Attempt();
	const count = new WalkCount(`walk ${id}`);
	const found = ask(GET('/api/plantings/{id}/walks', { params: { path: { id } } }));
	const soFar = new Latest<Schemas['SoFar']>();
	let stage = $state('');

	$effect(() => {
		const query = { stage, lookedAt: count.lookedAt, offTypes: count.offTypesInAll };
		if (!stage) return;
		void soFar.ask(ask(GET('/api/plantings/{id}/walks/so-far', { params: { path: { id }, query } })));
	});

	let walkId = newId();

	async function record() {
		await attempt.run(async () => {
			await ask(
				POST('/api/plantings/{id}/walks', {
					params: { path: { id } },
					body: {
						id: walkId,
						stage,
						walkedOn: session.today,
						lookedAt: count.lookedAt,
						offTypes: count.offTypes,
						sick: count.sick,
						note: ''
					}
				})
			);
			count.finish();
			walkId = newId();
			await goto('/today');
		});
	}
</script>

<Loading from={found}>
	{#snippet children(walk)}
		<Walking {walk} {count} soFar={soFar.answer?.verdict} bind:stage busy={attempt.busy} {record}>
			<Trouble
				{attempt}
				labels={{ lookedAt: 'Looked at', offTypes: 'Off-types', stage: 'Stage', walkedOn: 'Day' }}
			/>
		</Walking>
	{/snippet}
</Loading>
