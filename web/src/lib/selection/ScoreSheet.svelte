<script lang="ts">
	import { onMount } from 'svelte';
	import type { Schemas } from '$lib/api/api';
	import { Attempt } from '$lib/form/attempt.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { store } from '$lib/offline/store';
	import { many } from '$lib/words/words';
	import { marksOf, scaleWords, type Typed } from './selection';

	interface Props {
		/** Under which it is kept on the phone; it ends with being recorded. */
		draft: string;
		traits: Schemas['TraitView'][];
		/** What is scored, in the order it is walked past. */
		subjects: { id: string; name: string }[];
		record: (trait: string, marks: Schemas['Mark'][]) => Promise<void>;
	}
	/** One visit: one trait, plant after plant or plot after plot; each number goes to the next by itself. */
	let { draft, traits, subjects, record }: Props = $props();

	// svelte-ignore state_referenced_locally
	let trait = $state(traits[0]?.id ?? '');
	let typed = $state<Typed>({});
	const chosen = $derived(traits.find((one) => one.id === trait) ?? traits[0]);
	const scored = $derived(marksOf(typed, chosen));

	onMount(async () => {
		const kept = await (await store()).drafts.get(draft);
		if (!kept) return;
		const value = kept.value as { trait: string; typed: Typed };
		trait = value.trait;
		typed = value.typed;
	});

	function keep() {
		const value = $state.snapshot({ trait, typed });
		void store().then((box) => box.drafts.put({ key: draft, value }));
	}
	function next(event: KeyboardEvent & { currentTarget: HTMLInputElement }) {
		if (event.key !== 'Enter') return;
		event.preventDefault();
		const inputs = [...(event.currentTarget.form?.querySelectorAll<HTMLInputElement>('input') ?? [])];
		inputs[inputs.indexOf(event.currentTarget) + 1]?.focus();
	}
	const attempt = new Attempt();
	const done = () =>
		attempt.run(async () => {
			await record(chosen.id, scored.marks);
			typed = {};
		});
</script>

<form
	onsubmit={(event) => {
		event.preventDefault();
		void done();
	}}
>
	<div class="flex flex-wrap items-end gap-4">
		<label class="grid gap-1 text-sm font-semibold">
			Trait
			<select class="select" bind:value={trait} onchange={keep}>
				{#each traits as one (one.id)}<option value={one.id}>{one.name}</option>{/each}
			</select>
		</label>
		<p class="pb-2 text-sm text-soft">{scaleWords(chosen)}. Leave out what is dead or missing.</p>
	</div>
	<ol class="sheet">
		{#each subjects as subject (subject.id)}
			<li>
				<label class={[scored.wrong.includes(subject.id) && 'wrong']}>
					<span>{subject.name}</span>
					<input
						inputmode="decimal"
						autocomplete="off"
						bind:value={typed[subject.id]}
						oninput={keep}
						onkeydown={next}
						aria-invalid={scored.wrong.includes(subject.id)}
					/>
				</label>
			</li>
		{/each}
	</ol>
	{#if scored.wrong.length}
		<p class="mt-2 font-semibold text-alarm">
			{chosen.name} goes from {chosen.low} to {chosen.high}: look at {scored.wrong.length === 1
				? 'the marked number'
				: 'the marked numbers'}.
		</p>
	{/if}
	<Trouble {attempt} />
	{#if scored.marks.length === 0 && scored.wrong.length === 0}<p class="mt-3 text-sm text-soft">
			Score at least one plant.
		</p>{/if}
	<button
		type="submit"
		class="btn mt-3 h-12 btn-primary"
		disabled={attempt.busy || scored.marks.length === 0 || scored.wrong.length > 0}
		>Record {many(scored.marks.length, 'score')}</button
	>
</form>

<style>
	.sheet {
		margin-top: 0.75rem;
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(8.5rem, 1fr));
		gap: 0.4rem;
	}
	label {
		display: flex;
	}
	.sheet label {
		align-items: center;
		justify-content: space-between;
		gap: 0.5rem;
		border: 1px solid var(--soft);
		background: var(--color-base-100);
		padding-left: 0.6rem;
		font-size: var(--text-sm);
	}
	.sheet .wrong {
		border: 2px solid var(--color-error);
	}
	.sheet input {
		width: 3.6rem;
		height: 2.6rem;
		text-align: center;
		font-weight: 700;
		font-size: var(--text-lg);
		border-left: 1px solid var(--color-base-300);
		background: transparent;
	}
</style>
