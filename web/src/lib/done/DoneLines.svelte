<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import sentences from '$lib/words/en.done.json';
	import { say, teach } from '$lib/words/say';

	/** What was written down on a day, the last first. */
	let { lines }: { lines: Schemas['DoneLine'][] } = $props();

	teach(sentences);
	/** A field as words: "climate coldest day". */
	const spoken = (field: string) =>
		field.replaceAll('.', ' ').replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`);
	const time = (line: Schemas['DoneLine']) => {
		const [from, to] = [line.from.slice(0, 5), line.to.slice(0, 5)];
		return from === to ? to : `${from} – ${to}`;
	};
</script>

<table class="figures">
	<thead class="max-sm:hidden">
		<tr><th>When</th><th>Who</th><th>What</th><th>Of</th></tr>
	</thead>
	<tbody>
		{#each lines as line, i (i)}
			<tr
				class="max-sm:flex max-sm:flex-wrap max-sm:gap-x-3 max-sm:border-b max-sm:border-line max-sm:py-1 max-sm:[&>td]:border-0 max-sm:[&>td]:py-0.5"
			>
				<td class="whitespace-nowrap tabular-nums">{time(line)}</td>
				<td>{line.by}</td>
				<td class="wrap-anywhere">
					{#if line.corrected.length}
						corrected: {say(`done.${line.kind}`, { count: 1 })}
						<span class="beside block">{line.corrected.map(spoken).join(', ')}; {line.why}</span>
					{:else}
						{say(`done.${line.kind}`, { count: line.count })}
					{/if}
				</td>
				<td class="wrap-anywhere">
					{#if line.lot}
						<a class="quiet font-mono" href="/lot/{line.lot}">{line.lot}</a>
					{:else if line.plantingId}
						<a class="quiet" href="/desk?season={line.season}&planting={line.plantingId}"
							>{line.variety}, {line.season}</a
						>
					{:else}{line.named ?? ''}{/if}
				</td>
			</tr>
		{/each}
	</tbody>
</table>
