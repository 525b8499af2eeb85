<script lang="ts">
	import { page } from '$app/state';
	import { ask, GET, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { count, figure } from '$lib/form/kinds';
	import { allHours, hoursWord, ratesWord, WORK, type Work } from '$lib/money/words';
	import Written from '$lib/money/Written.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import { money } from '$lib/stall/words';
	import Tag from '$lib/tag/Tag.svelte';
	import { area, mass, written } from '$lib/units/units';
	import { cropWord, many } from '$lib/words/words';
	import { refresh } from '$lib/api/records';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();

	type Priced = Schemas['LotPriceView'];
	const number = $derived(page.params.number!);
	let tried = $state<Priced>();
	/** What is taken where nothing is typed. */
	let usual = $state.raw<Priced>();
	$effect(() => {
		data.found.then(
			(lot) => (usual = lot),
			() => undefined
		);
	});
	const form = new Form({
		packets: count('Packets', { placeholder: () => written(usual?.packets) }),
		price: figure('Price of a packet', { placeholder: () => written(usual?.price) }),
		unsold: figure('Never sold, %', { placeholder: () => written(usual?.unsold) }),
		margin: figure('To keep, %', { placeholder: () => written(usual?.margin) }),
		fees: figure('Fees, %', { placeholder: () => written(usual?.fees) })
	});
	async function calculate() {
		const parts = { params: { path: { number }, query: form.body() } };
		tried = await ask(GET('/api/lots/{number}/money', parts));
	}
	const parts = (of: NonNullable<Priced['money']>, rates: Priced['rates']) => [
		{ name: 'ground', note: `${area(of.area, session.units)} for the days it stood`, amount: of.ground },
		{
			name: 'hours',
			note: `${hoursWord(allHours(of.hours))} at ${money(rates.wage)}`,
			amount: of.wages
		},
		{ name: 'materials', note: '', amount: of.materials },
		{ name: 'seed that was sown', note: '', amount: of.ownSeed },
		{ name: 'bags and labels', note: '', amount: of.packets },
		{ name: 'its share of what failed', note: '', amount: of.failed }
	];
</script>

<Loading from={data.found} stays>
	{#snippet children(lot)}
		{@const shown = tried ?? lot}
		{@const of = lot.money}
		<Page title="money" room={{ name: 'Stall', path: '/stall/money' }}>
			<div class="mb-5 flex flex-wrap items-center gap-x-6 gap-y-3">
				<Tag number={lot.number} size="large" />
				<p class="flex-1 text-lg">
					<strong>{lot.variety}</strong>
					<span class="beside">{cropWord(lot.crop)}</span><br />
					{#if of}cost {money(of.cost)}, brought {money(of.brought + of.byProducts)} so far{:else}came to
						nothing; what it cost is carried by the other lots of its season{/if}
				</p>
			</div>
			<div class="grid items-start gap-x-12 gap-y-8 lg:grid-cols-2">
				{#if of}
					<section>
						<h2 class="ruled">What it cost</h2>
						<table class="figures">
							<tbody>
								{#each parts(of, lot.rates).filter((part) => part.amount > 0) as part (part.name)}
									<tr
										><th scope="row">{part.name} <span class="beside font-normal">{part.note}</span></th><td
											class="num">{money(part.amount)}</td
										></tr
									>
									{#if part.name === 'hours'}
										{#each Object.entries(of.hours).filter(([, hours]) => hours > 0) as [kind, hours] (kind)}
											<tr
												><td class="pl-6!">{WORK[kind as Work]}</td><td class="num beside"
													>{hoursWord(hours)}</td
												></tr
											>
										{/each}
									{/if}
								{/each}
								<tr><th scope="row">in all</th><td class="num"><b>{money(of.cost)}</b></td></tr>
								<tr
									><th scope="row"
										>brought <span class="beside font-normal">{many(of.packetsSold, 'packet')} sold</span></th
									><td class="num">{money(of.brought)}</td></tr
								>
								{#if of.byProducts > 0}<tr
										><th scope="row">by-products brought</th><td class="num">{money(of.byProducts)}</td></tr
									>{/if}
								{#if of.fees > 0}<tr><th scope="row">fees of it</th><td class="num">{money(of.fees)}</td></tr
									>{/if}
								<tr
									><th scope="row">left, when all is paid</th><td class="num"><b>{money(of.left)}</b></td></tr
								>
								{#if of.perHour !== undefined}<tr
										><th scope="row">an hour earned</th><td class="num">{money(of.perHour)}</td></tr
									>{/if}
								{#if of.perSquareMetre !== undefined}<tr
										><th scope="row">a square metre left</th><td class="num">{money(of.perSquareMetre)}</td
										></tr
									>{/if}
								<tr
									><th scope="row">not sold yet</th><td class="num"
										>{many(of.packetsLeft, 'packet')}{of.worth > 0
											? `, ${money(of.worth)}`
											: ''}{of.bulkLeft > 0 ? `; ${mass(of.bulkLeft, session.units)}` : ''}</td
									></tr
								>
							</tbody>
						</table>
						<p class="mt-3 max-w-prose text-sm text-soft">
							{#if lot.rates.version < 0}Nothing costs anything yet: <a class="quiet" href="/stall/money"
									>say what things cost</a
								>.{:else}Calculated with {ratesWord(lot.rates)}.{/if} Its planting’s costs are shared by clean seed.
						</p>
					</section>
					<section>
						<h2 class="ruled">What a packet must bring</h2>
						<FormOf
							{form}
							send={calculate}
							main={false}
							act="Calculate"
							labels={{ 'margin+fees': 'To keep and fees together, as a share' }}
							class="my-3 grid-cols-2 gap-3 sm:grid-cols-3"
						/>
						{#if shown.packet}
							<table class="figures">
								<tbody>
									<tr
										><th scope="row">a packet filled costs</th><td class="num"
											>{money(shown.packet.perFilled)}</td
										></tr
									>
									<tr
										><th scope="row"
											>a packet sold costs <span class="beside font-normal"
												>with {shown.unsold} % never sold</span
											></th
										><td class="num">{money(shown.packet.perSold)}</td></tr
									>
									<tr
										><th scope="row"
											>price that keeps {shown.margin} %<span class="beside font-normal"
												>{shown.fees > 0 ? ` after ${shown.fees} % fees` : ''}</span
											></th
										><td class="num"><b>{money(shown.packet.priceForMargin)}</b></td></tr
									>
									<tr
										><th scope="row"
											>pays from <span class="beside font-normal"
												>at {money(shown.price ?? shown.packet.priceForMargin)}</span
											></th
										><td class="num"
											>{shown.packet.breakEven
												? many(shown.packet.breakEven, 'packet')
												: 'never at that price'}{shown.packets && shown.packet.breakEven > shown.packets
												? `, more than the ${shown.packets} there are`
												: ''}</td
										></tr
									>
								</tbody>
							</table>
							<p class="mt-3 max-w-prose text-sm text-soft">
								All that the lot cost is laid on {many(shown.packets ?? 0, 'packet')}; what goes in bulk is
								not in it.
							</p>
						{:else}
							<p class="text-soft">Say how many packets it will fill.</p>
						{/if}
					</section>
				{/if}
				<section class="lg:col-span-2">
					<h2 class="ruled">Written down</h2>
					<Written
						bearers={[
							{ label: `lot ${lot.number} alone`, lotId: lot.lotId },
							...(lot.plantingId ? [{ label: 'its whole planting', plantingId: lot.plantingId }] : [])
						]}
						work={lot.work}
						outlays={lot.outlays}
						byProducts={lot.byProducts}
						done={refresh}
					/>
				</section>
			</div>
		</Page>
	{/snippet}
</Loading>
