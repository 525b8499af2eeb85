<script lang="ts">
	import { ask, DELETE, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { inZone, moment } from '$lib/words/dates';
	import { DEVICE } from './words';

	interface Props {
		places: Schemas['SignedInView'][];
		changed: () => void;
	}
	let { places, changed }: Props = $props();
	const attempt = new Attempt();
	const at = (instant: string) => inZone(instant, session.farm?.timeZone ?? 'UTC');
	const when = (instant: string) => moment(at(instant), at(new Date().toISOString()));

	function leave(what: () => Promise<unknown>) {
		void attempt.run(async () => {
			await what();
			changed();
		});
	}
</script>

<section class="grid gap-3">
	<h2 class="ruled">Where you are signed in</h2>
	<ul>
		{#each places as place (place.id)}
			<li class="flex flex-wrap items-baseline justify-between gap-x-4 border-b border-line py-2">
				<span>
					<span class="font-semibold">{DEVICE[place.device]}</span>{place.here ? ', this one' : ''}
					<span class="block text-sm text-soft"
						>since {when(place.since)}, last seen {when(place.lastSeen)}, from {place.address}</span
					>
				</span>
				{#if !place.here}
					<Act
						disabled={attempt.busy}
						onclick={() =>
							leave(() => ask(DELETE('/api/session/places/{id}', { params: { path: { id: place.id } } })))}
						>Sign out there</Act
					>
				{/if}
			</li>
		{/each}
	</ul>
	<Trouble {attempt} />
	{#if places.length > 2}
		<div>
			<Act disabled={attempt.busy} onclick={() => leave(() => ask(DELETE('/api/session/places')))}
				>Sign out everywhere else</Act
			>
		</div>
	{/if}
</section>
