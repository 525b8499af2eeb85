<script module lang="ts">
	/** What a field is called, and how this page and the other person have it. */
	export interface Row {
		label: string;
		mine: string;
		theirs: string;
	}
</script>

<script lang="ts">
	import type { Attempt } from './attempt.svelte';

	interface Props {
		attempt: Attempt;
		rows: (theirs: Record<string, unknown>) => Row[];
		keepMine: (version: number) => void;
		takeTheirs: () => void;
	}
	let { attempt, rows, keepMine, takeTheirs }: Props = $props();
	const theirs = $derived(
		attempt.problem?.status === 409
			? (attempt.problem.current as Record<string, unknown> | undefined)
			: undefined
	);
	const differing = $derived(theirs ? rows(theirs).filter((row) => row.mine !== row.theirs) : []);
</script>

{#if theirs}
	<section role="alert" class="border-2 border-alarm bg-paper p-4">
		<h2>Somebody else changed this while you had it open</h2>
		<p class="mt-1 text-soft">
			Neither version is lost. Choose which stands; the other is kept as a correction.
		</p>
		<table class="figures mt-3">
			<thead>
				<tr><th scope="col">what</th><th scope="col">yours</th><th scope="col">theirs</th></tr>
			</thead>
			<tbody>
				{#each differing as row (row.label)}
					<tr>
						<th scope="row">{row.label}</th>
						<td class="font-semibold">{row.mine}</td>
						<td class="font-semibold">{row.theirs}</td>
					</tr>
				{/each}
			</tbody>
		</table>
		<div class="mt-4 flex flex-wrap gap-3">
			<button type="button" class="btn btn-primary" onclick={() => keepMine(Number(theirs.version))}
				>Save mine</button
			>
			<button type="button" class="btn btn-secondary" onclick={takeTheirs}>Take theirs</button>
		</div>
	</section>
{/if}
