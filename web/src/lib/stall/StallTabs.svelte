<script lang="ts">
	import { session } from '$lib/api/session.svelte';
	import Tabs from '$lib/shell/Tabs.svelte';
</script>

<Tabs
	of="stall"
	tabs={[
		{ name: 'Stock', path: '/stall' },
		{ name: 'Orders', path: '/stall/orders' },
		{ name: 'Mixes', path: '/stall/mixes' },
		{ name: 'Stall days', path: '/stall/days' },
		...(session.grower
			? [
					{ name: 'Customers', path: '/stall/customers' },
					{ name: 'Money', path: '/stall/money' }
				]
			: [])
	]}
/>
