<script lang="ts">
	import { ask, POST, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import MassField from '$lib/form/MassField.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { massIn, countIn } from '$lib/form/typed';
	import { mass } from '$lib/units/units';

	interface Props {
		lot: Schemas['Ingredient'];
		/** Whether it is; else nothing of it can stay behind. */
		clean: boolean;
		parted: (parts: Schemas['LotView'][]) => void;
	}
	/** Parts a lot: some of it apart, or all of it into parts alike. */
	let { lot, clean, parted }: Props = $props();

	const attempt = new Attempt();
	let pouredOn = $state(session.today);
	let masses = $state([{ grams: NaN }]);
	let alike = $state('');
	const LABELS = { pouredOn: 'Split on', masses: 'The parts', mass: 'The parts', parts: 'Parts alike' };

	function part(event: SubmitEvent) {
		event.preventDefault();
		void attempt.run(async () =>
			parted(
				await ask(
					POST('/api/lots/{number}/parts', {
						params: { path: { number: lot.number } },
						body: alike
							? { parts: countIn('parts', alike), pouredOn }
							: { masses: masses.map((one, i) => massIn(`masses[${i}]`, one.grams)), pouredOn }
					})
				)
			)
		);
	}
</script>

<form class="grid max-w-2xl gap-4 sm:grid-cols-2" onsubmit={part}>
	<p class="sm:col-span-2">
		There are <strong>{mass(lot.available, session.units)}</strong> that nobody is promised{#if lot.kept > 0}; {mass(
				lot.kept,
				session.units
			)}
			more is kept for own sowing and stays (<a class="quiet" href="/lot/{lot.number}/store"
				>keep less of it</a
			>){/if}. {#if clean}What is not transferred stays under <span class="font-mono">{lot.number}</span
			>.{:else}All of it goes into the parts: it is not clean yet, and what stayed behind would have no steps
			of its own.{/if}
	</p>
	{#if !alike}
		{#each masses as one, i (i)}
			<MassField
				label="Part {i + 1}"
				name="masses[{i}]"
				heavy={lot.available >= 1000}
				{attempt}
				bind:grams={one.grams}
				scale
			/>
		{/each}
		<button
			type="button"
			class="cursor-pointer self-end justify-self-start pb-3 text-sm underline"
			onclick={() => masses.push({ grams: NaN })}>another part</button
		>
	{/if}
	<TextField
		label="Or all of it into parts alike"
		name="parts"
		inputmode="numeric"
		{attempt}
		bind:value={alike}
		hint="how many"
	/>
	<TextField label={LABELS.pouredOn} name="pouredOn" type="date" {attempt} bind:value={pouredOn} />
	<p class="text-sm text-soft sm:col-span-2">
		Each part gets a number of its own and takes over the tests with their dates. Weevils are looked for anew.
	</p>
	<div class="sm:col-span-2"><Trouble {attempt} labels={LABELS} /></div>
	<div><Act main type="submit" disabled={attempt.busy}>Part it</Act></div>
</form>
