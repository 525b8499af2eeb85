<script lang="ts" generics="T extends { id: string; version: number }, R extends object">
	import type { Snippet } from 'svelte';
	import { session } from '$lib/api/session.svelte';
	import Amend from '$lib/form/Amend.svelte';
	import type { Changed, FieldsOf } from '$lib/form/form.svelte';

	interface Props {
		title: Snippet;
		/** What a new one is of, and what the button says that begins it. */
		what: string;
		act: string;
		fields: () => FieldsOf<R>;
		/** Those there are, the newest first. */
		there: T[];
		/** The day of one, its figure, what else it says, and what it is called when it is corrected. */
		says: (test: T) => { on: string; figure: string; more: string; called: string };
		add: (body: R) => Promise<unknown>;
		correct: (test: T, body: R & Changed) => Promise<unknown>;
		kept: () => void;
		pictures: Snippet<[string, string]>;
		/** What is said while there is none. */
		none: string;
	}
	/** Samples of a lot that were looked at in one way, each with its figure, and the act that adds one. */
	let { title, what, act, fields, there, says, add, correct, kept, pictures, none }: Props = $props();
</script>

<section>
	<h2 class="ruled">{@render title()}</h2>
	{#if session.works}
		<div class="my-3"><Amend {what} {act} asAct fields={fields()} save={add} done={kept} /></div>
	{/if}
	<table class="figures">
		<tbody>
			{#each there as test (test.id)}
				{@const said = says(test)}
				<tr>
					<th scope="row">{said.on}</th>
					<td class="num"><b>{said.figure}</b></td>
					<td class="beside"
						>{said.more}
						{@render pictures(test.id, said.called)}
						{#if session.works}<Amend
								what={said.called}
								was={test}
								fields={fields()}
								save={(body) => correct(test, body)}
								done={kept}
							/>{/if}</td
					>
				</tr>
			{:else}
				<tr><td class="text-soft">{none}</td></tr>
			{/each}
		</tbody>
	</table>
</section>
