<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { mass, percent, tenth } from '$lib/units/units';
	import Changes from './Changes.svelte';

	interface Props {
		seen: Schemas['StepTried'];
		/** How the farm's other lots fared here. */
		own?: Schemas['StepShare'];
	}
	/** What the rules say of a step while it is typed. */
	let { seen, own }: Props = $props();
	const step = $derived(seen.step);
	const FAR = { BELOW: 'less', ABOVE: 'more' } as const;
</script>

<p>
	<strong class="text-xl">{percent(step.share ?? 0)}</strong> recovery: mass out of mass in.
	{#if step.unaccounted !== undefined}
		<span class={[step.alarm ? 'font-bold text-alarm' : 'text-soft']}>
			{tenth(step.unaccounted)} % is neither seed nor weighed as something else{step.alarm
				? ': more than a scale explains.'
				: '.'}
		</span>
	{:else}
		<span class="text-soft"
			>Water leaves here; without moistures measured it cannot be said whether seed did.</span
		>
	{/if}
</p>
{#if own && (seen.place === 'BELOW' || seen.place === 'ABOVE')}
	<p class="font-bold text-alarm">
		Far {FAR[seen.place]} than your other lots gave here: half of them gave {percent(own.median)} or {FAR[
			seen.place
		]}, of {own.steps}. Was it weighed right, was it set right?
	</p>
{/if}
<Changes changes={seen.changes} />
{#if seen.meant !== undefined && step.massOut !== undefined}
	<p class="font-bold text-alarm">
		{mass(step.massOut, session.units)} would be unheard of here. Was it {mass(seen.meant, session.units)}?
	</p>
{/if}
