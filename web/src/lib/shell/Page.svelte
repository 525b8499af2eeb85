<script lang="ts">
	import type { Snippet } from 'svelte';
	import { pageOf } from './title.svelte';

	interface Props {
		title: string;
		/** What it is about, by which its window is told from others of its kind. */
		of?: string;
		/** What waits here, in a few words beside the title. */
		says?: string;
		/** The room a deeper page belongs to. */
		room?: { name: string; path: string };
		children: Snippet;
	}
	let { title, of, says, room, children }: Props = $props();
	pageOf(() => of);
</script>

<header class="mb-4 flex min-h-10 flex-wrap items-baseline gap-x-5 gap-y-1 md:pr-80">
	{#if room}
		<h1 class="text-2xl">
			<a href={room.path} class="hover:underline">{room.name}</a>
			<span class="font-normal text-soft">/ {title}</span>
		</h1>
	{:else}
		<h1>{title}</h1>
	{/if}
	{#if says}<p class="text-soft">{says}</p>{/if}
</header>

{@render children()}
