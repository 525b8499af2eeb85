<script lang="ts">
	import { ask, POST, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Amend from '$lib/form/Amend.svelte';
	import { money } from '$lib/stall/words';
	import Hours from './Hours.svelte';
	import { dayMonth } from '$lib/words/dates';
	import {
		byProductBody,
		byProductEntries,
		hoursWord,
		OUTLAY,
		outlayBody,
		outlayEntries,
		WORK,
		workBody,
		workEntries,
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
			entries={outlayEntries(bearers, session.today)}
			save={(typed) => ask(POST('/api/money/outlays', { body: outlayBody(bearers, typed) }))}
			{done}
		/>
		<Amend
			what="by-product sold"
			act="write down a by-product sold"
			asAct
			entries={byProductEntries(bearers, session.today)}
			save={(typed) => ask(POST('/api/money/by-products', { body: byProductBody(bearers, typed) }))}
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
						version={one.version}
						entries={workEntries(bearers, session.today, one)}
						save={(typed, made) =>
							ask(
								PUT('/api/money/work/{id}', {
									params: { path: { id: one.id } },
									body: { ...workBody(bearers, typed), ...made }
								})
							)}
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
						version={one.version}
						entries={outlayEntries(bearers, session.today, one)}
						save={(typed, made) =>
							ask(
								PUT('/api/money/outlays/{id}', {
									params: { path: { id: one.id } },
									body: { ...outlayBody(bearers, typed), ...made }
								})
							)}
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
						version={one.version}
						entries={byProductEntries(bearers, session.today, one)}
						save={(typed, made) =>
							ask(
								PUT('/api/money/by-products/{id}', {
									params: { path: { id: one.id } },
									body: { ...byProductBody(bearers, typed), ...made }
								})
							)}
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
