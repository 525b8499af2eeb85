<script lang="ts">
	import { ask, POST, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Amend from '$lib/form/Amend.svelte';
	import { money } from '$lib/stall/words';
	import Hours from './Hours.svelte';
	import { dayMonth } from '$lib/words/dates';
	import {
		borne,
		byProductFields,
		hoursWord,
		OUTLAY,
		outlayFields,
		WORK,
		workFields,
		type Bearer
	} from './words';

	interface Props {
		bearers: Bearer[];
		work: Schemas['WorkDoneView'][];
		outlays: Schemas['OutlayView'][];
		byProducts: Schemas['ByProductSaleView'][];
		done: () => void;
	}
	/** Hours, outlays and by-products that were written down, and the buttons that write more. */
	let { bearers, work, outlays, byProducts, done }: Props = $props();
	const of = ({ id }: { id: string }) => ({ params: { path: { id } } });
	const on = (record: { plantingId?: string; lotId?: string }) =>
		bearers.find((bearer) =>
			record.lotId ? bearer.lotId === record.lotId : bearer.plantingId === record.plantingId
		)?.label ?? '';
</script>

{#if bearers.length}
	<div class="my-3 flex flex-wrap gap-3">
		<Hours {bearers} asAct {done} />
		<Amend
			what="outlay"
			act="write down an outlay"
			asAct
			fields={outlayFields(bearers)}
			save={(body) => ask(POST('/api/money/outlays', { body: borne(bearers, body) }))}
			{done}
		/>
		<Amend
			what="by-product sold"
			act="write down a by-product sold"
			asAct
			fields={byProductFields(bearers)}
			save={(body) => ask(POST('/api/money/by-products', { body: borne(bearers, body) }))}
			{done}
		/>
	</div>
{/if}
<table class="figures">
	<tbody>
		{#each work as one (one.id)}
			<tr>
				<td>{dayMonth(one.doneOn, session.today)}</td>
				<th scope="row"
					>{WORK[one.kind]}<br /><span class="beside">{[one.note, on(one)].filter(Boolean).join('; ')}</span
					></th
				>
				<td class="num"
					>{hoursWord((one.people * one.minutes) / 60)}{#if one.people > 1}<br /><span class="beside"
							>{one.people} people</span
						>{/if}</td
				>
				<td class="text-right!"
					><Amend
						what={WORK[one.kind]}
						was={one}
						fields={workFields()}
						save={(body) => ask(PUT('/api/money/work/{id}', { ...of(one), body: borne([], body) }))}
						{done}
					/></td
				>
			</tr>
		{/each}
		{#each outlays as one (one.id)}
			<tr>
				<td>{dayMonth(one.spentOn, session.today)}</td>
				<th scope="row">{one.what}<br /><span class="beside">{OUTLAY[one.kind]}, {on(one)}</span></th>
				<td class="num">{money(one.amount)}</td>
				<td class="text-right!"
					><Amend
						what={one.what}
						was={one}
						fields={outlayFields()}
						save={(body) => ask(PUT('/api/money/outlays/{id}', { ...of(one), body: borne([], body) }))}
						{done}
					/></td
				>
			</tr>
		{/each}
		{#each byProducts as one (one.id)}
			<tr>
				<td>{dayMonth(one.soldOn, session.today)}</td>
				<th scope="row">{one.what}<br /><span class="beside">by-product sold, {on(one)}</span></th>
				<td class="num">+{money(one.amount)}</td>
				<td class="text-right!"
					><Amend
						what={one.what}
						was={one}
						fields={byProductFields()}
						save={(body) => ask(PUT('/api/money/by-products/{id}', { ...of(one), body: borne([], body) }))}
						{done}
					/></td
				>
			</tr>
		{/each}
	</tbody>
</table>
{#if work.length + outlays.length + byProducts.length === 0}
	<p class="max-w-prose text-sm text-soft">
		Nothing is written down yet. What the bench and packing took is kept there; all other hours are only known
		when they are written here.
	</p>
{/if}
