<script lang="ts">
	import { ask, GET, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import { Latest } from '$lib/form/latest.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { refusal } from '$lib/form/refusal';
	import { maybeNumberIn } from '$lib/form/typed';
	import Mark from '$lib/mark/Mark.svelte';
	import { ofPopulation, ofVerdict } from '$lib/mark/mark';
	import { digits, numberTyped, written } from '$lib/units/units';
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
	let value = $state('');
	let reason = $state('');
	const attempt = new Attempt();
	const changes = new Latest<Schemas['Consequence'][]>();

	function choose(figure: Figure) {
		chosen = figure;
		value = written(figure.own ?? figure.general);
		reason = '';
		changes.forget();
	}
	function tried() {
		const typed = numberTyped(value);
		if (!chosen || (value.trim() !== '' && Number.isNaN(typed))) return;
		const query = value.trim() === '' ? {} : { value: typed };
		const path = { key: crop, figure: chosen.figure };
		void changes.ask(ask(GET('/api/crops/{key}/figures/{figure}/changes', { params: { path, query } })));
	}
	function keep(figure: Figure) {
		void attempt.run(async () => {
			const path = { key: crop, figure: figure.figure };
			const body = { value: maybeNumberIn('value', value), version: figure.version, reason };
			await ask(PUT('/api/crops/{key}/figures/{figure}', { params: { path }, body }));
			chosen = undefined;
			kept();
		});
	}
	const said = (figure: Figure, number: number | undefined) =>
		number === undefined ? 'none' : `${digits(number, 4)} ${figure.unit.replace('C d', '°C d')}`;
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
	{#if chosen}
		{@const figure = chosen}
		<form
			class="mt-4 grid gap-4 border-l-4 border-marigold bg-paper p-5"
			onsubmit={(event) => {
				event.preventDefault();
				keep(figure);
			}}
		>
			<TextField
				label="{FIGURE[figure.figure]}, on this farm"
				name="value"
				{attempt}
				bind:value
				oninput={tried}
				inputmode="decimal"
				unit={figure.unit.replace('C d', '°C d')}
				hint="empty: the general figure rules again"
			/>
			<TextField label="Why" name="reason" {attempt} bind:value={reason} hint="what it rests on" />
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
			<Trouble {attempt} labels={{ value: FIGURE[figure.figure], reason: 'Why' }} />
			<div class="flex gap-3">
				<Act main type="submit" disabled={attempt.busy}>Save</Act>
				<Act onclick={() => (chosen = undefined)}>Leave it</Act>
			</div>
		</form>
	{/if}
</section>
