<script lang="ts">
	import { Dialog } from 'bits-ui';
	import type { Snippet } from 'svelte';

	interface Props {
		open: boolean;
		title: string;
		/** Called once it is closed, however that was. */
		closed?: () => void;
		children: Snippet;
	}
	/** Asks or shows one thing over the page; what is typed in it is not lost by a press beside it. */
	let { open = $bindable(), title, closed, children }: Props = $props();
</script>

<Dialog.Root bind:open onOpenChange={(opened) => !opened && closed?.()}>
	<Dialog.Portal>
		<Dialog.Overlay class="veil" />
		<Dialog.Content class="over" interactOutsideBehavior="ignore">
			<Dialog.Title level={2}
				>{#snippet child({ props })}<h2 {...props} class="mb-4 pr-16">{title}</h2>{/snippet}</Dialog.Title
			>
			{@render children()}
			<!-- After what is asked, which is where the cursor begins. -->
			<Dialog.Close class="absolute top-5 right-5 cursor-pointer underline">Close</Dialog.Close>
		</Dialog.Content>
	</Dialog.Portal>
</Dialog.Root>

<style>
	:global(.veil) {
		position: fixed;
		inset: 0;
		z-index: 30;
		background: rgb(0 0 0 / 0.35);
	}
	:global(.over) {
		position: fixed;
		z-index: 31;
		top: 50%;
		left: 50%;
		translate: -50% -50%;
		width: min(36rem, calc(100vw - 2rem));
		max-height: calc(100dvh - 2rem);
		overflow-y: auto;
		padding: 1.25rem;
		border: 1.5px solid var(--color-base-content);
		border-left: 4px solid var(--color-marigold);
		background: var(--color-paper);
		color: var(--color-base-content);
		text-align: left;
	}
</style>
