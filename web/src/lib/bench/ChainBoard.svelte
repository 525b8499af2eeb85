<script lang="ts">
	import { ask, POST, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { Undo } from '$lib/form/undo.svelte';
	import UndoBar from '$lib/form/UndoBar.svelte';
	import { CHAIN_SCHOOL, STEP } from '$lib/words/words';

	type Kind = Schemas['StepView']['kind'];
	interface Props {
		number: string;
		bench: Schemas['BenchView'];
		cropKey: string;
		/** Whether it is clean and dry enough, so that it need not be dried for the store. */
		dry?: boolean;
		/** Looks up where it could go otherwise. */
		look: () => Promise<Schemas['ChainChoice']>;
		changed: () => void;
	}
	/** The way a lot goes to clean seed: what is done, what comes, and every other way it could go. */
	let { number, bench, cropKey, dry = false, look, changed }: Props = $props();

	const attempt = new Attempt();
	let open = $state(false);
	let turn = $state(0);
	let name = $state('');
	const behind = $derived(bench.chain.slice(0, bench.chain.length - bench.left.length));
	const choices = $derived.by(() => {
		void turn;
		return open ? look() : undefined;
	});
	const same = (steps: Kind[]) => steps.join() === bench.chain.join();

	const undo = new Undo();
	async function lead(steps: Kind[]) {
		await ask(
			PUT('/api/lots/{number}/chain', {
				params: { path: { number } },
				body: { version: (await choices!).version, steps }
			})
		);
		turn++;
		changed();
	}
	const go = (left: Kind[]) =>
		void attempt.run(async () => {
			const before = bench.chain;
			await lead([...behind, ...left]);
			undo.done('It goes another way.', () => lead(before));
		});
	/** Of another chain, what is not behind it yet. */
	function ahead(steps: Kind[]): Kind[] {
		let from = 0;
		for (const done of behind) {
			const at = steps.indexOf(done, from);
			if (at >= 0) from = at + 1;
		}
		return steps.slice(from);
	}
	const without = (i: number) => bench.left.filter((_, at) => at !== i);
	const earlier = (i: number) =>
		bench.left.map((kind, at) => (at === i - 1 ? bench.left[i] : at === i ? bench.left[i - 1] : kind));
	const keep = () =>
		void attempt.run(async () => {
			await ask(
				POST('/api/crops/{key}/chains', {
					params: { path: { key: cropKey } },
					body: { name, steps: bench.chain }
				})
			);
			name = '';
			turn++;
			changed();
		});
</script>

<ol class="chain" aria-label="Chain">
	{#each behind as kind, i (i)}<li class="done">
			{#if bench.skipped.includes(i)}<s>{STEP[kind].act.toLowerCase()}</s>
				<span class="sr-only">not done</span>{:else}{STEP[kind].done}{/if}
		</li>{/each}
	{#each bench.left as kind, i (i)}{#if dry && kind === 'DRY'}<li class="done">dry enough</li>{:else}<li
				class={[i === 0 && 'next']}
			>
				{STEP[kind].act.toLowerCase()}
			</li>{/if}{/each}
</ol>
{#if session.works}
	<details bind:open class="mt-1">
		<summary class="cursor-pointer text-sm text-soft">Go another way</summary>
		<div class="mt-3 grid gap-5 border-l-4 border-marigold bg-paper p-4 md:grid-cols-2">
			<section>
				<h3 class="font-semibold">Still to come</h3>
				<ul>
					{#each bench.left as kind, i (i)}
						<li class="flex items-center gap-2 border-b border-line py-1">
							<span class="flex-1">{STEP[kind].act}</span>
							{#if i > 0}
								<button
									type="button"
									class="btn btn-secondary btn-sm"
									aria-disabled={attempt.busy}
									aria-label="{STEP[kind].act} earlier"
									onclick={() => go(earlier(i))}>earlier</button
								>
							{/if}
							{#if bench.chain.length > 1}
								<button
									type="button"
									class="btn btn-secondary btn-sm"
									aria-disabled={attempt.busy}
									aria-label="Leave out {STEP[kind].act.toLowerCase()}"
									onclick={() => go(without(i))}>leave out</button
								>
							{:else}
								<span class="text-sm text-soft">the only one</span>
							{/if}
						</li>
					{:else}
						<li class="py-1 text-soft">Nothing: it is through.</li>
					{/each}
				</ul>
				<label class="mt-3 flex items-center gap-2"
					>Add <select
						class="select"
						aria-label="Add a step"
						onchange={(event) => {
							const kind = event.currentTarget.value as Kind | '';
							event.currentTarget.value = '';
							if (kind) go([...bench.left, kind]);
						}}
					>
						<option value="">a step at the end</option>
						{#each Object.keys(STEP) as kind (kind)}<option value={kind}>{STEP[kind as Kind].act}</option
							>{/each}
					</select></label
				>
			</section>
			<section>
				<h3 class="font-semibold">Other ways</h3>
				{#await choices then choice}
					<ul>
						{#each choice?.schools ?? [] as one (one.school)}
							<li class="border-b border-line py-1.5">
								<button
									type="button"
									class="cursor-pointer font-semibold underline"
									disabled={attempt.busy || same(one.steps)}
									onclick={() => go(ahead(one.steps))}>{CHAIN_SCHOOL[one.school].name}</button
								>{same(one.steps) ? ', as now' : ''}
								<span class="block text-sm text-soft">{CHAIN_SCHOOL[one.school].says}</span>
							</li>
						{/each}
						{#each choice?.own ?? [] as one (one.name)}
							<li class="border-b border-line py-1.5">
								<button
									type="button"
									class="cursor-pointer font-semibold underline"
									disabled={attempt.busy || same(one.steps)}
									onclick={() => go(ahead(one.steps))}>{one.name}</button
								>{same(one.steps) ? ', as now' : ', the farm’s own'}
								<span class="block text-sm text-soft"
									>{one.steps.map((kind) => STEP[kind].act.toLowerCase()).join(' → ')}</span
								>
							</li>
						{/each}
					</ul>
				{:catch}
					<p class="text-sm text-soft">It needs a signal.</p>
				{/await}
				{#if session.grower}
					<form
						class="mt-3 flex items-end gap-2"
						onsubmit={(event) => {
							event.preventDefault();
							keep();
						}}
					>
						<label class="grid flex-1 text-sm font-semibold"
							>Save this order as<input class="input" maxlength="60" bind:value={name} /></label
						>
						<button type="submit" class="btn btn-secondary" aria-disabled={attempt.busy}>Save</button>
					</form>
				{/if}
			</section>
			<div class="md:col-span-2">
				<UndoBar {undo} {attempt} after={() => undefined} />
				<Trouble {attempt} labels={{ name: 'Save this order as', steps: 'Chain' }} />
			</div>
		</div>
	</details>
{/if}

<style>
	.chain {
		display: flex;
		flex-wrap: wrap;
		gap: 0.2rem 0;
		font-size: var(--text-sm);
	}
	.chain li {
		border-bottom: 3px solid var(--color-base-300);
		padding: 0.15rem 0.9rem 0.25rem 0;
	}
	.chain .done {
		color: var(--soft);
		border-color: var(--color-base-content);
	}
	.chain .next {
		font-weight: 700;
		border-color: var(--color-accent);
	}
</style>
