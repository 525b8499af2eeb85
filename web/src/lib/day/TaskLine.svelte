<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { along } from '$lib/offline/carry';
	import { signal } from '$lib/offline/signal.svelte';
	import BloomLook from '$lib/season/BloomLook.svelte';
	import Tag from '$lib/tag/Tag.svelte';
	import { sayTask } from './tasks';

	/** A task: all of it leads to where it is done, and is as large as a thumb needs it. */
	let { task }: { task: Schemas['Task'] } = $props();
	const id = $props.id();
	const said = $derived(sayTask(task));
	const needs = $derived(!along(said.path));
</script>

{#snippet inside()}
	<span class="flex flex-wrap items-start justify-between gap-x-3">
		<span id="{id}-what" class="text-lg leading-snug font-bold">{said.what}</span>
		{#if task.lot}<Tag number={task.lot} link={false} state={task.urgent ? 'tight' : 'clear'} />{/if}
	</span>
	<span id="{id}-why" class="block text-sm text-soft">{said.why}</span>
	{#if said.figure}<span class="block text-sm font-bold">{said.figure}</span>{/if}
	{#if needs}<span
			class={['block text-sm font-semibold text-soft', !signal.lost && 'hidden pointer-coarse:block']}
			>needs a signal</span
		>{/if}
{/snippet}

<li class="border-b border-line">
	{#if needs && signal.lost}
		<div class="py-3 text-soft">{@render inside()}</div>
	{:else}
		<a href={said.path} aria-labelledby="{id}-what" aria-describedby="{id}-why" class="task"
			>{@render inside()}</a
		>
	{/if}
	{#if task.toDo.kind === 'LookAtBloom' && task.plantingId && session.works}
		<div class="pb-3">
			<BloomLook plantingId={task.plantingId} variety={task.variety} crop={task.crop} from="/today" />
		</div>
	{/if}
</li>

<style>
	.task {
		display: block;
		min-height: 3.5rem;
		padding: 0.7rem 0.6rem;
		margin-inline: -0.6rem;
	}
	.task:hover {
		background: var(--color-base-100);
	}
</style>
