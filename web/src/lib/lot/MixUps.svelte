<script lang="ts">
	import { ask, GET, POST, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import Amend from '$lib/form/Amend.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import { dayMonth } from '$lib/words/dates';

	interface Props {
		number: string;
		/** Whether the form stands there. */
		asking: boolean;
		kept: () => void;
	}
	/** Lots that this one may have been mixed up with, and what came of it. */
	let { number, asking, kept }: Props = $props();
	type Ending = NonNullable<Schemas['MixUpView']['ending']>;
	const ENDING: Record<Ending, string> = {
		SAME: 'both hold the same seed',
		TOLD_APART: 'it is known which is which',
		GRADED_DOWN: 'it stays unknown: both for own use only'
	};
	const attempt = new Attempt();
	let other = $state('');
	let what = $state('');
	let turn = $state(0);
	const found = $derived.by(() => {
		void turn;
		return ask(GET('/api/lots/{number}/mix-ups', { params: { path: { number } } }));
	});
	function done() {
		turn++;
		kept();
	}
	function find(event: SubmitEvent) {
		event.preventDefault();
		void attempt.run(async () => {
			await ask(
				POST('/api/lots/{number}/mix-ups', {
					params: { path: { number } },
					body: { other, what, foundOn: session.today }
				})
			);
			other = what = '';
			done();
		});
	}
</script>

<Loading from={found} stays>
	{#snippet children(all)}
		{#each all as one (one.id)}
			{@const with_ = one.first === number ? one.second : one.first}
			<p class={['mb-3', !one.ending && 'border-l-4 border-beet bg-paper p-4']}>
				<b>Mixed up with <a class="quiet font-mono" href="/lot/{with_}">{with_}</a></b>, {dayMonth(
					one.foundOn,
					session.today
				)}: {one.what}.
				{#if one.ending && one.endedOn}
					{dayMonth(one.endedOn, session.today)}: {ENDING[one.ending]}; {one.how}
					<span class="beside">{one.endedBy}</span>
				{:else}
					Both are on hold.
					{#if session.grower}<Amend
							what="{one.first} and {one.second}"
							act="found out"
							entries={[
								{
									name: 'ending',
									label: 'What it turned out to be',
									value: 'TOLD_APART',
									choices: Object.entries(ENDING).map(([value, label]) => ({ value, label }))
								},
								{
									name: 'how',
									label: 'How it was found out',
									value: '',
									hint: 'by the seed, by a test row, by who remembers'
								},
								{ name: 'endedOn', label: 'On', value: session.today, type: 'date' }
							]}
							save={(typed) =>
								ask(
									PUT('/api/mix-ups/{id}/ended', {
										params: { path: { id: one.id } },
										body: {
											ending: typed.ending as Ending,
											how: typed.how,
											endedOn: typed.endedOn,
											version: one.version
										}
									})
								)}
							{done}
						/>{/if}
				{/if}
			</p>
		{/each}
		{#if asking}
			<form class="mt-6 grid max-w-xl gap-4" onsubmit={find}>
				<h3 class="font-semibold">Or was it mixed up with another lot?</h3>
				<TextField label="The other lot" name="other" {attempt} bind:value={other} />
				<TextField
					label="What happened"
					name="what"
					{attempt}
					bind:value={what}
					hint="two bowls, one label: both are held until it is known"
				/>
				<Trouble
					{attempt}
					labels={{ other: 'The other lot', what: 'What happened', number: 'The other lot' }}
				/>
				<div><Act type="submit" disabled={attempt.busy}>Hold both</Act></div>
			</form>
		{/if}
	{/snippet}
</Loading>
