<script lang="ts">
	/** Reads a code with the camera; not there where the page may have none. */
	interface Props {
		/** What is read, for whoever hears the page: a lot, a tag. */
		what: string;
		read: (code: string) => void;
	}
	let { what, read }: Props = $props();
	const may = typeof navigator !== 'undefined' && !!navigator.mediaDevices?.getUserMedia;
	let open = $state(false);
</script>

{#if may}
	<button type="button" class="btn btn-secondary" aria-label="Scan {what}" onclick={() => (open = true)}>
		<svg
			viewBox="0 0 24 24"
			class="size-5"
			fill="none"
			stroke="currentColor"
			stroke-width="2"
			aria-hidden="true"
		>
			<path d="M3 8V3h5M16 3h5v5M21 16v5h-5M8 21H3v-5M3 12h18" />
		</svg>
	</button>
	{#if open}
		{#await import('./Camera.svelte') then { default: Camera }}
			<Camera
				{what}
				close={() => (open = false)}
				read={(code) => {
					open = false;
					read(code);
				}}
			/>
		{/await}
	{/if}
{/if}
