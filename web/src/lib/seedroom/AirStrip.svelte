<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { temperature, tenth } from '$lib/units/units';
	import { dayMonth, inZone } from '$lib/words/dates';

	let { shelves }: { shelves: Schemas['ShelfView'][] } = $props();
	const read = (at: string) => dayMonth(inZone(at, session.farm?.timeZone ?? 'UTC'), session.today);
</script>

<div class="strip">
	{#each shelves as shelf (shelf.id)}
		<a href="/seed-room/shelves#{shelf.id}">
			<span class="text-sm text-soft"
				>{shelf.name} · {shelf.air.readAt
					? `${shelf.air.source === 'typed' ? 'read' : shelf.air.source} ${read(shelf.air.readAt)}`
					: 'usual, never read'}</span
			>
			<b>{temperature(shelf.air.celsius, session.units)} · {Math.round(shelf.air.humidity)} %</b>
			<span class="text-sm"
				>{#if shelf.kind === 'FREEZER'}sealed and dry only{:else}open seed settles at {tenth(
						shelf.air.settlesAt
					)} %{shelf.air.sum >= 100
						? `. Rule of thumb: °F + % RH is ${Math.round(shelf.air.sum)}, should be under 100`
						: ''}{/if}</span
			>
		</a>
	{/each}
</div>

<style>
	.strip {
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(13rem, 1fr));
		border-block: 1px solid var(--color-base-content);
		margin-bottom: 0.6rem;
	}
	a {
		display: grid;
		align-content: start;
		padding: 0.5rem 0.9rem;
		border-left: 1px solid var(--color-base-300);
	}
	a:first-child {
		border-left: 0;
	}
	a:hover b {
		text-decoration: underline;
	}
	b {
		font-size: 1.25rem;
	}
</style>
