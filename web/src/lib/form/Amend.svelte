<script lang="ts" generics="R extends object">
	import Dialog from '$lib/shell/Dialog.svelte';
	import { capital } from '$lib/words/words';
	import Act from './Act.svelte';
	import { Form, type Changed, type FieldsOf, type Standing } from './form.svelte';
	import FormOf from './FormOf.svelte';

	interface Props {
		/** What is corrected, in a few words. */
		what: string;
		/** What the button says, where it is not simply a correction. */
		act?: string;
		fields: FieldsOf<R>;
		/** The record that is corrected; none when a new one is written, which has no reason. */
		was?: Standing;
		save: (body: R & Changed) => Promise<unknown>;
		done: () => void;
		/** Whether it is one of the page's acts, not a quiet word beside a record. */
		asAct?: boolean;
	}
	/** A quiet button beside a record that opens it for correction, or a new one to go with it; what stood there is kept. */
	let { what, act = 'correct', fields, was, save, done, asAct = false }: Props = $props();

	let form = $state.raw<Form<R>>();
	let open = $state(false);
	const title = $derived(act.endsWith(what) ? capital(act) : `${capital(act)}: ${what}`);

	$effect(() => {
		if (form) form.fields = fields;
	});
	function begin() {
		form = new Form(fields, was);
		open = true;
	}
	function kept() {
		open = false;
		done();
	}
	async function send() {
		await save(form!.body());
		kept();
	}
</script>

<button
	type="button"
	class={asAct ? 'btn btn-secondary' : 'cursor-pointer text-sm text-soft underline'}
	aria-label={title}
	onclick={begin}>{asAct ? capital(act) : act}</button
>
<Dialog bind:open {title}>
	{#if form}
		<FormOf {form} {send} act="Save" taken={kept} class="gap-4 sm:grid-cols-2">
			{#snippet acts()}<Act onclick={() => (open = false)}>{was ? 'Leave it as it was' : 'Leave it'}</Act
				>{/snippet}
		</FormOf>
	{/if}
</Dialog>
