<script lang="ts">
	import Draft from '$lib/form/Draft.svelte';
	import { ask, POST } from '$lib/api/api';
	import { here } from '$lib/rows/here';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import ChoiceField from '$lib/form/ChoiceField.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { countIn, numberIn } from '$lib/form/typed';

	let { number, kept }: { number: string; kept: () => void } = $props();
	const attempt = new Attempt();
	let weighedOn = $state(session.today);
	let way = $state<'hundreds' | 'all'>('hundreds');
	let grams = $state(['', '', '', '', '', '', '', '']);
	let counted = $state('');
	let all = $state('');
	const LABELS = {
		weighedOn: 'Weighed on',
		grams: 'Weights',
		counted: 'Seeds counted',
		'grams[0]': 'They weigh'
	};

	function keep(event: SubmitEvent) {
		event.preventDefault();
		void attempt.run(async () => {
			await ask(
				POST('/api/lots/{number}/seed-weight', {
					params: { path: { number } },
					body: {
						weighedOn,
						...(way === 'all'
							? { counted: countIn('counted', counted), grams: [numberIn('grams[0]', all)] }
							: {
									grams: grams.flatMap((one, i) => (one.trim() === '' ? [] : [numberIn(`grams[${i}]`, one)]))
								})
					},
					...here(`weight of the seed of ${number}`)
				})
			);
			kept();
		});
	}
</script>

<form class="grid gap-4" onsubmit={keep}>
	<Draft of="weight" {attempt} />
	<TextField label={LABELS.weighedOn} name="weighedOn" needed type="date" {attempt} bind:value={weighedOn} />
	<ChoiceField
		label="How"
		name="way"
		{attempt}
		bind:value={way}
		choices={[
			{ value: 'hundreds', label: 'hundreds, weighed apart' },
			{ value: 'all', label: 'all of it, counted: there is too little' }
		]}
	/>
	{#if way === 'all'}
		<div class="grid gap-4 sm:grid-cols-2">
			<TextField label={LABELS.counted} name="counted" {attempt} bind:value={counted} inputmode="numeric" />
			<TextField
				label={LABELS['grams[0]']}
				name="grams[0]"
				{attempt}
				bind:value={all}
				inputmode="decimal"
				unit="g"
			/>
		</div>
	{:else}
		<fieldset>
			<legend class="mb-1 text-sm font-semibold">100 seeds weigh, in grams</legend>
			<div class="grid grid-cols-4 gap-3">
				{#each grams.keys() as i (i)}
					<input
						class={['input w-full text-right', attempt.problem?.field === `grams[${i}]` && 'input-error']}
						inputmode="decimal"
						aria-label="Weight {i + 1} of 100 seeds, grams"
						aria-invalid={attempt.problem?.field === `grams[${i}]`}
						bind:value={grams[i]}
					/>
				{/each}
			</div>
			<p class="mt-1 text-sm text-soft">
				Eight make a full test; two are the least. Draw them from the mixed lot.
			</p>
		</fieldset>
	{/if}
	<Trouble {attempt} labels={LABELS} />
	<div><Act main type="submit" disabled={attempt.busy}>Save weights</Act></div>
</form>
