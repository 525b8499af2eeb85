<script lang="ts">
	import { ask, POST, PUT, type Schemas } from '$lib/api/api';
	import Fields from '$lib/form/Fields.svelte';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { choice, day, text } from '$lib/form/kinds';
	import { session } from '$lib/api/session.svelte';
	import Amend from '$lib/form/Amend.svelte';
	import { dayMonth } from '$lib/words/dates';

	interface Props {
		number: string;
		all: Schemas['MixUpView'][];
		/** Whether the form stands there. */
		asking: boolean;
		kept: () => void;
	}
	/** Lots that this one may have been mixed up with, and what came of it. */
	let { number, all, asking, kept }: Props = $props();
	type Ending = NonNullable<Schemas['MixUpView']['ending']>;
	const ENDING: Record<Ending, string> = {
		SAME: 'both hold the same seed',
		TOLD_APART: 'it is known which is which',
		GRADED_DOWN: 'it stays unknown: both for own use only'
	};
	const form = new Form({
		other: text('The other lot'),
		what: text('What happened', { hint: 'two bowls, one label: both are held until it is known' })
	});
	async function find() {
		const parts = { params: { path: { number } }, body: { ...form.body(), foundOn: session.today } };
		await ask(POST('/api/lots/{number}/mix-ups', parts));
		form.clear();
		kept();
	}
</script>

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
					fields={{
						ending: choice('What it turned out to be', ENDING, { start: 'TOLD_APART' }),
						how: text('How it was found out', { hint: 'by the seed, by a test row, by who remembers' }),
						endedOn: day('On', { needed: true, start: session.today })
					}}
					save={(body) =>
						ask(
							PUT('/api/mix-ups/{id}/ended', {
								params: { path: { id: one.id } },
								body: { ...body, version: one.version }
							})
						)}
					done={kept}
				/>{/if}
		{/if}
	</p>
{/each}
{#if asking}
	<FormOf
		{form}
		send={find}
		main={false}
		act="Hold both"
		labels={{ number: 'The other lot' }}
		class="mt-6 max-w-xl gap-4"
	>
		<h3 class="font-semibold">Or was it mixed up with another lot?</h3>
		<Fields {form} />
	</FormOf>
{/if}
