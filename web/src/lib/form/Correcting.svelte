<script lang="ts">
	import type { Snippet } from 'svelte';
	import type { Attempt } from './attempt.svelte';
	import Clash, { type Row } from './Clash.svelte';
	import TextField from './TextField.svelte';
	import Trouble from './Trouble.svelte';

	interface Props {
		attempt: Attempt;
		labels: Record<string, string>;
		/** Whether the reason is asked: a new record has none. */
		asked: boolean;
		reason: string;
		/** What is kept beside the change. */
		kept: string;
		version: number | undefined;
		rows: (theirs: Record<string, unknown>) => Row[];
		send: () => void;
		takeTheirs: () => void;
		/** The acts. */
		children: Snippet;
	}
	let {
		attempt,
		labels,
		asked,
		reason = $bindable(),
		kept,
		version = $bindable(),
		rows,
		send,
		takeTheirs,
		children
	}: Props = $props();
</script>

<div class="col-span-full grid gap-4">
	{#if asked}
		<TextField
			label={labels.reason}
			name="reason"
			{attempt}
			bind:value={reason}
			hint="{kept} is kept beside it"
		/>
	{/if}
	<Clash
		{attempt}
		{rows}
		{takeTheirs}
		keepMine={(theirVersion) => {
			version = theirVersion;
			send();
		}}
	/>
	<Trouble {attempt} {labels} showsClash />
	<div class="flex flex-wrap gap-3">{@render children()}</div>
</div>
