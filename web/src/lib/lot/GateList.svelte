<script lang="ts">
	import { ask, POST, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { dayMonth, inZone } from '$lib/words/dates';
	import { capital, CAUTION, GRADE } from '$lib/words/words';
	import { saying } from '$lib/words/say';

	interface Props {
		lot: Schemas['LotView'];
		gate: Schemas['GateView'];
		/** All that ever were, of this lot and those it came of. */
		overrulings: Schemas['OverrulingView'][];
		kept: () => void;
	}
	let { lot, gate, overrulings, kept }: Props = $props();
	const attempt = new Attempt();
	let doing = $state.raw<Schemas['Objection'] | Schemas['OverrulingView'] | 'grade'>();
	let words = $state('');
	let lawful = $state(false);
	let grade = $state<Schemas['LotView']['grade']>('OWN_USE');

	const day = (at: string) => dayMonth(inZone(at, session.farm?.timeZone ?? 'UTC'), session.today);
	const lower = $derived(gate.atGrades.find((one) => one.grade !== lot.grade && one.mayBeSold));
	const past = $derived(
		overrulings.filter((one) => !gate.against.some((standing) => standing.overruled?.id === one.id))
	);
	function begin(what: typeof doing) {
		doing = doing === what ? undefined : what;
		words = '';
		lawful = false;
		grade = lower?.grade ?? (lot.grade === 'OWN_USE' ? 'MARKET' : 'OWN_USE');
	}
	function keep(event: SubmitEvent) {
		event.preventDefault();
		void attempt.run(async () => {
			const params = { path: { number: lot.number } };
			if (doing === 'grade') {
				await ask(
					PUT('/api/lots/{number}/grade', { params, body: { version: lot.version, grade, reason: words } })
				);
			} else if (doing && 'mayBeOverruled' in doing) {
				const body = { reason: doing.reason, why: words, lawful };
				await ask(POST('/api/lots/{number}/overrulings', { params, body }));
			} else if (doing) {
				const path = { id: doing.id };
				await ask(POST('/api/overrulings/{id}/withdraw', { params: { path }, body: { why: words } }));
			}
			doing = undefined;
			kept();
		});
	}
</script>

{#snippet form(act: string, label: string, hint: string, asksLaw: boolean)}
	<form class="my-2 grid max-w-xl gap-3 border-l-4 border-marigold bg-paper p-4" onsubmit={keep}>
		{#if doing === 'grade'}
			<label class="grid gap-1 font-semibold"
				>Grade
				<select class="select" bind:value={grade} name="grade">
					{#each Object.entries(GRADE) as [value, name] (value)}
						{#if value !== lot.grade}<option {value}>{name}</option>{/if}
					{/each}
				</select>
			</label>
		{/if}
		<TextField {label} name={doing === 'grade' ? 'reason' : 'why'} {attempt} bind:value={words} {hint} />
		{#if asksLaw}
			<label class="flex items-start gap-2"
				><input type="checkbox" class="checkbox" bind:checked={lawful} />
				<span>I looked at my local rules: seed like this may be sold here</span></label
			>
		{/if}
		<Trouble
			{attempt}
			labels={{ why: 'The reason', reason: 'The reason', lawful: 'Your word', grade: 'Grade' }}
		/>
		<div class="flex gap-3">
			<Act main type="submit" disabled={attempt.busy}>{act}</Act>
			<Act onclick={() => (doing = undefined)}>Leave it</Act>
		</div>
	</form>
{/snippet}

{#if gate.against.length > 0 || gate.cautions.length > 0 || past.length > 0}
	<section class="caution mb-5" aria-label="What stands against it">
		{#if gate.against.length > 0}
			<h2>{gate.mayBeSold ? 'What was overruled' : 'It may not be sold yet'}</h2>
			<ul class="against">
				{#each gate.against as standing, i (i)}
					<li>
						{#if standing.overruled}
							{@const { overruled } = standing}
							<p>
								<s>{capital(saying('gate.found', standing.finding))}</s>
								<span class="settle">overruled by {overruled.by}, {day(overruled.at)}: “{overruled.why}”</span
								>
								{#if session.grower}<button class="plain" type="button" onclick={() => begin(overruled)}
										>withdraw</button
									>{/if}
							</p>
							{#if doing === overruled}
								{@render form(
									'Withdraw it',
									'Why it no longer holds',
									'both stay on this page and on the report',
									false
								)}
							{/if}
						{:else}
							<p>
								<b>{capital(saying('gate.found', standing.finding))}</b>
								<span class="settle">{saying('gate.settle', standing.finding)}</span>
								{#if standing.mayBeOverruled && session.grower}<button
										class="plain"
										type="button"
										onclick={() => begin(standing)}>overrule</button
									>{/if}
							</p>
							{#if doing === standing}
								{@render form(
									'Overrule it',
									'Why it may be sold all the same',
									'it stays on this page and on the report for ever, with your name',
									true
								)}
							{/if}
						{/if}
					</li>
				{/each}
			</ul>
		{/if}
		{#each gate.cautions as caution (caution)}<p class="text-soft">
				Worth knowing: {CAUTION[caution]}.
			</p>{/each}
		{#if lower}
			<p>
				At {GRADE[lower.grade]} grade nothing would stand against it.
				{#if session.grower}<button class="plain" type="button" onclick={() => begin('grade')}
						>grade it down</button
					>{/if}
			</p>
		{:else if session.grower && !gate.mayBeSold}
			<p>
				<button class="plain ms-0!" type="button" onclick={() => begin('grade')}>give it another grade</button
				>
			</p>
		{/if}
		{#if doing === 'grade'}
			{@render form('Give it this grade', 'Why', 'lots split or blended from it follow', false)}
		{/if}
		{#each past as one (one.id)}
			<p class="text-soft">
				{#if one.lotId !== lot.id}In a lot it came of:{/if}
				{capital(saying('gate.found', one.finding))}: overruled by {one.by}, {day(one.at)}, “{one.why}”{one.withdrawnAt
					? `; withdrawn by ${one.withdrawnBy}, ${day(one.withdrawnAt)}, “${one.withdrawnWhy}”`
					: one.lotId === lot.id
						? '; something else was found since'
						: ''}.
			</p>
		{/each}
		<p class="mt-2 text-sm text-soft">
			Theriseed certifies nothing. Seed law, plant health rules and protected varieties differ by country: ask
			your local authority.
		</p>
	</section>
{:else if session.grower}
	<p class="mb-5 text-sm">
		<button class="plain" type="button" onclick={() => begin('grade')}>give it another grade</button>
	</p>
	{#if doing === 'grade'}
		{@render form('Give it this grade', 'Why', 'lots split or blended from it follow', false)}
	{/if}
{/if}

<style>
	.against li {
		margin-bottom: 0.35rem;
	}
	.settle::before {
		content: '→ ';
	}
	.plain {
		cursor: pointer;
		text-decoration: underline;
		margin-inline-start: 0.25rem;
	}
</style>
