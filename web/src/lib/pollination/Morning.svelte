<script lang="ts">
	import { countTyped } from '$lib/units/units';
	import type { Schemas } from '$lib/api/api';
	import { Attempt } from '$lib/form/attempt.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import { many } from '$lib/words/words';
	import { listed, plantsIn, type Cross } from './pollination';

	interface Props {
		page: Schemas['PollinationPage'];
		crosses: Cross[];
		/** Number of the next tag. */
		tag: string;
		pollinate: (mother: number, fathers: number[], tag: string) => Promise<void>;
	}
	/** This morning: which mothers, with males of which plants; a tap is a flower. */
	let { page, crosses, tag, pollinate }: Props = $props();

	const attempt = new Attempt();
	let nextTag = $derived(tag);
	let other = $state(false);
	let mother = $state('');
	let fathers = $state('');
	const closed = $derived(page.closed.reduce((sum, buds) => sum + buds.females, 0));

	async function done(cross: Cross) {
		await pollinate(cross.mother, cross.fathers, nextTag.trim());
	}
	async function doneOther() {
		await pollinate(countTyped(mother), plantsIn(fathers), nextTag.trim());
		mother = '';
		other = false;
	}
</script>

<section>
	<h2 class="ruled flex items-baseline justify-between gap-3">
		This morning<span class="text-sm font-normal text-soft"
			>{crosses.length ? `${many(crosses.length, 'flower')} left` : ''}</span
		>
	</h2>
	{#if closed === 0}
		<p class="py-2 text-soft">No bud was closed yesterday evening.</p>
	{:else if crosses.length === 0}
		<p class="py-2 font-bold">All closed flowers are pollinated. Close each again and leave its tag on.</p>
	{:else}
		<p class="py-2 text-sm">
			Take males from the plants named, rub each on the flower, close it again, hang the tag. Then tap.
		</p>
		<ul class="grid gap-2">
			{#each crosses as cross, i (i + ' ' + cross.mother)}
				<li>
					<button type="button" class="cross" onclick={() => void done(cross)}>
						<span
							><strong>Plant {cross.mother}</strong><br />with males of {cross.fathers.length > 1
								? 'plants'
								: 'plant'}
							{listed(cross.fathers)}</span
						>
						{#if i === 0}<span class="tag">tag {nextTag}</span>{/if}
					</button>
				</li>
			{/each}
		</ul>
	{/if}
	{#if page.morning.left > 0}
		<p class="caution mt-2">
			{many(page.morning.left, 'female bud')} without a father: no other plant had a male closed.
		</p>
	{/if}
	<div class="mt-3 grid grid-cols-2 items-end gap-3">
		<TextField label="Next tag" name="tag" {attempt} bind:value={nextTag} maxlength={20} />
		<button type="button" class="btn h-12 btn-secondary" onclick={() => (other = !other)}
			>Another cross</button
		>
	</div>
	{#if other}
		<form
			class="mt-3 grid gap-3 border-l-4 border-marigold bg-paper p-4"
			onsubmit={(event) => {
				event.preventDefault();
				void doneOther();
			}}
		>
			<TextField
				label="Mother, plant"
				name="mother"
				{attempt}
				inputmode="numeric"
				required
				needed
				pattern="\d+"
				bind:value={mother}
				hint="1 to {page.planting.plants}"
			/>
			<TextField
				label="Fathers, plants"
				name="fathers"
				{attempt}
				required
				needed
				bind:value={fathers}
				hint="other plants, several: 7, 11, 12"
			/>
			<button type="submit" class="btn h-12 btn-primary">Pollinated, tag {nextTag}</button>
		</form>
	{/if}
</section>

<style>
	.cross {
		width: 100%;
		min-height: 4rem;
		padding: 0.6rem 0.9rem;
		display: flex;
		align-items: center;
		justify-content: space-between;
		gap: 1rem;
		text-align: left;
		border: 1.5px solid var(--color-base-content);
		background: var(--color-base-100);
	}
	.tag {
		font-weight: 700;
		white-space: nowrap;
		background: var(--color-accent);
		color: var(--color-accent-content);
		padding: 0.2rem 0.6rem;
	}
</style>
