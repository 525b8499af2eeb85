<script lang="ts">
	import type { Snippet } from 'svelte';

	interface Props {
		children: Snippet;
		/** The key that does the same, shown on the button. */
		key?: string;
		main?: boolean;
		href?: string;
		newTab?: boolean;
		/** Whether what is behind the link is kept as a file. */
		download?: boolean;
		type?: 'button' | 'submit';
		/** While it is under way: it keeps the focus, and what is pressed then is not done twice. */
		disabled?: boolean;
		/** What is missing before it can be done; empty when nothing is. */
		why?: string;
		onclick?: () => void;
	}
	let {
		children,
		key,
		main = false,
		href,
		newTab = false,
		download,
		type = 'button',
		disabled,
		why = '',
		onclick
	}: Props = $props();
	const id = $props.id();
	const look = $derived(['btn', main ? 'btn-primary' : 'btn-secondary']);
</script>

{#snippet inside()}
	{@render children()}
	{#if key}<kbd aria-hidden="true" class="font-mono text-xs font-normal opacity-75 max-md:hidden"
			>{key === 'Enter' ? '⏎' : key}</kbd
		>{/if}
{/snippet}

{#if href}
	<a
		{href}
		class={look}
		data-key={key}
		aria-keyshortcuts={key}
		{onclick}
		{download}
		target={newTab ? '_blank' : undefined}
		rel={newTab ? 'noopener' : undefined}
	>
		{@render inside()}
	</a>
{:else}
	<button
		{type}
		class={look}
		data-key={key}
		aria-keyshortcuts={key}
		disabled={why !== ''}
		aria-disabled={disabled || undefined}
		aria-describedby={why ? id : undefined}
		onclick={(event) => {
			if (disabled) event.preventDefault();
			else onclick?.();
		}}>{@render inside()}</button
	>
	{#if why}<span {id} class="self-center text-sm text-soft">{why}</span>{/if}
{/if}
