<script lang="ts">
	import { ask, POST, type Schemas } from '$lib/api/api';
	import { here } from '$lib/offline/here';
	import { Attempt } from '$lib/form/attempt.svelte';
	import MassField from '$lib/form/MassField.svelte';
	import MeasureField from '$lib/form/MeasureField.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { numberIn } from '$lib/form/typed';
	import { live } from '$lib/instruments/live.svelte';

	type Quantity = Schemas['ReadingRequest']['quantity'];
	interface Props {
		step: Schemas['StepView'];
		quantity: Exclude<Quantity, 'STIRRED'>;
		/** What is read, in words. */
		label: string;
		key?: string;
		taken: () => void;
	}
	/** One reading, typed or taken as the instrument shows it. */
	let { step, quantity, label, key, taken }: Props = $props();

	const KIND = { MASS: 'SCALE', MASH: 'MASH', AIR: 'AIR', HUMIDITY: 'HUMIDITY' } as const;
	const attempt = new Attempt();
	let typed = $state('');
	let fromScale = $state(false);
	const instrument = $derived(live.of(KIND[quantity]));
	const shown = $derived(quantity === 'MASS' ? undefined : instrument?.value);

	async function keep(value: number, from?: string) {
		await ask(
			POST('/api/steps/{id}/readings', {
				params: { path: { id: step.id! } },
				body: { quantity, value, ...(from ? { instrument: from } : {}) },
				...here(label, { made: true })
			})
		);
		typed = '';
		taken();
	}
	const note = () =>
		void attempt.run(() => keep(numberIn('value', typed), fromScale ? instrument?.name : undefined));
</script>

<form
	class="grid grid-cols-[minmax(0,1fr)_auto] items-end gap-2"
	onsubmit={(event) => {
		event.preventDefault();
		note();
	}}
>
	{#if quantity === 'MASS'}
		<MassField
			{label}
			name="value"
			{attempt}
			bind:value={typed}
			scale
			scaleKey={key}
			bind:taken={fromScale}
		/>
	{:else if quantity === 'HUMIDITY'}
		<TextField {label} name="value" {attempt} bind:value={typed} inputmode="decimal" unit="%" />
	{:else}
		<MeasureField {label} name="value" {attempt} kind="warmth" bind:value={typed} />
	{/if}
	<button type="submit" class="btn btn-secondary" aria-disabled={attempt.busy}>Note it</button>
	{#if shown !== undefined}
		<button
			type="button"
			class="btn col-span-2 btn-secondary"
			data-key={key}
			aria-disabled={attempt.busy}
			onclick={() => void attempt.run(() => keep(shown, instrument?.name))}
			>Take {shown}
			{quantity === 'HUMIDITY' ? '%' : '°C'} as shown {#if key}<kbd
					aria-hidden="true"
					class="font-mono text-xs font-normal opacity-75 max-md:hidden">{key}</kbd
				>{/if}</button
		>
	{/if}
	<div class="col-span-2"><Trouble {attempt} labels={{ value: label }} /></div>
</form>
