<script lang="ts">
	import { page } from '$app/state';

	interface Props {
		/** Which room they lead through. */
		of: string;
		tabs: { name: string; path: string }[];
	}
	let { of, tabs }: Props = $props();
	const here = $derived(page.url.pathname);
</script>

<nav aria-label="In the {of}">
	{#each tabs as tab (tab.path)}
		<a href={tab.path} aria-current={here === tab.path ? 'page' : undefined}>{tab.name}</a>
	{/each}
</nav>

<style>
	nav {
		display: flex;
		flex-wrap: wrap;
		gap: 0 1.2rem;
		margin-bottom: 0.9rem;
	}
	a {
		padding: 0.3rem 0;
		min-height: 2.2rem;
		color: var(--soft);
		font-weight: 600;
	}
	a[aria-current] {
		color: var(--color-base-content);
		border-bottom: 3px solid var(--color-base-content);
	}
	@media (pointer: coarse) {
		a {
			min-height: 2.75rem;
		}
	}
	@media print {
		nav {
			display: none;
		}
	}
</style>
