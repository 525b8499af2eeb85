<script lang="ts">
	import Act from '$lib/form/Act.svelte';
	import { ask, POST, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import MassField from '$lib/form/MassField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { numberIn } from '$lib/form/typed';
	import { mass, MEASURES, tenth } from '$lib/units/units';
	import { INSTRUMENT } from '$lib/words/words';
	import JoinInstrument from './JoinInstrument.svelte';
	import { joined } from './joined.svelte';
	import { live, type Shown } from './live.svelte';

	const attempt = new Attempt();
	let load = $state('');
	const scale = $derived(live.of('SCALE'));
	const simulated = $derived(live.shown.some((one) => one.simulated));

	$effect(() => live.watch(session.farm?.demo ?? false));

	const use = (body: Schemas['ScaleRequest']) =>
		void attempt.run(() => ask(POST('/api/instruments/scale', { body })));
	function says(one: Shown): string {
		if (one.value === undefined) return 'not heard';
		if (one.kind === 'SCALE') return mass(one.value, session.units);
		if (one.kind === 'HUMIDITY') return `${Math.round(one.value)} %`;
		const warmth = MEASURES.warmth[session.units];
		return `${tenth(warmth.shown(one.value))} ${warmth.unit}`;
	}
</script>

{#if session.farm?.demo || joined.possible}
	<section aria-label="Instruments" class="mb-6 border-y border-line py-2">
		<dl class="flex flex-wrap items-baseline gap-x-7 gap-y-1">
			{#each live.shown as one (one.kind)}
				<div class="flex items-baseline gap-2">
					<dt class="text-sm text-soft">{INSTRUMENT[one.kind]}</dt>
					<dd class={['text-lg font-bold tabular-nums', one.value === undefined && 'text-alarm']}>
						{says(one)}{one.value !== undefined && !one.steady ? ' …' : ''}
					</dd>
				</div>
			{:else}
				{#if session.farm?.demo}
					<div>
						<dt class="text-soft">No instrument is heard</dt>
						<dd>type what you read</dd>
					</div>
				{/if}
			{/each}
		</dl>
		{#if simulated && session.works}
			<details class="mt-1 text-sm">
				<summary class="cursor-pointer text-soft"
					>These are simulated: they measure nothing. Use the simulated scale</summary
				>
				<form
					class="mt-2 flex flex-wrap items-end gap-3"
					onsubmit={(event) => {
						event.preventDefault();
						use({ load: numberIn('load', load) });
					}}
				>
					<MassField label="On the pan" name="load" {attempt} bind:value={load} />
					<Act type="submit" why={load.trim() ? '' : 'Type a weight.'}>Put it on</Act>
					<button type="button" class="btn btn-secondary" onclick={() => use({ tare: true })}
						>Set to nothing</button
					>
					<button
						type="button"
						class="btn btn-secondary"
						onclick={() => use({ plugged: scale?.value === undefined })}
						>{scale?.value === undefined ? 'Plug it in' : 'Unplug it'}</button
					>
				</form>
				<Trouble {attempt} labels={{ load: 'On the pan' }} />
			</details>
		{/if}
		{#if joined.possible && session.works}<JoinInstrument />{/if}
	</section>
{/if}
