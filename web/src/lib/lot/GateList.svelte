<script lang="ts">
	import { ask, POST, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { choice, only, text, yes } from '$lib/form/kinds';
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
	/** The objection that is overruled, the overruling that is withdrawn, or that another grade is given. */
	let doing = $state.raw<Schemas['Objection'] | Schemas['OverrulingView'] | 'grade'>();

	const day = (at: string) => dayMonth(inZone(at, session.farm?.timeZone ?? 'UTC'), session.today);
	const lower = $derived(gate.atGrades.find((one) => one.grade !== lot.grade && one.mayBeSold));
	const past = $derived(
		overrulings.filter((one) => !gate.against.some((standing) => standing.overruled?.id === one.id))
	);
	const begin = (what: typeof doing) => (doing = doing === what ? undefined : what);
	function done() {
		doing = undefined;
		kept();
	}
	const params = $derived({ path: { number: lot.number } });

	const overruling = () =>
		new Form({
			why: text('Why it may be sold all the same', {
				hint: 'it stays on this page and on the report for ever, with your name'
			}),
			lawful: yes('I looked at my local rules: seed like this may be sold here')
		});
	const overrule = async ({ reason }: Schemas['Objection'], body: { why: string; lawful: boolean }) => {
		await ask(POST('/api/lots/{number}/overrulings', { params, body: { ...body, reason } }));
		done();
	};
	const withdrawing = () =>
		new Form({ why: text('Why it no longer holds', { hint: 'both stay on this page and on the report' }) });
	const withdraw = async ({ id }: Schemas['OverrulingView'], body: { why: string }) => {
		await ask(POST('/api/overrulings/{id}/withdraw', { params: { path: { id } }, body }));
		done();
	};
	const grading = () =>
		new Form({
			grade: choice(
				'Grade',
				only(GRADE, (one) => one !== lot.grade),
				{ start: lower?.grade }
			),
			reason: text('Why', { hint: 'lots split or blended from it follow' })
		});
	const regrade = async (body: { grade: Schemas['LotView']['grade']; reason: string }) => {
		await ask(PUT('/api/lots/{number}/grade', { params, body: { ...body, version: lot.version } }));
		done();
	};
</script>

{#snippet asks<R extends object>(form: Form<R>, act: string, send: (body: R) => Promise<void>)}
	<FormOf
		{form}
		{act}
		send={() => send(form.body())}
		labels={{ lawful: 'Your word' }}
		class="my-2 max-w-xl gap-3 border-l-4 border-marigold bg-paper p-4"
	>
		{#snippet acts()}<Act onclick={() => (doing = undefined)}>Leave it</Act>{/snippet}
	</FormOf>
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
								{@render asks(withdrawing(), 'Withdraw it', (body) => withdraw(overruled, body))}
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
								{@render asks(overruling(), 'Overrule it', (body) => overrule(standing, body))}
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
		{:else if session.grower}
			<p>
				<button class="plain ms-0!" type="button" onclick={() => begin('grade')}>give it another grade</button
				>
			</p>
		{/if}
		{#if doing === 'grade'}
			{@render asks(grading(), 'Give it this grade', regrade)}
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
		{@render asks(grading(), 'Give it this grade', regrade)}
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
