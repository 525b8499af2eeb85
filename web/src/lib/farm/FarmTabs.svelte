<script lang="ts">
	import Tabs from '$lib/shell/Tabs.svelte';
</script>

<Tabs
	of="farm"
	tabs={[
		{ name: 'The farm', path: '/farm' },
		{ name: 'People', path: '/farm/people' },
		{ name: 'Phones', path: '/farm/phones' },
		{ name: 'Who did what', path: '/farm/done' },
		{ name: 'Import', path: '/farm/import' },
		{ name: 'Mail', path: '/farm/mail' },
		{ name: 'Files', path: '/farm/files' },
		{ name: 'Backups', path: '/farm/backups' }
	]}
/>
