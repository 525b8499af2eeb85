<script lang="ts">
	import { ask, POST, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { mass } from '$lib/units/units';
	import { dayMonth } from '$lib/words/dates';
	import { much } from './words';

	interface Props {
		order: Schemas['OrderView'];
		short: Schemas['ShortLine'][];
		done: () => void;
	}
	/** What would fill what an order is short of, each with the act that does it. */
	let { order, short, done }: Props = $props();
	const attempt = new Attempt();
	const line = (id: string) => order.lines.find((one) => one.id === id)!;
	const season = $derived(Number(order.wantedOn.slice(0, 4)));

	const pack = (lineId: string, way: Schemas['Filling']) =>
		attempt.run(async () => {
			await ask(
				POST('/api/orders/{id}/pack', {
					params: { path: { id: order.id } },
					body: { lineId, number: way.number, packets: way.much }
				})
			);
			done();
		});
</script>

<section class="mt-7">
	<h2 class="ruled">What would fill it</h2>
	{#each short as gap (gap.lineId)}
		{@const of = line(gap.lineId)}
		<p class="mt-3 font-semibold">{much(of, gap.missing)} of {of.variety} missing</p>
		<ul class="mt-2 grid gap-2">
			{#each gap.ways as way (way.number + way.act)}
				<li class="flex flex-wrap items-center gap-x-3 gap-y-1">
					{#if way.act === 'PACK'}
						<span
							>{much(of, way.much)} could be packed from
							<a class="quiet font-mono" href="/lot/{way.number}">{way.number}</a>{way.grams
								? `: that takes ${mass(way.grams, session.units)}`
								: ''}</span
						>
						{#if session.grower}<Act main disabled={attempt.busy} onclick={() => void pack(gap.lineId, way)}
								>Pack {way.much}</Act
							>{/if}
					{:else}
						<span
							>{much(of, way.much)} of <a class="quiet font-mono" href="/lot/{way.number}">{way.number}</a>
							{way.by
								? `count until ${dayMonth(way.by, session.today)}: test it again before`
								: 'wait for a germination test'}</span
						>
						<Act href="/lot/{way.number}/tests">Test it</Act>
					{/if}
				</li>
			{/each}
			{#if gap.rest > 0}
				<li class="flex flex-wrap items-center gap-x-3 gap-y-1">
					<span
						>{gap.ways.length > 0 ? `For ${much(of, gap.rest)} more` : 'Here'} there is no seed that may be sold
						by then: tell {order.customer.name}, or grow it.</span
					>
					{#if session.grower}<Act href="/desk/plantings/new?season={season + 1}&variety={of.varietyId}"
							>Plan it for {season + 1}</Act
						>{/if}
				</li>
			{/if}
		</ul>
	{/each}
	<Trouble {attempt} labels={{ packets: 'Packets', price: 'Price', number: 'The lot' }} />
</section>
