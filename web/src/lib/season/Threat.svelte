<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Mark from '$lib/mark/Mark.svelte';
	import { ofVerdict } from '$lib/mark/mark';
	import { distance, oneIn, percent } from '$lib/units/units';
	import { capital, cropWord, GRADE, many, WHY } from '$lib/words/words';

	interface Props {
		threat: Schemas['ThreatView'];
		grade: Schemas['PlantingView']['grade'];
		band: number;
	}
	/** One threat: how far, how long together, how much would be crossed, and what decided. */
	let { threat, grade, band }: Props = $props();
	const units = $derived(session.units);
	const volunteers = $derived(threat.source === 'VOLUNTEERS');

	const unknown = $derived(threat.source === 'UNKNOWN');

	function time() {
		if (unknown) return 'What grows there, or when it flowers, is not known: it is taken to cross.';
		if (volunteers) return 'What it shed may come up and flower among them.';
		if (threat.daysTogether > 0) return `They bloom together ${many(threat.daysTogether, 'day')}.`;
		return `Their blooms are ${many(threat.daysApart, 'day')} apart; ${threat.margin} would be sure.`;
	}
</script>

<li class="border-b border-line py-2.5">
	<p class="flex flex-wrap items-baseline gap-x-2">
		<Mark {...ofVerdict(threat.verdict)} /><strong>{threat.name}</strong>
		<span
			>{unknown ? '' : `${cropWord(threat.crop)}, `}{volunteers && threat.metres === 0
				? 'in the same ground'
				: `${distance(threat.metres, units)} away`}</span
		>
	</p>
	<p class="mt-0.5 text-sm text-soft">
		{capital(GRADE[grade])} grade needs {distance(
			threat.asked,
			units
		)}{#if threat.compatibility < 1}&nbsp;from what crosses {percent(threat.compatibility)} as well{/if}. {time()}
		{#if threat.held > 0}Barriers between are assumed to hold back {percent(threat.held)} of the pollen.{/if}
		{#if threat.crossing > 0}
			About <strong class="text-ink">{oneIn(threat.crossing)}</strong> seeds would be crossed (between {oneIn(
				threat.crossing / band
			)} and {oneIn(Math.min(1, threat.crossing * band))}).
		{/if}
		<span class="text-ink"
			>{ofVerdict(threat.verdict).label.replace(/^./, (first) => first.toUpperCase())}: {volunteers &&
			threat.why === 'UNSURE_REPORT'
				? 'it is not known whether they come up'
				: unknown && threat.why === 'TOO_NEAR'
					? 'too near for what is not known'
					: WHY[threat.why]}.</span
		>
		{#if unknown}
			Look over its fence, and note what you see.
		{:else if !threat.sure && threat.why !== 'UNSURE_REPORT'}
			{volunteers ? 'It is not known whether they come up.' : 'The report is not sure: look again.'}
		{/if}
		{#if threat.unkept > threat.crossing}
			Were the promise not kept: about <strong class="text-ink">{oneIn(threat.unkept)}</strong> seeds.
		{/if}
	</p>
</li>
