<script lang="ts">
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import Mark from '$lib/mark/Mark.svelte';
	import MixForm from '$lib/mix/MixForm.svelte';
	import { gateOf, left } from '$lib/mix/mix';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import StallTabs from '$lib/stall/StallTabs.svelte';
	import { dayMonth } from '$lib/words/dates';
	import { many } from '$lib/words/words';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	const at = $derived(Number(page.url.searchParams.get('page')) || 0);
	let making = $state(false);
</script>

<Loading from={data.found}>
	{#snippet children([mixes, { lots }])}
		<Page title="Stall" says={mixes.total ? many(mixes.total, 'mix', 'mixes') : 'no mix yet'}>
			<StallTabs />
			<div class="mb-4">
				<Act main key="n" onclick={() => (making = !making)}>Put a mix together</Act>
			</div>
			{#if making}
				<section class="mb-7 max-w-4xl border-l-4 border-marigold bg-paper p-5">
					<MixForm {lots} made={(mix) => void goto(`/stall/mixes/${mix.number}`)} />
				</section>
			{/if}
			<table class="figures">
				<thead
					><tr
						><th scope="col">mix</th><th scope="col" class="max-sm:hidden">of</th><th scope="col"></th><th
							scope="col"
							class="text-right!">left</th
						></tr
					></thead
				>
				<tbody>
					{#each mixes.items as mix (mix.number)}
						<tr>
							<th scope="row"
								><a class="quiet font-semibold" href="/stall/mixes/{mix.number}">{mix.name}</a><br /><span
									class="beside font-mono">{mix.number}</span
								></th
							>
							<td class="max-sm:hidden"
								>{mix.parts.map((part) => part.variety).join(', ')}<br /><span class="beside"
									>{dayMonth(mix.mixedOn, session.today)}</span
								></td
							>
							<td><Mark {...gateOf(mix)} /></td>
							<td class="num">{left(mix, session.units)}</td>
						</tr>
					{:else}
						<tr
							><td colspan="4" class="text-soft"
								>Several crops or varieties in one bag: a cover between rows, a strip of flowers. Each keeps
								the numbers of all that went in.</td
							></tr
						>
					{/each}
				</tbody>
			</table>
			<nav class="mt-4 flex gap-4" aria-label="Pages">
				{#if at > 0}<a class="quiet" href="?page={at - 1}">back</a>{/if}
				{#if at + 1 < mixes.pages}<a class="quiet" href="?page={at + 1}">further</a>{/if}
			</nav>
		</Page>
	{/snippet}
</Loading>
