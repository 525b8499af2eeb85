<script lang="ts">
	import type { Snippet } from 'svelte';
	import { ask, POST, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import Amend from '$lib/form/Amend.svelte';
	import { text } from '$lib/form/kinds';
	import { here } from '$lib/offline/here';
	import { dayMonth, fullDay } from '$lib/words/dates';
	import CountForm from './CountForm.svelte';
	import { size } from './words';

	interface Props {
		number: string;
		test: Schemas['GerminationView'];
		kept: () => void;
		pictures: Snippet<[string, string]>;
	}
	/** A germination test that runs, and the count that is due next. */
	let { number, test, kept, pictures }: Props = $props();
	let counting = $state(false);
	const due = $derived(test.firstOn || session.today >= test.finalDue ? test.finalDue : test.firstDue);
	const on = (day: string) => dayMonth(day, session.today);
	const called = $derived(`the test of ${on(test.setOn)}`);
	function counted() {
		counting = false;
		kept();
	}
</script>

<section class="mb-5 border-l-4 border-marigold bg-paper p-5">
	<h2 class="mb-1">
		{size(test)}, set {on(test.setOn)}: {session.today >= due ? 'to be counted' : `count ${on(due)}`}
	</h2>
	<p class="text-sm text-soft">
		First count {fullDay(test.firstDue)}{test.firstOn
			? `: done ${on(test.firstOn)}, ${test.firstCounts.join(', ')} normal`
			: ''}; last {fullDay(test.finalDue)}{test.treatment ? `; treated: ${test.treatment}` : ''}.
	</p>
	{@render pictures(test.id, called)}
	{#if session.works && counting}
		<div class="mt-4"><CountForm {test} kept={counted} /></div>
	{:else if session.works}
		<div class="mt-3 flex flex-wrap items-center gap-4">
			<Act main key="c" onclick={() => (counting = true)}>Count it</Act>
			<Amend
				what={called}
				act="it was spoilt"
				fields={{ why: text('What happened to it') }}
				save={({ why }) =>
					ask(
						POST('/api/germination/{id}/spoilt', {
							params: { path: { id: test.id } },
							body: { why },
							...here(`a test of ${number} was spoilt`)
						})
					)}
				done={kept}
			/>
		</div>
	{/if}
</section>
