<script lang="ts" generics="R extends object">
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

	let dialog = $state<HTMLDialogElement>();
	let form = $state.raw<Form<R>>();

	$effect(() => {
		if (form) form.fields = fields;
	});
	function begin() {
		form = new Form(fields, was);
		dialog?.showModal();
	}
	function close() {
		form = undefined;
		dialog?.close();
	}
	function kept() {
		close();
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
	aria-label="{capital(act)}: {what}"
	onclick={begin}>{asAct ? capital(act) : act}</button
>
<dialog bind:this={dialog} class="text-left" aria-label="{capital(act)}: {what}" onclose={close}>
	{#if form}
		<h2 class="mb-4">{capital(act)}: {what}</h2>
		<FormOf {form} {send} act="Save" taken={kept} class="gap-4 sm:grid-cols-2">
			{#snippet acts()}<Act onclick={close}>{was ? 'Leave it as it was' : 'Leave it'}</Act>{/snippet}
		</FormOf>
	{/if}
</dialog>

<style>
	dialog {
		width: min(36rem, calc(100vw - 2rem));
		margin: auto;
		padding: 1.25rem;
		border: 1.5px solid var(--color-base-content);
		border-left: 4px solid var(--color-marigold);
		background: var(--color-paper);
		color: var(--color-base-content);
		font-weight: 400;
	}
	dialog::backdrop {
		background: rgb(0 0 0 / 0.35);
	}
</style>
