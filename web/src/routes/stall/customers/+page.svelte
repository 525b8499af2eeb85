<script lang="ts">
	import { page } from '$app/state';
	import { ask, POST, PUT, type Schemas } from '$lib/api/api';
	import Amend from '$lib/form/Amend.svelte';
	import { amount, choice, count, figure, pick, text } from '$lib/form/kinds';
	import StrikeOut from '$lib/mistake/StrikeOut.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import StallTabs from '$lib/stall/StallTabs.svelte';
	import { CUSTOMER, money } from '$lib/stall/words';
	import { cropWord, many } from '$lib/words/words';
	import { refresh } from '$lib/api/records';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	const NEEDED = { needed: true } as const;
	const fields = (lists: Schemas['PriceListView'][]) => ({
		name: text('Name'),
		kind: choice('Who they are', CUSTOMER, { start: 'SHOP' }),
		priceListId: pick('Terms', [
			{ value: '', label: 'the price on the packet' },
			...lists.map((list) => ({ value: list.id, label: `${list.name}, ${list.share} %` }))
		]),
		address: text('Address'),
		note: text('Note')
	});
	const priceFields = (varieties: Schemas['VarietyView'][]) => ({
		varietyId: pick(
			'Variety',
			varieties.map((one) => ({ value: one.id, label: `${one.name}, ${cropWord(one.cropName)}` })),
			NEEDED
		),
		of: choice('Of', { any: 'any packet', seeds: 'packets of so many seeds', bulk: '100 g of bulk' }),
		seeds: count('Seeds in the packet', { needed: true, when: ({ of }) => of === 'seeds' }),
		price: amount('Price', NEEDED)
	});
	const listFields = {
		name: text('Name'),
		share: figure('Percent of the price on the packet', NEEDED)
	};
	/** Whom a search led to is brought into view. */
	const meant = (id: string) => (row: Element) => {
		if (page.url.hash === `#${id}`) row.scrollIntoView({ block: 'center' });
	};
	const own = (one: Schemas['ListPriceView']) =>
		one.byWeight ? '100 g' : one.seeds ? `packet of ${one.seeds}` : 'any packet';
</script>

<Loading from={data.found} stays>
	{#snippet children([customers, lists, varieties])}
		<Page title="Stall" says={many(customers.length, 'customer')}>
			<StallTabs />
			<div class="grid items-start gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,1.6fr)_minmax(0,1fr)]">
				<section>
					<h2 class="ruled">Customers</h2>
					<div class="my-3">
						<Amend
							what="customer"
							act="add a customer"
							asAct
							fields={fields(lists)}
							save={(body) => ask(POST('/api/customers', { body }))}
							done={refresh}
						/>
					</div>
					<table class="figures">
						<tbody>
							{#each customers as one (one.id)}
								<tr class={[page.url.hash === `#${one.id}` && 'bg-pale']} {@attach meant(one.id)}>
									<th scope="row" class="wrap-anywhere"
										>{one.name}<br /><span class="beside"
											>{[CUSTOMER[one.kind], one.address, one.note].filter(Boolean).join(', ')}</span
										></th
									>
									<td>{one.priceList ?? 'price on the packet'}</td>
									<td class="text-right!">
										<Amend
											what={one.name}
											was={one}
											fields={fields(lists)}
											save={(body) =>
												ask(PUT('/api/customers/{id}', { params: { path: { id: one.id } }, body }))}
											done={refresh}
										/>
										<Amend
											what={one.name}
											act="no longer"
											was={one}
											fields={{}}
											save={(body) =>
												ask(POST('/api/customers/{id}/end', { params: { path: { id: one.id } }, body }))}
											done={refresh}
										/>
										<StrikeOut kind="CUSTOMER" recordId={one.id} named={one.name} />
									</td>
								</tr>
							{:else}
								<tr><td class="text-soft">Nobody yet: they are added here, or with their first sale.</td></tr>
							{/each}
						</tbody>
					</table>
				</section>
				<section>
					<h2 class="ruled">Price lists</h2>
					<div class="my-3">
						<Amend
							what="price list"
							act="add a price list"
							asAct
							fields={listFields}
							save={(body) => ask(POST('/api/price-lists', { body }))}
							done={refresh}
						/>
					</div>
					<table class="figures">
						<tbody>
							{#each lists as list (list.id)}
								<tr>
									<th scope="row">{list.name}</th>
									<td>{list.share} % of the packet</td>
									<td class="text-right!">
										{#if varieties.length > 0}<Amend
												what={list.name}
												act="add a price"
												fields={priceFields(varieties)}
												save={({ of, ...body }) =>
													ask(
														PUT('/api/price-lists/{id}/prices', {
															params: { path: { id: list.id } },
															body: { ...body, byWeight: of === 'bulk' }
														})
													)}
												done={refresh}
											/>{/if}
										<Amend
											what={list.name}
											was={list}
											fields={listFields}
											save={(body) =>
												ask(PUT('/api/price-lists/{id}', { params: { path: { id: list.id } }, body }))}
											done={refresh}
										/></td
									>
								</tr>
								{#each list.prices as one (one.id)}
									<tr>
										<th scope="row" class="pl-4! font-normal">{one.variety}, {own(one)}</th>
										<td class="num">{money(one.price)}</td>
										<td class="text-right!"
											><Amend
												what="{one.variety} on {list.name}"
												was={one}
												fields={{ price: amount('Price', { hint: 'empty: by the list’s share again' }) }}
												save={(body) =>
													ask(
														PUT('/api/price-lists/{id}/prices', {
															params: { path: { id: list.id } },
															body: {
																...body,
																varietyId: one.varietyId,
																byWeight: one.byWeight,
																seeds: one.seeds
															}
														})
													)}
												done={refresh}
											/></td
										>
									</tr>
								{/each}
							{:else}
								<tr
									><td class="text-soft"
										>Shops often pay so many percent of what stands on the packet; a list says how many, and
										what has a price of its own.</td
									></tr
								>
							{/each}
						</tbody>
					</table>
				</section>
			</div>
		</Page>
	{/snippet}
</Loading>
