<script lang="ts">
	import type { Snippet } from 'svelte';
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import Term from '$lib/glossary/Term.svelte';
	import Mark from '$lib/mark/Mark.svelte';
	import { percent, tenth } from '$lib/units/units';
	import { dayMonth } from '$lib/words/dates';
	import Correct from './Correct.svelte';
	import GerminationForm from './GerminationForm.svelte';
	import SetForm from './SetForm.svelte';
	import Sheet from './Sheet.svelte';
	import { became, plain, range, size } from './words';

	interface Props {
		number: string;
		tests: Schemas['TestsView'];
		gate: Schemas['GateView'];
		testing: Schemas['TestAdvice'];
		kept: () => void;
		pictures: Snippet<[string, string]>;
	}
	/** Every germination test of a lot: its count, how sure it is, and what the last one says of the whole lot. */
	let { number, tests, gate, testing, kept, pictures }: Props = $props();
	let doing = $state<'set' | 'counted'>();
	const last = $derived(tests.germinations[0]);
	const sleeps = $derived(last?.classes?.dormant ?? false);
	const on = (day: string) => dayMonth(day, session.today);
	const toggle = (what: 'set' | 'counted') => (doing = doing === what ? undefined : what);
	function saved() {
		doing = undefined;
		kept();
	}
</script>

<section>
	<h2 class="ruled"><Term of="germination" /></h2>
	{#if session.works}
		<div class="my-3 flex flex-wrap gap-3">
			<Act main={tests.running.length === 0} key="g" onclick={() => toggle('set')}>Set a test</Act>
			<Act onclick={() => toggle('counted')}>Counted already</Act>
		</div>
	{/if}
	{#if doing === 'set'}
		<Sheet title="Set a test"><SetForm {number} {testing} {sleeps} kept={saved} /></Sheet>
	{:else if doing === 'counted'}
		<Sheet title="A test that was counted"><GerminationForm {number} kept={saved} /></Sheet>
	{/if}
	{#if tests.compared && tests.germinations.length > 1}
		<p class="mb-2">
			{#if tests.compared.compatible}
				The last two tests lie {tenth(tests.compared.points)} points apart: no more than chance explains.
			{:else}
				<b>The last two tests lie {tenth(tests.compared.points)} points apart: chance hardly explains it.</b>
				It went down in store, or one of them went wrong.
			{/if}
		</p>
	{/if}
	{#if sleeps}
		<p class="caution mb-2">
			{tenth(last.classes!.fresh)} % of the seed is sound but sleeps. {testing.dormancyTreatment.startsWith(
				'none'
			)
				? `Let it lie a few weeks and test again; against sleep this crop’s test knows ${testing.dormancyTreatment}.`
				: `Test again with its treatment: ${testing.dormancyTreatment || 'chill, light or dry warmth'}.`}
			What might wake does not count for a sale.
		</p>
	{/if}
	<table class="figures">
		<tbody>
			{#each tests.germinations as test (test.id)}
				{@const result = test.result!}
				{@const called = `the test of ${on(test.countedOn!)}`}
				<tr>
					<th scope="row"
						>{on(test.countedOn!)}<br /><span class="beside"
							>{size(test)}{test.treatment ? `, ${test.treatment}` : ''}</span
						></th
					>
					<td class="num"><b>{result.reported} %</b></td>
					<td>
						{#if result.acceptable}
							{range(result)}, 95 times in 100
						{:else}
							<Mark state="tight" label="disagree" />
							{plain(result.range)} points apart, {plain(result.toleratedRange)} are allowed: test again
						{/if}
						<span class="beside block"
							>{test.counts.join(', ')}{test.classes ? `; ${became(test.classes)}` : ''}{test.firstOn
								? `; ${Math.round((100 * test.firstCounts.reduce((sum, one) => sum + one, 0)) / result.seeds)} % at the first count`
								: ''}{test.note ? `; ${test.note}` : ''}</span
						>
						{@render pictures(test.id, called)}
						<Correct what={called}>
							{#snippet children(done)}
								<GerminationForm {number} {test} kept={() => (done(), kept())} />
							{/snippet}
						</Correct>
					</td>
				</tr>
			{:else}
				<tr><td class="text-soft">Not tested yet.</td></tr>
			{/each}
			{#each tests.spoilt as test (test.id)}
				<tr
					><th scope="row">{on(test.setOn)}<br /><span class="beside">{size(test)}</span></th><td class="num"
						>–</td
					><td class="beside">spoilt: {test.spoilt}</td></tr
				>
			{/each}
		</tbody>
	</table>
	{#if gate.chance !== undefined && last}
		<p class="mt-2 text-sm text-soft">
			Chance that the whole lot is truly at {gate.standard} % or better: {percent(gate.chance)}, from the last
			sample alone. Seedlings misjudged and lots unevenly mixed come on top.
		</p>
	{/if}
	{#if tests.pureLiveSeed !== undefined}
		<p class="text-sm text-soft">Pure live seed: {tenth(tests.pureLiveSeed)} % of the weight.</p>
	{/if}
</section>
