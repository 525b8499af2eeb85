<script lang="ts">
	import { countTyped } from '$lib/units/units';
	import type { WalkCount } from './walk.svelte';

	/** The rows of the stand: those walked are dark, the one walked now is marigold. */
	let { count }: { count: WalkCount } = $props();
	const rows = $derived([...Array(count.now.rowsInAll).keys()].map((i) => i + 1));
	let asked = $state(false);

	function counted(typed: string) {
		const rowsInAll = countTyped(typed);
		if (!(rowsInAll >= 1 && rowsInAll <= 400)) return;
		count.set({
			rowsInAll,
			row: Math.min(count.now.row, rowsInAll),
			rows: count.now.rows.filter((row) => row <= rowsInAll)
		});
		asked = false;
	}
</script>

<div class="flex items-stretch gap-1.5">
	<ol class="rows">
		{#each rows as row (row)}
			<li>
				<button
					type="button"
					class={[count.now.rows.includes(row) && 'done', row === count.now.row && 'here']}
					aria-current={row === count.now.row ? 'step' : undefined}
					aria-label="Row {row}{count.now.rows.includes(row) ? ', walked' : ''}"
					onclick={() => count.goTo(row)}>{row}</button
				>
			</li>
		{/each}
	</ol>
	{#if asked}
		<label class="flex items-center gap-1 text-sm">
			rows <input
				class="input w-16"
				inputmode="numeric"
				value={count.now.rowsInAll}
				onchange={(event) => counted(event.currentTarget.value)}
			/>
		</label>
	{:else}
		<button type="button" class="shrink-0 cursor-pointer text-sm underline" onclick={() => (asked = true)}
			>{rows.length} {rows.length === 1 ? 'row' : 'rows'}</button
		>
	{/if}
</div>

<style>
	.rows {
		display: flex;
		gap: 0.3rem;
		flex: 1;
		min-width: 0;
		overflow-x: auto;
		scrollbar-width: none;
	}
	li {
		flex: 1 0 3rem;
		max-width: 5rem;
	}
	.rows button {
		width: 100%;
		min-height: 3.5rem;
		border: 1px solid var(--color-base-content);
		background: var(--color-base-100);
		font-weight: 700;
	}
	.rows .done {
		background: var(--color-base-content);
		color: var(--color-base-100);
	}
	.rows .here {
		background: var(--color-accent);
		color: var(--color-accent-content);
	}
</style>
