<script lang="ts">
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import { type Schemas } from '$lib/api/api';
	import Act from '$lib/form/Act.svelte';
	import BlendForm from '$lib/lot/BlendForm.svelte';
	import CleanAgainForm from '$lib/lot/CleanAgainForm.svelte';
	import PartForm from '$lib/lot/PartForm.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import Tag from '$lib/tag/Tag.svelte';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	const number = $derived(page.params.number!);
	const along = page.url.searchParams.get('with')?.split(',') ?? [];
	let made = $state.raw<Schemas['LotView'][]>([]);
</script>

<Page title="blend, split or clean again" room={{ name: 'Seed room', path: '/seed-room' }}>
	<div class="mb-5"><Tag {number} size="large" /></div>
	{#if made.length > 0}
		<p class="mb-4 text-lg">
			{made.length === 1 ? 'A new number' : 'New numbers'}: print the label{made.length === 1 ? '' : 's'} first,
			then pour the seed in.
		</p>
		<ul class="grid gap-4">
			{#each made as lot (lot.id)}
				<li class="flex flex-wrap items-center gap-4">
					<Tag number={lot.number} size="large" />
					<Act main newTab href="/api/lots/{lot.number}/label.pdf">Label</Act>
					<Act href="/bench/{lot.number}">To the bench</Act>
				</li>
			{/each}
		</ul>
	{:else}
		<Loading from={data.found}>
			{#snippet children([lots, { known }])}
				<section class="mb-10">
					<h2 class="ruled mb-3">Blend with another</h2>
					{#if lots.length > 1}
						<BlendForm {lots} {along} transferred={(lot) => (made = [lot])} />
					{:else}
						<p>
							No other lot of this variety stands where this one does. Lots are blended only when they are of
							one variety, not on hold, and at the same step.
						</p>
					{/if}
				</section>
				<section>
					<h2 class="ruled mb-3">Part it</h2>
					<PartForm lot={lots[0]} clean={known.bench?.clean ?? false} parted={(parts) => (made = parts)} />
				</section>
				{#if known.bench?.clean}
					<section class="mt-10" id="again">
						<h2 class="ruled mb-3">Clean it again</h2>
						<CleanAgainForm
							{number}
							goesOn={(lot) => (lot.number === number ? void goto(`/bench/${number}`) : (made = [lot]))}
						/>
					</section>
				{/if}
			{/snippet}
		</Loading>
	{/if}
</Page>
