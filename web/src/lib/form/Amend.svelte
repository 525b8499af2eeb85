<script module lang="ts">
	/** One field of a record, as it stands. */
	export interface Entry {
		name: string;
		label: string;
		value: string;
		type?: 'date' | 'number' | 'text' | 'yes';
		choices?: { value: string; label: string }[];
		hint?: string;
		/** What the server may call it, where that is not its name. */
		fields?: string[];
		/** Asked for only once the server has refused to do without it. */
		onlyIfRefused?: boolean;
	}
	export type Amended = (
		typed: Record<string, string>,
		changed: { version: number; reason: string }
	) => Promise<unknown>;
</script>

<script lang="ts">
	import { written } from '$lib/units/units';
	import Act from './Act.svelte';
	import { Attempt } from './attempt.svelte';
	import ChoiceField from './ChoiceField.svelte';
	import Correcting from './Correcting.svelte';
	import TextField from './TextField.svelte';
	import { capital } from '$lib/words/words';

	interface Props {
		/** What is corrected, in a few words. */
		what: string;
		/** What the button says, where it is not simply a correction. */
		act?: string;
		entries: Entry[];
		/** Of the record that is corrected; none when a new one is written, which has no reason. */
		version?: number;
		save: Amended;
		done: () => void;
		/** Whether it is one of the page's acts, not a quiet word beside a record. */
		asAct?: boolean;
	}
	/** A quiet button beside a record that opens it for correction, or a new one to go with it; what stood there is kept. */
	let { what, act = 'correct', entries, version, save, done, asAct = false }: Props = $props();

	const REASON = 'Why it is corrected';
	const YES = [
		{ value: 'true', label: 'yes' },
		{ value: 'false', label: 'no' }
	];
	const attempt = new Attempt();
	let dialog = $state<HTMLDialogElement>();
	let typed = $state<Record<string, string>>({});
	let reason = $state('');
	let from = $state(0);
	let open = $state(false);
	const labels = $derived({
		...Object.fromEntries(
			entries.flatMap((entry) => [entry.name, ...(entry.fields ?? [])].map((field) => [field, entry.label]))
		),
		reason: REASON
	});

	/** As the server calls it when it refuses it, so that it is marked. */
	const called = (entry: Entry) =>
		entry.fields?.find((field) => field === attempt.problem?.field) ?? entry.name;

	const asked = (entry: Entry) =>
		!entry.onlyIfRefused || typed[entry.name] !== '' || attempt.problem?.field === entry.name;

	function begin() {
		typed = Object.fromEntries(
			entries.map(({ name, type, value }) => [
				name,
				type === 'number' && value ? written(Number(value)) : value
			])
		);
		reason = '';
		from = version ?? 0;
		attempt.problem = undefined;
		open = true;
		dialog?.showModal();
	}
	function close() {
		open = false;
		dialog?.close();
	}
	const send = () =>
		void attempt.run(async () => {
			await save(typed, { version: from, reason });
			close();
			done();
		});
	const said = (value: unknown) => (value === undefined || value === null ? '–' : String(value));
</script>

<button
	type="button"
	class={asAct ? 'btn btn-secondary' : 'cursor-pointer text-sm text-soft underline'}
	aria-label="{capital(act)}: {what}"
	onclick={begin}>{asAct ? capital(act) : act}</button
>
<dialog bind:this={dialog} aria-label="{capital(act)}: {what}" onclose={() => (open = false)}>
	{#if open}
		<form
			class="grid gap-4 text-left sm:grid-cols-2"
			onsubmit={(event) => {
				event.preventDefault();
				send();
			}}
		>
			<h2 class="col-span-full">{capital(act)}: {what}</h2>
			{#each entries.filter(asked) as entry (entry.name)}
				{#if entry.choices || entry.type === 'yes'}
					<ChoiceField
						label={entry.label}
						name={called(entry)}
						{attempt}
						choices={entry.choices ?? YES}
						bind:value={typed[entry.name]}
					/>
				{:else}
					<TextField
						label={entry.label}
						name={called(entry)}
						{attempt}
						type={entry.type === 'date' ? 'date' : 'text'}
						inputmode={entry.type === 'number' ? 'decimal' : undefined}
						hint={entry.hint}
						bind:value={typed[entry.name]}
					/>
				{/if}
			{/each}
			<Correcting
				{attempt}
				{labels}
				asked={version !== undefined}
				kept="what stood there"
				bind:reason
				bind:version={() => from, (theirs) => (from = theirs ?? from)}
				rows={(theirs) =>
					entries.map((entry) => ({
						label: entry.label,
						mine: typed[entry.name],
						theirs: said(theirs[entry.name])
					}))}
				{send}
				takeTheirs={() => {
					close();
					done();
				}}
			>
				<Act main type="submit" disabled={attempt.busy}
					>{version === undefined ? 'Save' : 'Save correction'}</Act
				>
				<Act onclick={close}>{version === undefined ? 'Leave it' : 'Leave it as it was'}</Act>
			</Correcting>
		</form>
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
