<script lang="ts">
	import Act from '$lib/form/Act.svelte';
	import type { Attempt } from '$lib/form/attempt.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import { numberTyped, written } from '$lib/units/units';
	import type { Spot } from './world';

	interface Props {
		attempt: Attempt;
		lat: string;
		lon: string;
		labels: { lat: string; lon: string };
	}
	/** Where the farm lies: typed, where somebody stands, or put on a map. */
	let { attempt, lat = $bindable(), lon = $bindable(), labels }: Props = $props();

	let map = $state(false);
	let asked = $state('');
	const spot = $derived.by<Spot | undefined>(() => {
		const typed = { lat: numberTyped(lat), lon: numberTyped(lon) };
		return Math.abs(typed.lat) <= 90 && Math.abs(typed.lon) <= 180 ? typed : undefined;
	});

	/** To some ten metres; from a map that is known no better, to a hundredth. */
	function put(there: Spot, places: number) {
		lat = written(Number(there.lat.toFixed(places)));
		lon = written(Number(there.lon.toFixed(places)));
		attempt.typed('lat');
		attempt.typed('lon');
	}
	function whereIAm() {
		asked = 'Asking the device …';
		navigator.geolocation.getCurrentPosition(
			({ coords }) => {
				put({ lat: coords.latitude, lon: coords.longitude }, 4);
				asked = `Found, to some ${Math.round(coords.accuracy)} m.`;
			},
			() => (asked = 'The device does not say where it is. Type it, or put it on the map.'),
			{ timeout: 20_000, maximumAge: 60_000 }
		);
	}
</script>

<div class="grid gap-4 sm:grid-cols-2">
	<TextField
		label={labels.lat}
		name="lat"
		{attempt}
		bind:value={lat}
		unit="° north"
		required
		needed
		hint="south is below 0"
	/>
	<TextField
		label={labels.lon}
		name="lon"
		{attempt}
		bind:value={lon}
		unit="° east"
		required
		needed
		hint="west is below 0"
	/>
	<div class="sm:col-span-2">
		<div class="flex flex-wrap items-center gap-3">
			{#if 'geolocation' in navigator && isSecureContext}<Act onclick={whereIAm}>Where I am now</Act>{/if}
			<Act onclick={() => (map = !map)}>{map ? 'Put the map away' : 'Put it on a map'}</Act>
			<span role="status" class="text-sm">{asked}</span>
		</div>
		{#if map}
			<div class="mt-3">
				{#await import('./WorldMap.svelte') then { default: WorldMap }}
					<WorldMap {spot} put={(there: Spot) => put(there, 2)} />
				{/await}
			</div>
		{/if}
	</div>
</div>
