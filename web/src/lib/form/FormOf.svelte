<script lang="ts" generics="R extends object">
	import type { Snippet } from 'svelte';
	import Act from './Act.svelte';
	import type { Row } from './Clash.svelte';
	import Correcting from './Correcting.svelte';
	import Draft from './Draft.svelte';
	import Fields from './Fields.svelte';
	import type { Form } from './form.svelte';

	interface Props {
		form: Form<R>;
		/** What the button says that sends it. */
		act?: string;
		/** Sends it; what the server refuses is shown where it was typed. */
		send: () => Promise<unknown>;
		/** Which of the forms of its page it is, where what is typed is kept until it is sent. */
		draft?: string;
		/** What is missing before it can be sent. */
		why?: string;
		/** Whether this is what is done next on the page. */
		main?: boolean;
		/** What is kept beside a correction. */
		kept?: string;
		/** The other person's version is taken instead. */
		taken?: () => void;
		/** What the server may refuse, by other names than those of the fields. */
		labels?: Record<string, string>;
		/** Their version as it would stand in the fields, where that is not as it is recorded. */
		read?: (theirs: Record<string, unknown>) => Record<string, unknown>;
		/** What else may differ from the other person's version. */
		also?: (theirs: Record<string, unknown>) => Row[];
		class?: string;
		/** The fields, where they do not simply follow one another. */
		children?: Snippet;
		/** Acts in place of the one that sends it. */
		instead?: Snippet;
		/** Acts beside the one that sends it. */
		acts?: Snippet;
		/** What stands under the acts, for it is seldom needed. */
		after?: Snippet;
	}
	/** A form: what it asks, what was refused, what somebody else changed meanwhile, and the act that sends it. */
	let {
		form,
		act = 'Save',
		send,
		draft,
		why = '',
		main = true,
		kept = 'what stood there',
		taken = () => {},
		labels = {},
		read = (theirs) => theirs,
		also = () => [],
		class: look = 'gap-x-5 gap-y-4 sm:grid-cols-2',
		children,
		instead,
		acts,
		after
	}: Props = $props();
	const attempt = $derived(form.attempt);
	const go = () => void attempt.run(send);
</script>

<form
	class={['grid', look]}
	onsubmit={(event) => {
		event.preventDefault();
		go();
	}}
>
	{#if draft && !form.corrects}<Draft of={draft} {attempt} />{/if}
	{#if children}{@render children()}{:else}<Fields {form} />{/if}
	<Correcting
		{attempt}
		labels={{ ...form.labels, ...labels }}
		asked={form.corrects}
		{kept}
		bind:reason={form.reason}
		bind:version={form.version}
		rows={(theirs) => [...form.rows(read(theirs)), ...also(theirs)]}
		send={go}
		takeTheirs={taken}
	>
		{#if instead}
			{@render instead()}
		{:else}
			<Act {main} type="submit" disabled={attempt.busy} {why}>{form.corrects ? 'Save correction' : act}</Act>
		{/if}
		{@render acts?.()}
	</Correcting>
	{@render after?.()}
</form>
