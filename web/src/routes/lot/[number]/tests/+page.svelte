<script lang="ts">
	import { page } from '$app/state';
	import { ask, POST, PUT } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Term from '$lib/glossary/Term.svelte';
	import Pictures from '$lib/photo/Pictures.svelte';
	import { cutFields, growOutFields, purityFields } from '$lib/quality/fields';
	import Germinations from '$lib/quality/Germinations.svelte';
	import Moistures from '$lib/quality/Moistures.svelte';
	import Running from '$lib/quality/Running.svelte';
	import Samples from '$lib/quality/Samples.svelte';
	import SeedWeights from '$lib/quality/SeedWeights.svelte';
	import Weevils from '$lib/quality/Weevils.svelte';
	import { range } from '$lib/quality/words';
	import { here } from '$lib/offline/here';
	import KeptHere from '$lib/offline/KeptHere.svelte';
	import { OfflinePage } from '$lib/offline/page.svelte';
	import { lot as lotOf } from '$lib/offline/questions';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import Tag from '$lib/tag/Tag.svelte';
	import { percent, tenth } from '$lib/units/units';
	import { dayMonth } from '$lib/words/dates';
	import { cropWord } from '$lib/words/words';

	const number = $derived(page.params.number!);
	const rows = $derived(new OfflinePage(`/lot/${number}/tests`, lotOf(number)));
	const kept = () => rows.again();
	const on = (day: string) => dayMonth(day, session.today);
	const ofLot = $derived({ params: { path: { number } } });
	const ofTest = ({ id }: { id: string }) => ({ params: { path: { id } } });
	const noted = (note: string) => (note ? `; ${note}` : '');
</script>

<Loading from={rows.found}>
	{#snippet children({ known, testing, photos })}
		{#snippet pictures(id: string, what: string)}
			<div class="my-2"><Pictures of={id} {what} pictures={photos[id]} changed={kept} small /></div>
		{/snippet}
		{@const { lot, variety, tests, gate } = known}
		{@const germination = tests.germinations[0]}
		<Page title="tests" room={{ name: 'Seed room', path: '/seed-room' }}>
			<div class="mb-5 flex flex-wrap items-center gap-x-6 gap-y-3">
				<Tag number={lot.number} size="large" state={lot.hold ? 'crosses' : 'clear'} />
				<p class="min-w-52 flex-1 text-xl font-bold">
					{variety.name}
					<span class="text-base font-normal">{cropWord(variety.cropName)}</span>
				</p>
				{#if germination?.result}
					<p class="sm:text-right">
						<b class="text-3xl">{germination.result.reported} %</b><br />
						<span class="text-sm text-soft"
							>{germination.result.acceptable
								? `${range(germination.result)}, 95 times in 100`
								: 'its replicates disagree'}; the grade needs {gate.standard} %</span
						>
					</p>
				{/if}
			</div>

			<KeptHere arrived={kept} />
			{#each tests.running as test (test.id)}
				<Running {number} {test} {kept} {pictures} />
			{/each}

			<div class="grid items-start gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,1.25fr)_minmax(0,1fr)]">
				<Germinations {number} {tests} {gate} {testing} {kept} {pictures} />
				<div class="grid gap-8">
					<SeedWeights {number} there={tests.seedWeights} {kept} />
					<Moistures {number} there={tests.moistures} moisture={known.moisture} {kept} />
					<Samples
						what="purity"
						act="sort a sample"
						fields={purityFields}
						there={tests.purities}
						says={({ testedOn, result, note }) => ({
							on: on(testedOn),
							figure: `${result.pure} %`,
							more: result.valid
								? `other crops ${result.other}, weeds ${result.weed}, inert ${result.inert} %${noted(note)}`
								: `the parts differ from the sample by ${tenth(Math.abs(result.weightChange))} %, ${result.changeAllowed} % is allowed: sort another${noted(note)}`,
							called: `the purity of ${on(testedOn)}`
						})}
						add={(body) =>
							ask(POST('/api/lots/{number}/purity', { ...ofLot, body, ...here(`purity of ${number}`) }))}
						correct={(test, body) => ask(PUT('/api/purity/{id}', { ...ofTest(test), body }))}
						none="Not tested: {known.purity} % is taken where it is needed."
						{kept}
						{pictures}
					>
						{#snippet title()}<Term of="purity">Purity</Term>{/snippet}
					</Samples>
					<Samples
						what="seed"
						act="cut some open"
						fields={cutFields}
						there={tests.cuts}
						says={({ cutOn, result }) => ({
							on: on(cutOn),
							figure: percent(result.share),
							more: `full, of ${result.seeds}; ${percent(result.lower)} to ${percent(result.upper)}`,
							called: `the cut of ${on(cutOn)}`
						})}
						add={(body) =>
							ask(POST('/api/lots/{number}/cut', { ...ofLot, body, ...here(`seeds of ${number} cut open`) }))}
						correct={(test, body) => ask(PUT('/api/cuts/{id}', { ...ofTest(test), body }))}
						none="It tells full from empty within minutes, not alive from dead."
						{kept}
						{pictures}
					>
						{#snippet title()}Cut open{/snippet}
					</Samples>
					<Samples
						what="a sample grown out"
						act="write down a grow-out"
						fields={growOutFields}
						there={tests.growOuts}
						says={({ examinedOn, offTypes, plants, result, note }) => ({
							on: on(examinedOn),
							figure: `${offTypes} in ${plants}`,
							more: `off-types; ${percent(result.lower)} to ${percent(result.upper)}${noted(note)}`,
							called: `the grow-out of ${on(examinedOn)}`
						})}
						add={(body) =>
							ask(POST('/api/lots/{number}/grow-outs', { ...ofLot, body, ...here(`${number} grown out`) }))}
						correct={(test, body) => ask(PUT('/api/grow-outs/{id}', { ...ofTest(test), body }))}
						none="A sample sown beside true plants shows what nobody saw in the rows."
						{kept}
						{pictures}
					>
						{#snippet title()}Grown out{/snippet}
					</Samples>
					{#if testing.weevils || known.weevils}
						<Weevils {number} there={tests.weevils} said={known.weevils} {kept} {pictures} />
					{/if}
				</div>
			</div>
		</Page>
	{/snippet}
</Loading>
