<script lang="ts">
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import { session } from '$lib/api/session.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import { many } from '$lib/words/words';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	const attempt = new Attempt();
	let q = $state(page.url.searchParams.get('q') ?? '');
	const look = () =>
		void goto(q ? `?q=${encodeURIComponent(q)}` : '?', {
			keepFocus: true,
			noScroll: true,
			replaceState: true
		});
	const HOW = { SELFING: 'self-pollinating', MIXED: 'mixed (both)', OUTCROSSING: 'cross-pollinating' };
	const LIFE = { ANNUAL: 'annual', BIENNIAL: 'biennial', PERENNIAL: 'perennial', CLONAL: 'clonal' };
	const SEED = { WET: 'wet', DRY: 'dry', DRY_FRUIT: 'fresh or dried fruit' };
</script>

<Page title="Handbook" says="the figures the app calculates with, crop by crop">
	<search class="mb-4 block max-w-sm" oninput={look}>
		<TextField label="Search by name, species or family" name="q" type="search" {attempt} bind:value={q} />
	</search>
	<Loading from={data.found} stays>
		{#snippet children(crops)}
			<p class="text-sm text-soft">
				{many(crops.total, 'crop')}{#if session.grower}; <a class="quiet" href="/handbook/new"
						>one of your own</a
					>{/if}; <a class="quiet" href="/handbook/glossary">what the terms mean</a>
			</p>
			<table class="figures">
				<thead>
					<tr>
						<th scope="col">crop</th>
						<th scope="col">species</th>
						<th scope="col" class="max-md:hidden">family</th>
						<th scope="col" class="max-sm:hidden">life</th>
						<th scope="col" class="max-sm:hidden">breeding</th>
						<th scope="col" class="max-md:hidden">seed comes out</th>
					</tr>
				</thead>
				<tbody>
					{#each crops.items as crop (crop.key)}
						<tr>
							<th scope="row"><a class="quiet font-semibold" href="/handbook/{crop.key}">{crop.name}</a></th>
							<td><em>{crop.species}</em></td>
							<td class="max-md:hidden">{crop.family}</td>
							<td class="max-sm:hidden">{LIFE[crop.lifeCycle]}</td>
							<td class="max-sm:hidden"
								>{crop.breedingSystem ? HOW[crop.breedingSystem] : 'kept as a clone'}</td
							>
							<td class="max-md:hidden">{crop.seedProcess ? SEED[crop.seedProcess] : '–'}</td>
						</tr>
					{:else}
						<tr
							><td colspan="6" class="text-soft"
								>No crop is called that. Try a species or a family{#if session.grower}, or
									<a class="quiet" href="/handbook/new">begin one of your own</a>{/if}.</td
							></tr
						>
					{/each}
				</tbody>
			</table>
		{/snippet}
	</Loading>
</Page>
