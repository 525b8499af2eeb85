<script lang="ts">
	import Tabs from '$lib/shell/Tabs.svelte';
</script>

<Tabs
	of="seed room"
	tabs={[
		{ name: 'Shelves', path: '/seed-room' },
		{ name: 'Tests', path: '/seed-room/tests' },
		{ name: 'Stock-taking', path: '/seed-room/stock-taking' },
		{ name: 'Regenerate', path: '/seed-room/regenerate' },
		{ name: 'Air', path: '/seed-room/shelves' }
	]}
/>
