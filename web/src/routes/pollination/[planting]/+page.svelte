<script lang="ts">
	import { page as here } from '$app/state';
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Covers from '$lib/pollination/Covers.svelte';
	import Done from '$lib/pollination/Done.svelte';
	import Evening from '$lib/pollination/Evening.svelte';
	import Morning from '$lib/pollination/Morning.svelte';
	import { left, nextTag, onPhone } from '$lib/pollination/pollination';
	import Progress from '$lib/pollination/Progress.svelte';
	import Took from '$lib/pollination/Took.svelte';
	import { outbox } from '$lib/offline/outbox.svelte';
	import { OfflinePage } from '$lib/offline/page.svelte';
	import Corrections from '$lib/lot/Corrections.svelte';
	import { pollination } from '$lib/offline/questions';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import { CONTROL, cropWord, placed } from '$lib/words/words';
	import { v7 as newId } from 'uuid';

	const id = here.params.planting!;
	const path = `/api/plantings/${id}`;
	const rows = new OfflinePage(`/pollination/${id}`, pollination(id));
	const phone = $derived(onPhone(id, outbox.all));
	const today = (flower: Schemas['FlowerView']) => localDay(flower.pollinatedAt) === session.today;

	function localDay(instant: string) {
		return new Date(instant).toLocaleDateString('sv-SE', { timeZone: session.farm?.timeZone });
	}
</script>

<Loading from={rows.found} stays>
	{#snippet children(page)}
		{@const variety = page.planting.variety}
		{@const of = `${variety.name} ${cropWord(variety.cropName)}`}
		{@const crosses = left(page, phone, page.flowers.filter(today))}
		<Page
			{of}
			title="pollination"
			room={{ name: 'Field', path: '/field' }}
			says="{of}, {placed(page.planting.plotName)}; {CONTROL[page.planting.control].toLowerCase()}"
		>
			{#if page.planting.coverLeaked}
				<p class="caution mb-5 max-w-3xl font-semibold">
					Its cage was not tight: it is judged as standing open. See
					<a class="underline" href="/desk?season={page.planting.season}&planting={id}"
						>threats to its purity</a
					>.
				</p>
			{/if}
			{#if page.planting.control === 'OPEN' && page.flowers.length === 0}
				<p class="mb-5 max-w-3xl">
					It is planned to stand open: bees, wind or itself do the work, and nothing here needs to be done. To
					keep it true by hand or under cover, <a
						class="underline"
						href="/desk?season={page.planting.season}&planting={id}">choose a way out</a
					> or change the plan.
				</p>
			{/if}
			<div class="gloved grid items-start gap-x-10 gap-y-8 lg:grid-cols-3">
				<div class="grid gap-8">
					<Morning
						{page}
						{crosses}
						tag={nextTag(page, phone)}
						pollinate={(mother, fathers, tag) => {
							const flower = newId();
							return rows.keep('POST', `${path}/flowers`, `flower ${tag} of the ${of}`, {
								id: flower,
								mother,
								fathers: fathers.map((plant) => ({ plantingId: id, plant })),
								tag,
								note: ''
							});
						}}
					/>
				</div>
				<div class="grid gap-8">
					<Evening
						planting={page.planting}
						tonight={[...page.tonight, ...phone.evenings].flatMap((evening) => evening.closed)}
						close={(closed, draft) =>
							rows.keep(
								'POST',
								`${path}/buds`,
								`closed buds of the ${of}`,
								{ id: newId(), closedOn: session.today, closed },
								{ draft }
							)}
					/>
					<Took
						flowers={page.lookAt.filter((flower) => !phone.looked.includes(flower.id))}
						looked={(flower, took) =>
							rows.keep('PUT', `/api/flowers/${flower.id}/took`, `flower ${flower.tag} of the ${of}`, {
								took,
								lookedOn: session.today
							})}
					/>
				</div>
				<div class="grid gap-8">
					{#if page.planting.control !== 'OPEN' || page.flowers.length > 0}
						<Progress {page} waiting={phone.flowers.length} changed={rows.again} />
					{/if}
					<Covers
						{page}
						changed={rows.again}
						putOn={(kind, tag, openFlowers) =>
							rows.keep('POST', `${path}/covers`, `cover ${tag} of the ${of}`, {
								id: newId(),
								kind,
								tag,
								putOn: session.today,
								openFlowers,
								note: ''
							})}
						did={(cover, kind, firstDay, lastDay, insects) =>
							rows.keep('POST', `/api/covers/${cover.id}/events`, `cover ${cover.tag} of the ${of}`, {
								id: newId(),
								kind,
								firstDay,
								lastDay,
								...(insects ? { insects } : {})
							})}
						takeOff={(cover, fruitSet) =>
							rows.keep('PUT', `/api/covers/${cover.id}/off`, `cover ${cover.tag} of the ${of}`, {
								takenOff: session.today,
								fruitSet
							})}
					/>
				</div>
			</div>
			<Done {page} changed={rows.again} />
			<Corrections corrections={page.corrections} />
		</Page>
	{/snippet}
</Loading>
