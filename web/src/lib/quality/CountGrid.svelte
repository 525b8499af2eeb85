<script lang="ts">
	import type { Attempt } from '$lib/form/attempt.svelte';
	import { CLASSES, tallied, untold, type Counted, type SeedClass } from './counting';

	interface Props {
		rows: Counted[];
		perReplicate: number;
		/** Whether only normal seedlings are counted, as at the first count. */
		normalOnly: boolean;
		/** Normal seedlings that were taken out at the first count. */
		before?: number[];
		attempt: Attempt;
	}
	let { rows = $bindable(), perReplicate, normalOnly, before = [], attempt }: Props = $props();

	const classes = $derived(normalOnly ? CLASSES.slice(0, 1) : CLASSES);
	let grid = $state<HTMLTableElement>();
	let replicate = $state(0);
	let done: { replicate: number; name: SeedClass }[] = $state([]);

	const refused = (name: SeedClass, i: number) =>
		attempt.problem?.field === `${name === 'normal' ? 'counts' : name}[${i}]`;

	/** Arrows and Enter walk the grid, so that no hand leaves the keys. */
	function walk(event: KeyboardEvent, i: number, k: number) {
		const step = {
			ArrowUp: [-1, 0],
			ArrowDown: [1, 0],
			Enter: k + 1 < classes.length ? [0, 1] : [1, -k]
		}[event.key];
		if (!step) return;
		const at = grid?.querySelector<HTMLInputElement>(`[data-at="${i + step[0]}.${k + step[1]}"]`);
		if (at) {
			event.preventDefault();
			at.focus();
			at.select();
		} else if (event.key !== 'Enter') {
			event.preventDefault();
		}
	}

	function tally(name: SeedClass) {
		rows[replicate] = tallied(rows[replicate], name, 1);
		done.push({ replicate, name });
	}
	function undo() {
		const last = done.pop();
		if (last) rows[last.replicate] = tallied(rows[last.replicate], last.name, -1);
	}
	function pressed(event: KeyboardEvent) {
		if (event.ctrlKey || event.metaKey || event.altKey) return;
		const one = classes.find(({ key }) => key === event.key.toLowerCase());
		if (one) tally(one.name);
		else if (event.key === 'Backspace') undo();
		else if (/^[1-9]$/.test(event.key) && Number(event.key) <= rows.length) replicate = Number(event.key) - 1;
		else return;
		event.preventDefault();
		event.stopPropagation();
	}
</script>

<div class="overflow-x-auto">
	<table class="figures" bind:this={grid}>
		<thead>
			<tr>
				<th scope="col">of each {perReplicate}</th>
				{#each classes as one (one.name)}<th scope="col" class="text-right!" title={one.hint}>{one.label}</th
					>{/each}
				<th scope="col" class="text-right!">not told of</th>
			</tr>
		</thead>
		<tbody>
			{#each rows as row, i (i)}
				{@const left = untold(row, perReplicate)}
				<tr>
					<th scope="row"
						>{rows.length === 1 ? 'sheet' : `replicate ${i + 1}`}{#if before[i] !== undefined}<br /><span
								class="beside">{before[i]} at the first count</span
							>{/if}</th
					>
					{#each classes as one, k (one.name)}
						<td class="text-right!">
							<input
								class={['input w-20 text-right', refused(one.name, i) && 'input-error']}
								inputmode="numeric"
								autocomplete="off"
								data-at="{i}.{k}"
								aria-label="{one.label} {one.name === 'normal' ? 'seedlings ' : ''}of {rows.length === 1
									? 'the sheet'
									: `replicate ${i + 1}`}"
								aria-invalid={refused(one.name, i)}
								bind:value={rows[i][one.name]}
								onfocus={() => (replicate = i)}
								onkeydown={(event) => walk(event, i, k)}
							/>
						</td>
					{/each}
					<td class={['num', left < 0 && 'font-bold text-error']}>{left}</td>
				</tr>
			{/each}
		</tbody>
	</table>
</div>

<!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions -->
<div
	class="tally"
	role="group"
	aria-label="Count seed by seed, replicate {replicate + 1}"
	tabindex="0"
	onkeydown={pressed}
>
	<p class="text-sm text-soft">
		Seed by seed: come here with Tab, then a key for each. Backspace takes the last back{rows.length > 1
			? `; 1 to ${rows.length} chooses the replicate`
			: ''}.
	</p>
	<div class="flex flex-wrap items-center gap-2">
		<b class="min-w-28">{rows.length === 1 ? 'The sheet' : `Replicate ${replicate + 1}`}</b>
		{#each classes as one (one.name)}
			<button type="button" class="btn btn-secondary" tabindex="-1" onclick={() => tally(one.name)}
				>{one.label}
				{rows[replicate]?.[one.name] || 0}
				<kbd aria-hidden="true" class="font-mono text-xs font-normal">{one.key}</kbd></button
			>
		{/each}
	</div>
</div>

<style>
	.tally {
		display: grid;
		gap: 0.5rem;
		padding: 0.6rem 0.75rem;
		border: 1.5px dashed var(--color-base-300);
	}
	.tally:focus-within,
	.tally:focus-visible {
		border: 1.5px solid var(--color-base-content);
	}
</style>
