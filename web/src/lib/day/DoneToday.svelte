<script lang="ts">
	import { ask, GET, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { whole } from '$lib/units/units';
	import Loading from '$lib/shell/Loading.svelte';

	/** What was done today, folded away: by everybody where a grower looks, by oneself otherwise. */
	const SHOWN = 20;
	let found = $state.raw<Promise<[Schemas['DoneDay'], typeof import('$lib/done/DoneLines.svelte')]>>();

	const look = (open: boolean) =>
		(found = open
			? Promise.all([
					ask(GET('/api/done', { params: { query: { size: SHOWN } } })),
					import('$lib/done/DoneLines.svelte')
				])
			: undefined);
</script>

<details class="mt-8" ontoggle={(event) => look(event.currentTarget.open)}>
	<summary class="cursor-pointer font-semibold">Done today{session.grower ? '' : ', by you'}</summary>
	{#if found}
		<Loading from={found}>
			{#snippet children([done, { default: DoneLines }])}
				{#if done.lines.total}
					<DoneLines lines={done.lines.items} />
					{#if session.grower}
						<p class="mt-2">
							<a class="quiet" href="/farm/done"
								>{done.lines.total > SHOWN ? `All ${whole(done.lines.total)} lines` : 'Other days'}</a
							>
						</p>
					{:else if done.lines.total > SHOWN}
						<p class="text-soft">and {whole(done.lines.total - SHOWN)} earlier ones</p>
					{/if}
				{:else}
					<p class="py-2 text-soft">Nothing yet.</p>
				{/if}
			{/snippet}
		</Loading>
	{/if}
</details>
