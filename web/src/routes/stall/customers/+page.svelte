<script lang="ts">
	import { page } from '$app/state';
	import { ask, GET, POST, PUT, type Schemas } from '$lib/api/api';
	import { everything } from '$lib/api/pages';
	import Amend, { type Entry } from '$lib/form/Amend.svelte';
	import { maybeNumberIn, countIn, numberIn } from '$lib/form/typed';
	import StrikeOut from '$lib/mistake/StrikeOut.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import StallTabs from '$lib/stall/StallTabs.svelte';
	import { CUSTOMER, money } from '$lib/stall/words';
	import { cropWord, many } from '$lib/words/words';

	const A_PAGE = 200;
	let turn = $state(0);
	const done = () => turn++;
	const found = $derived.by(() => {
		void turn;
		return Promise.all([
			ask(GET('/api/customers')),
			ask(GET('/api/price-lists')),
			everything((page) => ask(GET('/api/varieties', { params: { query: { page, size: A_PAGE } } })))
		]);
	});
	const entries = (lists: Schemas['PriceListView'][], one?: Schemas['CustomerView']): Entry[] => [
		{ name: 'name', label: 'Name', value: one?.name ?? '' },
		{
			name: 'kind',
			label: 'Who they are',
			value: one?.kind ?? 'SHOP',
			choices: Object.entries(CUSTOMER).map(([value, label]) => ({ value, label }))
		},
		{
			name: 'priceListId',
			label: 'Terms',
			value: one?.priceListId ?? '',
			choices: [
				{ value: '', label: 'the price on the packet' },
				...lists.map((list) => ({ value: list.id, label: `${list.name}, ${list.share} %` }))
			]
		},
		{ name: 'address', label: 'Address', value: one?.address ?? '' },
		{ name: 'note', label: 'Note', value: one?.note ?? '' }
	];
	const body = (typed: Record<string, string>) => ({
		name: typed.name,
		kind: typed.kind as Schemas['CustomerView']['kind'],
		address: typed.address,
		note: typed.note,
		priceListId: typed.priceListId || undefined
	});
	const priceEntries = (varieties: Schemas['VarietyView'][]): Entry[] => [
		{
			name: 'varietyId',
			label: 'Variety',
			value: varieties[0]?.id ?? '',
			choices: varieties.map((one) => ({ value: one.id, label: `${one.name}, ${cropWord(one.cropName)}` }))
		},
		{
			name: 'of',
			label: 'Of',
			value: 'any',
			choices: [
				{ value: 'any', label: 'any packet' },
				{ value: 'seeds', label: 'packets of so many seeds' },
				{ value: 'bulk', label: '100 g of bulk' }
			]
		},
		{
			name: 'seeds',
			label: 'Seeds in the packet',
			value: '',
			type: 'number',
			hint: 'only for packets of so many'
		},
		{ name: 'price', label: 'Price', value: '', type: 'number' }
	];
	/** Whom a search led to is brought into view. */
	const meant = (id: string) => (row: Element) => {
		if (page.url.hash === `#${id}`) row.scrollIntoView({ block: 'center' });
	};
	const own = (one: Schemas['ListPriceView']) =>
		one.byWeight ? '100 g' : one.seeds ? `packet of ${one.seeds}` : 'any packet';
	const listEntries = (list?: Schemas['PriceListView']): Entry[] => [
		{ name: 'name', label: 'Name', value: list?.name ?? '' },
		{
			name: 'share',
			label: 'Percent of the price on the packet',
			value: String(list?.share ?? ''),
			type: 'number'
		}
	];
</script>

<Loading from={found} stays>
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
							entries={entries(lists)}
							save={(typed) => ask(POST('/api/customers', { body: body(typed) }))}
							{done}
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
											version={one.version}
											entries={entries(lists, one)}
											save={(typed, made) =>
												ask(
													PUT('/api/customers/{id}', {
														params: { path: { id: one.id } },
														body: { ...body(typed), ...made }
													})
												)}
											{done}
										/>
										<Amend
											what={one.name}
											act="no longer"
											version={one.version}
											entries={[]}
											save={(_, made) =>
												ask(
													POST('/api/customers/{id}/end', { params: { path: { id: one.id } }, body: made })
												)}
											{done}
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
							entries={listEntries()}
							save={(typed) =>
								ask(
									POST('/api/price-lists', {
										body: { name: typed.name, share: numberIn('share', typed.share) }
									})
								)}
							{done}
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
												entries={priceEntries(varieties)}
												save={(typed) =>
													ask(
														PUT('/api/price-lists/{id}/prices', {
															params: { path: { id: list.id } },
															body: {
																varietyId: typed.varietyId,
																byWeight: typed.of === 'bulk',
																seeds: typed.of === 'seeds' ? countIn('seeds', typed.seeds) : undefined,
																price: numberIn('price', typed.price)
															}
														})
													)}
												{done}
											/>{/if}
										<Amend
											what={list.name}
											version={list.version}
											entries={listEntries(list)}
											save={(typed, made) =>
												ask(
													PUT('/api/price-lists/{id}', {
														params: { path: { id: list.id } },
														body: { name: typed.name, share: numberIn('share', typed.share), ...made }
													})
												)}
											{done}
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
												version={one.version}
												entries={[
													{
														name: 'price',
														label: 'Price',
														value: one.price.toFixed(2),
														hint: 'empty: by the list’s share again'
													}
												]}
												save={(typed, made) =>
													ask(
														PUT('/api/price-lists/{id}/prices', {
															params: { path: { id: list.id } },
															body: {
																varietyId: one.varietyId,
																byWeight: one.byWeight,
																seeds: one.seeds,
																price: maybeNumberIn('price', typed.price),
																...made
															}
														})
													)}
												{done}
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
