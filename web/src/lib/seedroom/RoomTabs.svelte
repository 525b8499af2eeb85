<script lang="ts">
	import { page } from '$app/state';

	const TABS = [
		{ name: 'Shelves', path: '/seed-room' },
		{ name: 'Tests', path: '/seed-room/tests' },
		{ name: 'Stock-taking', path: '/seed-room/stock-taking' },
		{ name: 'Air', path: '/seed-room/shelves' }
	];
	const here = $derived(page.url.pathname);
</script>

<nav aria-label="In the seed room">
	{#each TABS as tab (tab.path)}
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
	@media print {
		nav {
			display: none;
		}
	}
</style>
