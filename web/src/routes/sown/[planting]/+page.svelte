<script lang="ts">
	import { session } from '$lib/api/session.svelte';
	import { generation } from '$lib/family/words';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import ElsewhereForm from '$lib/sown/ElsewhereForm.svelte';
	import OwnSeedForm from '$lib/sown/OwnSeedForm.svelte';
	import Sown from '$lib/sown/Sown.svelte';
	import { fullDay } from '$lib/words/dates';
	import { cropWord, many, placed } from '$lib/words/words';
	import { refresh } from '$lib/api/records';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();
</script>

<Loading from={data.found} stays>
	{#snippet children(found)}
		{@const known = found.sown.own.length + found.sown.elsewhere.length > 0}
		<Page
			of={found.variety}
			title="what it was sown with"
			room={{ name: 'Field', path: '/field' }}
			says="{found.variety} {cropWord(found.crop)}, {placed(found.ground)}, {found.season}"
		>
			<div class="grid items-start gap-x-10 gap-y-8 lg:grid-cols-2">
				<section>
					<h2 class="ruled mb-3">Sown with</h2>
					<Sown plantingId={found.plantingId} sown={found.sown} done={refresh} />
					<p class="mt-4 text-soft">
						By the plan it {found.plannedOn > session.today ? 'is to be' : 'was'} sown {fullDay(
							found.plannedOn
						)}, for
						{many(found.plants, 'plant')}.
						{#if known}Its seed will be: {generation(found.generation)}.{/if}
					</p>
					<p class="mt-3 flex flex-wrap gap-x-5">
						<a class="quiet" href="/desk?season={found.season}&planting={found.plantingId}">On the desk</a>
					</p>
				</section>
				{#if session.works}
					<div class="grid gap-8">
						{#if found.proposed.length > 0}
							<section>
								<h2 class="ruled mb-3">Seed of your own lots</h2>
								{#key found}<OwnSeedForm
										{found}
										main={!known && found.plannedOn <= session.today}
										kept={refresh}
									/>{/key}
							</section>
							<details>
								<summary class="cursor-pointer underline">seed from elsewhere</summary>
								<div class="mt-4">
									{#key found}<ElsewhereForm {found} main={false} kept={refresh} />{/key}
								</div>
							</details>
						{:else}
							<section>
								<h2 class="ruled mb-3">Seed from elsewhere</h2>
								<p class="mb-3 text-soft">No lot of {found.variety} has seed left here.</p>
								{#key found}<ElsewhereForm
										{found}
										main={!known && found.plannedOn <= session.today}
										kept={refresh}
									/>{/key}
							</section>
						{/if}
					</div>
				{/if}
			</div>
		</Page>
	{/snippet}
</Loading>
