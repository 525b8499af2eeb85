<script lang="ts">
	import Term from '$lib/glossary/Term.svelte';
	import { page } from '$app/state';
	import { ask, POST, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import Amend, { type Entry } from '$lib/form/Amend.svelte';
	import { countIn, numberIn } from '$lib/form/typed';
	import Mark from '$lib/mark/Mark.svelte';
	import CountForm from '$lib/quality/CountForm.svelte';
	import GerminationForm from '$lib/quality/GerminationForm.svelte';
	import { known as sureness } from '$lib/lot/moisture';
	import MoistureForm from '$lib/quality/MoistureForm.svelte';
	import SeedWeightForm from '$lib/quality/SeedWeightForm.svelte';
	import SetForm from '$lib/quality/SetForm.svelte';
	import WeevilForm from '$lib/quality/WeevilForm.svelte';
	import { size } from '$lib/quality/words';
	import { here } from '$lib/rows/here';
	import KeptHere from '$lib/rows/KeptHere.svelte';
	import { RowsPage } from '$lib/rows/page.svelte';
	import { lot as lotOf } from '$lib/rows/questions';
	import Loading from '$lib/shell/Loading.svelte';
	import Pictures from '$lib/photo/Pictures.svelte';
	import Page from '$lib/shell/Page.svelte';
	import Tag from '$lib/tag/Tag.svelte';
	import { mass, percent, tenth } from '$lib/units/units';
	import { dayMonth, fullDay } from '$lib/words/dates';
	import { cropWord, weevilsSay } from '$lib/words/words';

	const number = $derived(page.params.number!);
	type Doing =
		| { what: 'set' | 'counted' | 'weight' | 'moisture' | 'weevils' }
		| { what: 'count' | 'germination'; test: Schemas['GerminationView'] }
		| { what: 'wet'; test: Schemas['MoistureView'] };
	let doing = $state<Doing>();
	const rows = $derived(new RowsPage(`/lot/${number}/tests`, lotOf(number)));
	const units = $derived(session.units);
	const on = (day: string) => dayMonth(day, session.today);
	function kept() {
		doing = undefined;
		rows.again();
	}
	const toggle = (what: 'set' | 'counted' | 'weight' | 'moisture' | 'weevils') => () =>
		(doing = doing?.what === what ? undefined : { what });

	const purityEntries = (test?: Schemas['PurityView']): Entry[] => [
		{ name: 'testedOn', label: 'Tested on', value: test?.testedOn ?? session.today, type: 'date' },
		{ name: 'initial', label: 'Sample, g', value: String(test?.initial ?? ''), type: 'number' },
		{ name: 'pure', label: 'Pure seed, g', value: String(test?.pure ?? ''), type: 'number' },
		{ name: 'other', label: 'Seed of other crops, g', value: String(test?.other ?? '0'), type: 'number' },
		{ name: 'weed', label: 'Weed seed, g', value: String(test?.weed ?? '0'), type: 'number' },
		{
			name: 'inert',
			label: 'Chaff, soil, broken seed, g',
			value: String(test?.inert ?? '0'),
			type: 'number'
		},
		{ name: 'note', label: 'Which seeds', value: test?.note ?? '' }
	];
	const purityBody = (typed: Record<string, string>) => ({
		testedOn: typed.testedOn,
		initial: numberIn('initial', typed.initial),
		pure: numberIn('pure', typed.pure),
		other: numberIn('other', typed.other),
		weed: numberIn('weed', typed.weed),
		inert: numberIn('inert', typed.inert),
		note: typed.note
	});
	const cutEntries = (test?: Schemas['CutView']): Entry[] => [
		{ name: 'cutOn', label: 'Cut on', value: test?.cutOn ?? session.today, type: 'date' },
		{ name: 'sound', label: 'Full and firm', value: String(test?.sound ?? ''), type: 'number' },
		{ name: 'empty', label: 'Empty', value: String(test?.empty ?? '0'), type: 'number' },
		{ name: 'eaten', label: 'Eaten by insects', value: String(test?.eaten ?? '0'), type: 'number' },
		{ name: 'shrunken', label: 'Shrunken or rotten', value: String(test?.shrunken ?? '0'), type: 'number' },
		{ name: 'note', label: 'Note', value: test?.note ?? '' }
	];
	const cutBody = (typed: Record<string, string>) => ({
		cutOn: typed.cutOn,
		sound: countIn('sound', typed.sound),
		empty: countIn('empty', typed.empty),
		eaten: countIn('eaten', typed.eaten),
		shrunken: countIn('shrunken', typed.shrunken),
		note: typed.note
	});
	const growOutEntries = (test?: Schemas['GrowOutView']): Entry[] => [
		{ name: 'sownOn', label: 'Sown on', value: test?.sownOn ?? '', type: 'date' },
		{ name: 'examinedOn', label: 'Looked at on', value: test?.examinedOn ?? session.today, type: 'date' },
		{ name: 'plants', label: 'Plants looked at', value: String(test?.plants ?? ''), type: 'number' },
		{ name: 'offTypes', label: 'Off-types among them', value: String(test?.offTypes ?? '0'), type: 'number' },
		{ name: 'note', label: 'What they looked like', value: test?.note ?? '' }
	];
	const growOutBody = (typed: Record<string, string>) => ({
		sownOn: typed.sownOn,
		examinedOn: typed.examinedOn,
		plants: countIn('plants', typed.plants),
		offTypes: countIn('offTypes', typed.offTypes),
		note: typed.note
	});
	const plain = (value: number) => String(Math.round(value * 10) / 10);
	const range = (result: Schemas['GerminationTest']) =>
		`${Math.round(result.lower)} to ${Math.round(result.upper)} %`;
	/** What became of those that make no plant; classes nobody was in are left out. */
	const became = (classes: Schemas['SeedlingClasses']) =>
		(['abnormal', 'hard', 'fresh', 'dead'] as const)
			.filter((one) => classes[one] > 0)
			.map((one) => `${one} ${plain(classes[one])} %`)
			.join(', ') || 'all normal';
	const list = (typed: string) =>
		typed
			.trim()
			.split(/[;\s]+/)
			.map((one, i) => numberIn(`grams[${i}]`, one));
</script>

{#snippet correct(name: string, act: () => void)}
	{#if session.works}<button
			type="button"
			class="cursor-pointer text-sm text-soft underline"
			aria-label="Correct {name}"
			onclick={act}>correct</button
		>{/if}
{/snippet}

{#snippet sheet(title: string, what: Doing['what'], form: import('svelte').Snippet)}
	{#if doing?.what === what}
		<div class="my-4 max-w-3xl border-l-4 border-marigold bg-paper p-5">
			<h3 class="mb-4 font-semibold">{title}</h3>
			{@render form()}
		</div>
	{/if}
{/snippet}

<Loading from={rows.found}>
	{#snippet children({ known, testing, photos })}
		{#snippet pictures(id: string, what: string)}
			<div class="my-2"><Pictures of={id} {what} ids={photos?.[id]} taken={rows.again} small /></div>
		{/snippet}
		{@const { lot, variety, tests, gate } = known}
		{@const germination = tests.germinations[0]}
		{@const sleeps = germination?.classes?.dormant ?? false}
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

			<KeptHere arrived={rows.again} />
			{#each tests.running as test (test.id)}
				{@const due = test.firstOn || session.today >= test.finalDue ? test.finalDue : test.firstDue}
				<section class="mb-5 border-l-4 border-marigold bg-paper p-5">
					<h2 class="mb-1">
						{size(test)}, set {on(test.setOn)}: {session.today >= due ? 'to be counted' : `count ${on(due)}`}
					</h2>
					<p class="text-sm text-soft">
						First count {fullDay(test.firstDue)}{test.firstOn
							? `: done ${on(test.firstOn)}, ${test.firstCounts.join(', ')} normal`
							: ''}; last {fullDay(test.finalDue)}{test.treatment ? `; treated: ${test.treatment}` : ''}.
					</p>
					{@render pictures(test.id, `the test of ${on(test.setOn)}`)}
					{#if session.works}
						{#if doing?.what === 'count' && doing.test.id === test.id}
							<div class="mt-4"><CountForm {test} {kept} /></div>
						{:else}
							<div class="mt-3 flex flex-wrap items-center gap-4">
								<Act main key="c" onclick={() => (doing = { what: 'count', test })}>Count it</Act>
								<Amend
									what="the test of {on(test.setOn)}"
									act="it was spoilt"
									entries={[{ name: 'why', label: 'What happened to it', value: '' }]}
									save={(typed) =>
										ask(
											POST('/api/germination/{id}/spoilt', {
												params: { path: { id: test.id } },
												body: { why: typed.why },
												...here(`a test of ${number} was spoilt`)
											})
										)}
									done={kept}
								/>
							</div>
						{/if}
					{/if}
				</section>
			{/each}

			<div class="grid items-start gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,1.25fr)_minmax(0,1fr)]">
				<section>
					<h2 class="ruled"><Term of="germination" /></h2>
					{#if session.works}
						<div class="my-3 flex flex-wrap gap-3">
							<Act main={tests.running.length === 0} key="g" onclick={toggle('set')}>Set a test</Act>
							<Act onclick={toggle('counted')}>Counted already</Act>
						</div>
					{/if}
					{#snippet set()}<SetForm {number} {testing} {sleeps} {kept} />{/snippet}
					{@render sheet('Set a test', 'set', set)}
					{#snippet counted()}<GerminationForm {number} {kept} />{/snippet}
					{@render sheet('A test that was counted', 'counted', counted)}
					{#if tests.compared && tests.germinations.length > 1}
						<p class="mb-2">
							{#if tests.compared.compatible}
								The last two tests lie {tenth(tests.compared.points)} points apart: no more than chance explains.
							{:else}
								<b
									>The last two tests lie {tenth(tests.compared.points)} points apart: chance hardly explains it.</b
								>
								It went down in store, or one of them went wrong.
							{/if}
						</p>
					{/if}
					{#if sleeps}
						<p class="caution mb-2">
							{tenth(germination.classes!.fresh)} % of the seed is sound but sleeps. {testing.dormancyTreatment.startsWith(
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
										{@render pictures(test.id, `the test of ${on(test.countedOn!)}`)}
										{@render correct(`the test of ${on(test.countedOn!)}`, () => {
											doing = { what: 'germination', test };
										})}
										{#if doing?.what === 'germination' && doing.test.id === test.id}
											<div class="my-3 border-l-4 border-marigold bg-paper p-4 text-left">
												<GerminationForm {number} {test} {kept} />
											</div>
										{/if}
									</td>
								</tr>
							{:else}
								<tr><td class="text-soft">Not tested yet.</td></tr>
							{/each}
							{#each tests.spoilt as test (test.id)}
								<tr
									><th scope="row">{on(test.setOn)}<br /><span class="beside">{size(test)}</span></th><td
										class="num">–</td
									><td class="beside">spoilt: {test.spoilt}</td></tr
								>
							{/each}
						</tbody>
					</table>
					{#if gate.chance !== undefined && germination}
						<p class="mt-2 text-sm text-soft">
							Chance that the whole lot is truly at {gate.standard} % or better: {percent(gate.chance)}, from
							the last sample alone. Seedlings misjudged and lots unevenly mixed come on top.
						</p>
					{/if}
					{#if tests.pureLiveSeed !== undefined}
						<p class="text-sm text-soft">Pure live seed: {tenth(tests.pureLiveSeed)} % of the weight.</p>
					{/if}
				</section>

				<div class="grid gap-8">
					<section>
						<h2 class="ruled"><Term of="tsw" /></h2>
						{#if session.works}<div class="my-3">
								<Act key="w" onclick={toggle('weight')}>Weigh 100 seeds</Act>
							</div>{/if}
						{#snippet weight()}<SeedWeightForm {number} {kept} />{/snippet}
						{@render sheet('Thousand-seed weight', 'weight', weight)}
						<table class="figures">
							<tbody>
								{#each tests.seedWeights as test (test.id)}
									<tr>
										<th scope="row">{on(test.weighedOn)}</th>
										<td class="num"><b>{mass(test.result.thousandSeedWeight, units)}</b></td>
										<td class="beside"
											>{Math.round(test.result.seedsPerGram)} a gram; {test.counted
												? `all ${test.counted} seeds counted`
												: test.result.accepted
													? `weights spread ${tenth(test.result.cv)} %`
													: `weights spread ${tenth(test.result.cv)} %, ${test.result.limit} % is allowed: weigh 8 more`}
											{#if session.works}<Amend
													what="the weights of {on(test.weighedOn)}"
													version={test.version}
													entries={[
														{ name: 'weighedOn', label: 'Weighed on', value: test.weighedOn, type: 'date' },
														{
															name: 'grams',
															label: test.counted ? `${test.counted} seeds weigh, g` : '100 seeds weigh, g',
															value: test.grams.join(' '),
															hint: 'one after the other, a space between'
														}
													]}
													save={(typed, made) =>
														ask(
															PUT('/api/seed-weights/{id}', {
																params: { path: { id: test.id } },
																body: {
																	weighedOn: typed.weighedOn,
																	grams: list(typed.grams),
																	counted: test.counted,
																	...made
																}
															})
														)}
													done={kept}
												/>{/if}</td
										>
									</tr>
								{:else}
									<tr><td class="text-soft">Not weighed yet.</td></tr>
								{/each}
							</tbody>
						</table>
					</section>

					<section>
						<h2 class="ruled"><Term of="moisture">Moisture</Term></h2>
						{#if session.works}<div class="my-3">
								<Act key="m" onclick={toggle('moisture')}>Measure moisture</Act>
							</div>{/if}
						{#snippet wet()}<MoistureForm {number} {kept} />{/snippet}
						{@render sheet('Moisture', 'moisture', wet)}
						<table class="figures">
							<tbody>
								{#each tests.moistures as test (test.id)}
									<tr>
										<th scope="row"
											>{on(test.measuredOn)}<br /><span class="beside"
												>{test.dishes.length ? 'oven' : 'meter'}</span
											></th
										>
										<td class="num"><b>{tenth(test.result.moisture)} %</b></td>
										<td class="beside"
											>{test.agrees
												? `within ${tenth(test.result.apart)} points`
												: `${tenth(test.result.apart)} points apart: mix it and measure again`}
											{@render correct(`the moisture of ${on(test.measuredOn)}`, () => {
												doing = { what: 'wet', test };
											})}
											{#if doing?.what === 'wet' && doing.test.id === test.id}
												<div class="my-3 border-l-4 border-marigold bg-paper p-4 text-left">
													<MoistureForm {number} {test} {kept} />
												</div>
											{/if}
										</td>
									</tr>
								{:else}
									<tr
										><td class="text-soft"
											>{known.moisture === undefined
												? 'Never measured, and not known by its weights or by the air it stands in.'
												: `Never measured in a test; ${tenth(known.moisture.percent)} %, ${sureness(known.moisture)}.`}</td
										></tr
									>
								{/each}
							</tbody>
						</table>
					</section>

					<section>
						<h2 class="ruled"><Term of="purity">Purity</Term></h2>
						{#if session.works}<div class="my-3">
								<Amend
									what="purity"
									act="sort a sample"
									asAct
									entries={purityEntries()}
									save={(typed) =>
										ask(
											POST('/api/lots/{number}/purity', {
												params: { path: { number } },
												body: purityBody(typed),
												...here(`purity of ${number}`)
											})
										)}
									done={kept}
								/>
							</div>{/if}
						<table class="figures">
							<tbody>
								{#each tests.purities as test (test.id)}
									<tr>
										<th scope="row">{on(test.testedOn)}</th>
										<td class="num"><b>{test.result.pure} %</b></td>
										<td class="beside"
											>{test.result.valid
												? `other crops ${test.result.other}, weeds ${test.result.weed}, inert ${test.result.inert} %`
												: `the parts differ from the sample by ${tenth(Math.abs(test.result.weightChange))} %, ${test.result.changeAllowed} % is allowed: sort another`}{test.note
												? `; ${test.note}`
												: ''}
											{@render pictures(test.id, `the purity of ${on(test.testedOn)}`)}
											{#if session.works}<Amend
													what="the purity of {on(test.testedOn)}"
													version={test.version}
													entries={purityEntries(test)}
													save={(typed, made) =>
														ask(
															PUT('/api/purity/{id}', {
																params: { path: { id: test.id } },
																body: { ...purityBody(typed), ...made }
															})
														)}
													done={kept}
												/>{/if}</td
										>
									</tr>
								{:else}
									<tr><td class="text-soft">Not tested: {known.purity} % is taken where it is needed.</td></tr
									>
								{/each}
							</tbody>
						</table>
					</section>

					<section>
						<h2 class="ruled">Cut open</h2>
						{#if session.works}<div class="my-3">
								<Amend
									what="seed"
									act="cut some open"
									asAct
									entries={cutEntries()}
									save={(typed) =>
										ask(
											POST('/api/lots/{number}/cut', {
												params: { path: { number } },
												body: cutBody(typed),
												...here(`seeds of ${number} cut open`)
											})
										)}
									done={kept}
								/>
							</div>{/if}
						<table class="figures">
							<tbody>
								{#each tests.cuts as test (test.id)}
									<tr>
										<th scope="row">{on(test.cutOn)}</th>
										<td class="num"><b>{percent(test.result.share)}</b></td>
										<td class="beside"
											>full, of {test.result.seeds}; {percent(test.result.lower)} to {percent(
												test.result.upper
											)}
											{@render pictures(test.id, `the cut of ${on(test.cutOn)}`)}
											{#if session.works}<Amend
													what="the cut of {on(test.cutOn)}"
													version={test.version}
													entries={cutEntries(test)}
													save={(typed, made) =>
														ask(
															PUT('/api/cuts/{id}', {
																params: { path: { id: test.id } },
																body: { ...cutBody(typed), ...made }
															})
														)}
													done={kept}
												/>{/if}</td
										>
									</tr>
								{:else}
									<tr
										><td class="text-soft">It tells full from empty within minutes, not alive from dead.</td
										></tr
									>
								{/each}
							</tbody>
						</table>
					</section>

					<section>
						<h2 class="ruled">Grown out</h2>
						{#if session.works}<div class="my-3">
								<Amend
									what="a sample grown out"
									act="write down a grow-out"
									asAct
									entries={growOutEntries()}
									save={(typed) =>
										ask(
											POST('/api/lots/{number}/grow-outs', {
												params: { path: { number } },
												body: growOutBody(typed),
												...here(`${number} grown out`)
											})
										)}
									done={kept}
								/>
							</div>{/if}
						<table class="figures">
							<tbody>
								{#each tests.growOuts as test (test.id)}
									<tr>
										<th scope="row">{on(test.examinedOn)}</th>
										<td class="num"><b>{test.offTypes} in {test.plants}</b></td>
										<td class="beside"
											>off-types; {percent(test.result.lower)} to {percent(test.result.upper)}{test.note
												? `; ${test.note}`
												: ''}
											{@render pictures(test.id, `the grow-out of ${on(test.examinedOn)}`)}
											{#if session.works}<Amend
													what="the grow-out of {on(test.examinedOn)}"
													version={test.version}
													entries={growOutEntries(test)}
													save={(typed, made) =>
														ask(
															PUT('/api/grow-outs/{id}', {
																params: { path: { id: test.id } },
																body: { ...growOutBody(typed), ...made }
															})
														)}
													done={kept}
												/>{/if}</td
										>
									</tr>
								{:else}
									<tr
										><td class="text-soft"
											>A sample sown beside true plants shows what nobody saw in the rows.</td
										></tr
									>
								{/each}
							</tbody>
						</table>
					</section>

					{#if testing.weevils || known.weevils}
						<section>
							<h2 class="ruled">Weevils</h2>
							{#if session.works}<div class="my-3">
									<Act key="v" onclick={toggle('weevils')}>Look for weevils</Act>
								</div>{/if}
							{#snippet weevils()}<WeevilForm {number} {kept} />{/snippet}
							{@render sheet('Look for weevils', 'weevils', weevils)}
							<table class="figures">
								<tbody>
									{#each tests.weevils as look, i (look.id)}
										<tr>
											<th scope="row">{on(look.lookedOn)}</th>
											<td class="num"
												><b>{look.bored} in {look.seeds}</b>{look.alive ? `, ${look.alive} alive` : ''}</td
											>
											<td class="beside"
												>{i === 0 && known.weevils
													? `up to ${percent(known.weevils.upper)}; ${weevilsSay(known.weevils, units)}${known.weevils.next === 'LOOK_AGAIN' ? `, ${on(known.weevils.due)}` : ''}`
													: ''}
												{@render pictures(look.id, `the look of ${on(look.lookedOn)}`)}
												{#if session.works}<Amend
														what="the look of {dayMonth(look.lookedOn)}"
														version={look.version}
														entries={[
															{ name: 'lookedOn', label: 'Looked on', value: look.lookedOn, type: 'date' },
															{ name: 'seeds', label: 'Seeds', value: String(look.seeds), type: 'number' },
															{ name: 'bored', label: 'Bored', value: String(look.bored), type: 'number' },
															{
																name: 'alive',
																label: 'Living weevils',
																value: String(look.alive),
																type: 'number'
															}
														]}
														save={(typed, made) =>
															ask(
																PUT('/api/weevil-looks/{id}', {
																	params: { path: { id: look.id } },
																	body: {
																		lookedOn: typed.lookedOn,
																		seeds: countIn('seeds', typed.seeds),
																		bored: countIn('bored', typed.bored),
																		alive: countIn('alive', typed.alive),
																		...made
																	}
																})
															)}
														done={kept}
													/>{/if}</td
											>
										</tr>
									{:else}
										<tr><td class="text-soft">Nobody looked yet.</td></tr>
									{/each}
								</tbody>
							</table>
						</section>
					{/if}
				</div>
			</div>
		</Page>
	{/snippet}
</Loading>
