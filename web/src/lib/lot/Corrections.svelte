<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { dayMonth, inZone, moment } from '$lib/words/dates';
	import { DAMPNESS, LOOK, MISSING, PICKED_FROM } from '$lib/words/words';

	let { corrections }: { corrections: Schemas['CorrectionView'][] } = $props();
	const FIELD: Record<string, string> = {
		pickedOn: 'picked on',
		mass: 'mass, g',
		plants: 'plants',
		massIn: 'mass in, g',
		massOut: 'mass out, g',
		waterAdded: 'water added, g',
		byProducts: 'removed',
		moistureIn: 'moisture in',
		moistureOut: 'moisture out',
		missingBecause: 'why mass is missing',
		lookedAt: 'looked at',
		offTypes: 'off-types',
		walkedOn: 'walked on',
		counts: 'counts',
		setOn: 'set on',
		countedOn: 'counted on',
		perReplicate: 'seeds in each',
		yearReceived: 'year received',
		sownOn: 'sown on',
		setOutOn: 'set out on',
		breedingOut: 'breeding-out project',
		bredFrom: 'bred out of',
		sheddingSince: 'shed pollen since',
		notFlowered: 'had not flowered',
		stressed: 'freaks of stress',
		bolted: 'bolted early',
		weighedOn: 'weighed on',
		seenOn: 'looked on',
		thrownOut: 'thrown out',
		putOn: 'put on',
		openFlowers: 'open flowers stayed in it',
		takenOff: 'taken off',
		fruitSet: 'the fruit had set',
		lookedOn: 'looked at on',
		missingReason: 'why mass is missing',
		seeds: 'seeds looked at',
		found: 'of them found',
		discarded: 'seed thrown out, g',
		look: 'what was looked at',
		begunAt: 'begun',
		endedAt: 'ended',
		hole: 'holes, mm',
		way: 'how',
		pickedFrom: 'picked from',
		dampness: 'how damp'
	};
	const WORDS: Record<string, Record<string, string>> = {
		look: Object.fromEntries(Object.entries(LOOK).map(([look, { done }]) => [look, done])),
		missingReason: MISSING,
		pickedFrom: PICKED_FROM,
		dampness: DAMPNESS
	};
	const INSTANT = /^\d{4}-\d\d-\d\dT[\d:.]+Z$/;
	function says(field: string, value: string): string {
		if (INSTANT.test(value)) {
			return moment(inZone(value, session.farm?.timeZone ?? 'UTC'), session.now);
		}
		return WORDS[field]?.[value] ?? (value || '–');
	}
</script>

{#if corrections.length > 0}
	<h2 class="ruled mt-8">Corrections</h2>
	<table class="figures">
		<thead>
			<tr
				><th scope="col">what</th><th scope="col">was</th><th scope="col">became</th><th scope="col">why</th
				><th scope="col">by</th></tr
			>
		</thead>
		<tbody>
			{#each corrections as correction, i (i)}
				<tr>
					<th scope="row">{correction.subject}: {FIELD[correction.field] ?? correction.field}</th>
					<td><s>{says(correction.field, correction.was)}</s></td>
					<td class="font-semibold">{says(correction.field, correction.became)}</td>
					<td>{correction.reason || '–'}</td>
					<td class="beside"
						>{correction.recordedBy}, {dayMonth(
							inZone(correction.recordedAt, session.farm?.timeZone ?? 'UTC'),
							session.today
						)}</td
					>
				</tr>
			{/each}
		</tbody>
	</table>
{/if}
