<script lang="ts">
	import { ask, GET, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import Fields from '$lib/form/Fields.svelte';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { figure as number, text } from '$lib/form/kinds';
	import { Latest } from '$lib/form/latest.svelte';
	import { refusal } from '$lib/form/refusal';
	import Mark from '$lib/mark/Mark.svelte';
	import { ofPopulation, ofVerdict } from '$lib/mark/mark';
	import { digits, numberTyped } from '$lib/units/units';
	import { dayMonth } from '$lib/words/dates';
	import { FIGURE, many } from '$lib/words/words';

	type Figure = Schemas['FigureView'];
	interface Props {
		crop: string;
		figures: Figure[];
		kept: () => void;
	}
	/** The figures a farm may know better than the table, and what each changes in the plan. */
	let { crop, figures, kept }: Props = $props();
	let chosen = $state.raw<Figure>();
	const unitOf = (figure: Figure) => figure.unit.replace('C d', '°C d');
	/** The figure as it is changed on this farm. */
	const form = $derived(
		chosen &&
			new Form({
				value: number(`${FIGURE[chosen.figure]}, on this farm`, {
					start: chosen.own ?? chosen.general,
					unit: unitOf(chosen),
					hint: 'empty: the general figure rules again'
				}),
				reason: text('Why', { hint: 'what it rests on' })
			})
	);
	const changes = new Latest<Schemas['Consequence'][]>();

	function choose(figure: Figure) {
		chosen = figure;
		changes.forget();
	}
	function tried() {
		const value = form?.typed.value ?? '';
		const typed = numberTyped(value);
		if (!chosen || (value.trim() !== '' && Number.isNaN(typed))) return;
		const query = value.trim() === '' ? {} : { value: typed };
		const path = { key: crop, figure: chosen.figure };
		void changes.ask(ask(GET('/api/crops/{key}/figures/{figure}/changes', { params: { path, query } })));
	}
	async function keep({ figure, version }: Figure, body: { value?: number; reason: string }) {
		const path = { key: crop, figure };
		await ask(PUT('/api/crops/{key}/figures/{figure}', { params: { path }, body: { ...body, version } }));
		chosen = undefined;
		kept();
	}
	const said = (figure: Figure, number: number | undefined) =>
		number === undefined ? 'none' : `${digits(number, 4)} ${unitOf(figure)}`;
</script>

<section>
	<h2 class="ruled">Your own figures</h2>
	<table class="figures">
		<thead>
			<tr>
				<th scope="col">figure</th>
				<th scope="col" class="text-right!">general</th>
				<th scope="col" class="text-right!">yours</th>
				<th scope="col"></th>
			</tr>
		</thead>
		<tbody>
			{#each figures as figure (figure.figure)}
				{#if figure.general !== undefined}
					<tr>
						<th scope="row"
							>{FIGURE[figure.figure]}{#if figure.own !== undefined}<span class="beside block"
									>{figure.reason}</span
								>{/if}</th
						>
						<td class={['num', figure.own !== undefined && 'text-soft']}>{said(figure, figure.general)}</td>
						<td class="num">{figure.own === undefined ? '' : said(figure, figure.own)}</td>
						<td class="text-right!">
							{#if session.grower}
								<button
									type="button"
									class="cursor-pointer underline"
									aria-label="Change {FIGURE[figure.figure]}"
									onclick={() => choose(figure)}>change</button
								>
							{/if}
						</td>
					</tr>
				{/if}
			{/each}
		</tbody>
	</table>
	{#if chosen && form}
		{@const figure = chosen}
		<FormOf
			{form}
			send={() => keep(figure, form.body())}
			labels={{ value: FIGURE[figure.figure] }}
			class="mt-4 gap-4 border-l-4 border-marigold bg-paper p-5"
		>
			<div oninput={tried}><Fields {form} of={['value']} /></div>
			<Fields {form} of={['reason']} />
			<div aria-live="polite">
				{#if changes.problem}
					<p class="caution">{refusal(changes.problem, FIGURE[figure.figure])}</p>
				{:else if changes.answer}
					<h3 class="font-bold">
						{changes.answer.length === 0
							? 'It changes nothing in the plan of this year and the next.'
							: `It changes ${many(changes.answer.length, 'planting')}`}
					</h3>
					<ul>
						{#each changes.answer as { before, after } (before.id)}
							<li class="border-b border-line py-1.5">
								<strong>{before.variety.name}</strong>
								{before.season}:
								{#if before.isolation && after.isolation}
									{#if before.isolation.verdict !== after.isolation.verdict}
										<Mark {...ofVerdict(before.isolation.verdict)} /> becomes
										<Mark {...ofVerdict(after.isolation.verdict)} />
									{/if}
								{/if}
								{#if before.population && after.population && before.population.mark !== after.population.mark}
									plants <Mark {...ofPopulation(before.population.mark)} /> become
									<Mark {...ofPopulation(after.population.mark)} />
								{/if}
								{#if before.bloom && after.bloom && before.bloom.first !== after.bloom.first}
									blooms from {dayMonth(after.bloom.first)}, not {dayMonth(before.bloom.first)}
								{:else if before.isolation?.verdict === after.isolation?.verdict && before.population?.mark === after.population?.mark}
									other figures, the same verdict
								{/if}
							</li>
						{/each}
					</ul>
				{/if}
			</div>
			{#snippet acts()}<Act onclick={() => (chosen = undefined)}>Leave it</Act>{/snippet}
		</FormOf>
	{/if}
</section>
