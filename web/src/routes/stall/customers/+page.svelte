<script lang="ts">
	import { ask, GET, POST, PUT, type Schemas } from '$lib/api/api';
	import Amend, { type Entry } from '$lib/form/Amend.svelte';
	import { numberIn } from '$lib/form/typed';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import StallTabs from '$lib/stall/StallTabs.svelte';
	import { CUSTOMER } from '$lib/stall/words';
	import { many } from '$lib/words/words';

	let turn = $state(0);
	const done = () => turn++;
	const found = $derived.by(() => {
		void turn;
		return Promise.all([ask(GET('/api/customers')), ask(GET('/api/price-lists'))]);
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
	{#snippet children([customers, lists])}
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
								<tr>
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
									<td class="num">{list.share} %</td>
									<td class="text-right!"
										><Amend
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
							{:else}
								<tr
									><td class="text-soft"
										>Shops often pay so many percent of what stands on the packet; a list says how many.</td
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
