<script lang="ts">
	import { page } from '$app/state';
	import { session } from '$lib/api/session.svelte';
	import { seasonName } from './year';

	/** The views of the desk, and the years. */
	let { season, planned }: { season: number; planned: number[] } = $props();

	const TABS = [
		{ path: '/desk', name: 'Bloom' },
		{ path: '/desk/beds', name: 'Beds' },
		{ path: '/desk/calendar', name: 'Calendar' },
		{ path: '/desk/what-if', name: 'What if' }
	];
	const here = $derived(page.url.pathname);
	const years = $derived.by(() => {
		const now = session.season;
		return [...new Set([...planned, now, now + 1, season])].sort();
	});
</script>

<div class="mb-4 flex flex-wrap items-center justify-between gap-x-6 gap-y-2">
	<nav aria-label="Views of the desk" class="flex flex-wrap gap-x-5">
		{#each TABS as tab (tab.path)}
			<a
				href="{tab.path}?season={season}"
				class={[
					'py-1',
					here === tab.path ? 'border-b-3 border-ink font-bold' : 'font-semibold hover:underline'
				]}
				aria-current={here === tab.path ? 'page' : undefined}>{tab.name}</a
			>
		{/each}
	</nav>
	<nav aria-label="Season" class="flex flex-wrap gap-x-4">
		{#each years as year (year)}
			<a
				href="{here}?season={year}"
				class={['py-1', year === season ? 'font-bold' : 'text-soft hover:underline']}
				aria-current={year === season ? 'page' : undefined}>{seasonName(year)}</a
			>
		{/each}
	</nav>
</div>
