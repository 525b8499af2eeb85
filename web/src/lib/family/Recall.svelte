<script lang="ts">
	import { ask, POST, PUT, type Schemas } from '$lib/api/api';
	import Fields from '$lib/form/Fields.svelte';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { day, text } from '$lib/form/kinds';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import Amend from '$lib/form/Amend.svelte';
	import { dayMonth } from '$lib/words/dates';
	import { many } from '$lib/words/words';
	import { amount } from './words';

	interface Props {
		family: Schemas['FamilyView'];
		/** A page of those who have some. */
		holders: Schemas['PartOfHolder'];
		page: number;
		kept: () => void;
	}
	/** Calling a lot's seed back: what is here is held, and everyone who has some is told. */
	let { family, holders, page, kept }: Props = $props();

	const number = $derived(family.number);
	const lots = $derived(family.lots.filter((lot) => lot.carries && lot.here && !lot.onHold));
	const mixes = $derived(family.mixes.filter((mix) => (mix.packetsHere || mix.bulkHere) && !mix.onHold));
	const free = $derived([...lots, ...mixes]);
	const all = $derived(
		[lots.length ? many(lots.length, 'lot') : '', mixes.length ? many(mixes.length, 'mix', 'mixes') : '']
			.filter(Boolean)
			.join(' and ')
	);
	const units = $derived(session.units);
	const form = new Form({ reason: text('Why') });
	let asking = $state(false);

	async function hold() {
		const parts = { params: { path: { number } }, body: form.body() };
		await ask(POST('/api/lots/{number}/recall', parts));
		asking = false;
		kept();
	}
	const fields = () => ({
		toldOn: day('Told on', { needed: true, start: session.today }),
		how: text('How', { hint: 'by phone, by letter, at the stall' })
	});
</script>

<section class="mt-8 border-t-2 border-ink pt-4">
	<div class="flex flex-wrap items-start gap-x-8 gap-y-4">
		<div class="min-w-0 flex-1 basis-xl">
			<h2>Recall</h2>
			<p class="mb-3 text-soft">
				{family.customers
					? `Hold what is here, and tell ${many(family.customers, 'customer')} who got some.`
					: 'Nothing of it went to anybody.'}
			</p>
			{#if holders.items.length > 0}
				<table class="figures">
					<thead
						><tr
							><th scope="col">customer</th><th scope="col">got</th><th scope="col">last</th><th scope="col"
								>told</th
							></tr
						></thead
					>
					<tbody>
						{#each holders.items as holder (holder.customerId + holder.number + (holder.mix ?? ''))}
							<tr>
								<th scope="row" class="font-semibold!">{holder.customer}</th>
								<td
									>{amount(holder.packets, holder.bulk, units)} of
									<a class="quiet font-mono" href="/lot/{holder.number}">{holder.number}</a>{#if holder.mix},
										in mix
										<a class="quiet font-mono" href="/stall/mixes/{holder.mix}">{holder.mix}</a>{/if}</td
								>
								<td>{dayMonth(holder.lastOn, session.today)}</td>
								<td>
									{#if holder.told}
										{@const { told: earlier } = holder}
										told {dayMonth(earlier.toldOn, session.today)}, {earlier.how}
										<Amend
											what="{holder.customer} was told"
											was={earlier}
											fields={fields()}
											save={(body) =>
												ask(
													PUT('/api/told/{id}', {
														params: { path: { id: earlier.id } },
														body: { ...body, customerId: holder.customerId }
													})
												)}
											done={kept}
										/>
										<Amend
											what="{holder.customer} was told"
											act="take back"
											was={earlier}
											fields={{}}
											save={(body) =>
												ask(PUT('/api/told/{id}/undone', { params: { path: { id: earlier.id } }, body }))}
											done={kept}
										/>
									{:else}
										<b>not told yet</b>
										<Amend
											what={holder.customer}
											act="mark as told"
											fields={fields()}
											save={(body) =>
												ask(
													POST('/api/lots/{number}/told', {
														params: { path: { number } },
														body: { ...body, customerId: holder.customerId }
													})
												)}
											done={kept}
										/>
									{/if}
								</td>
							</tr>
						{/each}
					</tbody>
				</table>
				{#if page > 0 || holders.further}
					<p class="mt-3 flex gap-4">
						{#if page > 0}<a class="quiet" href="?page={page - 1}">those before</a>{/if}
						{#if holders.further}<a class="quiet" href="?page={page + 1}">those after</a>{/if}
					</p>
				{/if}
			{/if}
		</div>
		<div class="grid w-full gap-3 sm:w-56">
			{#if free.length > 0}
				<Act main key="h" onclick={() => (asking = !asking)}
					>Hold {free.length === 1 ? free[0].number : all}</Act
				>
			{:else}
				<p class="text-sm text-soft">All that is here is on hold, or nothing is left.</p>
			{/if}
			{#if asking}
				<FormOf {form} send={hold} main={false} act="Hold them" class="gap-3">
					<Fields {form} />
					<p class="text-sm text-soft">{free.map((lot) => lot.number).join(', ')}</p>
				</FormOf>
			{/if}
			{#if family.customers > 0}<Act key="c" href="/api/lots/{number}/recall.csv">List for telling them</Act
				>{/if}
			<Act key="i" onclick={() => print()}>Print this page</Act>
		</div>
	</div>
</section>
