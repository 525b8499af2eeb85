<script lang="ts">
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { beginning } from './beginning.svelte';
	import { next, ways } from './firstLot';

	/** Leads whoever begins to the first lot: what is needed now, why, and what comes after it. */
	const all = $derived(beginning.first ? ways(beginning.first, session.today) : []);
	const now = $derived(next(all));
	let opened = $state('');
</script>

{#if beginning.on && all.length}
	<section class="mt-6 max-w-3xl border-l-4 border-marigold bg-paper p-5" aria-labelledby="first-lot">
		<h2 id="first-lot" class="flex flex-wrap items-baseline justify-between gap-x-4">
			Your first lot
			<span class="text-sm font-normal text-soft"
				>{all.filter((way) => way.done).length} of {all.length} done</span
			>
		</h2>
		<ol class="mt-2">
			{#each all as way, i (way.step)}
				{@const open = way === now || opened === way.step}
				<li class="border-t border-line py-2">
					<div class="flex flex-wrap items-baseline gap-x-3">
						<span class={['w-5 text-right', way.done ? 'font-bold' : 'text-soft']} aria-hidden="true"
							>{way.done ? '✓' : i + 1}</span
						>
						{#if open || way.done}
							<strong class={[way.done && 'font-normal']}>{way.what}</strong>
						{:else}
							<button
								type="button"
								class="cursor-pointer py-0.5 text-left text-soft hover:underline"
								aria-expanded="false"
								onclick={() => (opened = way.step)}>{way.what}</button
							>
						{/if}
						{#if way.done}<span class="sr-only">done</span>{/if}
						{#if way.when && !way.done}<span class="text-sm text-soft">{way.when}</span>{/if}
					</div>
					{#if open && !way.done}
						<div class="mt-1 ml-8">
							<p class="mb-3 text-sm text-soft">{way.why}</p>
							{#if way.path}
								<Act main={way === now} href={way.path}>{way.act}</Act>
							{:else}
								<p class="text-sm">First the steps before it.</p>
							{/if}
						</div>
					{/if}
				</li>
			{/each}
		</ol>
		<button type="button" class="mt-3 cursor-pointer text-sm underline" onclick={() => beginning.leave()}>
			I know my way: do not lead me
		</button>
	</section>
{/if}
