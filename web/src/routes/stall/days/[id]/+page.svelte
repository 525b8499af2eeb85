<script lang="ts">
	import { tick } from 'svelte';
	import { page as here } from '$app/state';
	import { ask, POST, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import Amend from '$lib/form/Amend.svelte';
	import { outbox } from '$lib/offline/outbox.svelte';
	import { OfflinePage } from '$lib/offline/page.svelte';
	import { stallDay } from '$lib/offline/questions';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import CountDay from '$lib/stall/CountDay.svelte';
	import DayCounted from '$lib/stall/DayCounted.svelte';
	import Table from '$lib/stall/Table.svelte';
	import { money } from '$lib/stall/words';
	import { fullDay, inZone } from '$lib/words/dates';
	import { many } from '$lib/words/words';

	const id = here.params.id!;
	const path = `/api/stall-days/${id}`;
	const rows = new OfflinePage(`/stall/days/${id}`, stallDay(id));
	let counting = $state(false);

	/** Of what was tapped, what the server has not answered for yet. */
	const sent = $derived(
		outbox.all
			.filter((one) => one.path === `${path}/handed` && one.state !== 'refused')
			.map((one) => one.body as Schemas['HandedRequest'])
	);
	const underWay = (day: Schemas['StallDayView']) => (line: Schemas['AlongLine']) =>
		sent
			.filter((one) => !day.handed.some((known) => known.id === one.id))
			.flatMap((one) => one.lines)
			.filter((one) => one.packingRunId === line.packingRunId)
			.reduce((sum, one) => sum + one.packets, 0);
	const waiting = $derived(outbox.waiting.filter((one) => one.path.startsWith(path)).length);
	/** Counted is from what was sold, which first has to arrive. */
	async function over() {
		await outbox.sendFirst();
		rows.again();
		await Promise.resolve(rows.found).catch(() => undefined);
		await tick();
		counting = true;
	}
	const takeBack = (handedId: string) =>
		rows.keep('POST', `${path}/handed/${handedId}/take-back`, 'a sale at the stall taken back', {});
</script>

<Loading from={rows.found} stays>
	{#snippet children(day)}
		{@const come = day.heldOn <= session.today}
		<Page
			of={day.market}
			title={day.market}
			room={{ name: 'Stall', path: '/stall/days' }}
			says="{fullDay(day.heldOn)}{day.counted
				? `, ${money(day.brought)} brought`
				: day.tallied > 0
					? `, ${money(day.tallied)} by the tally`
					: ''}"
		>
			{#if day.note}<p class="mb-3">{day.note}</p>{/if}
			{#if waiting}<p class="mb-3 text-sm text-soft">
					{many(waiting, 'sale')} on this phone not arrived yet.
				</p>{/if}
			{#if day.counted}
				<DayCounted {day} />
				<p class="mt-6 flex flex-wrap gap-x-6 gap-y-2">
					<a class="quiet" target="_blank" rel="noopener" href="{path}/sheet.pdf">the day on paper</a>
					{#if session.grower}<Amend
							what="the count at {day.market}"
							act="count anew"
							was={{ version: 0 }}
							fields={{}}
							save={({ reason = '' }) =>
								ask(POST('/api/stall-days/{id}/count-anew', { params: { path: { id } }, body: { reason } }))}
							done={rows.again}
						/>{/if}
				</p>
			{:else}
				{#if come && session.works && !counting}
					<Table
						lines={day.lines}
						underWay={underWay(day)}
						hand={(handed, says) => rows.keep('POST', `${path}/handed`, says, handed)}
					/>
				{:else if !come}
					<p class="mb-4">
						{many(
							day.lines.reduce((sum, line) => sum + line.taken, 0),
							'packet'
						)} lie ready.
					</p>
				{/if}
				{#if counting}
					<CountDay
						{day}
						main
						done={() => {
							counting = false;
							rows.again();
						}}
					/>
				{/if}
				<p class="mt-4 flex flex-wrap items-center gap-x-6 gap-y-2">
					{#if session.grower && come}<Act
							main={day.heldOn < session.today && !counting}
							why={waiting > 0 && !counting ? 'First the sales on this phone have to arrive.' : ''}
							onclick={() => (counting ? (counting = false) : void over())}
							>{counting ? 'Go on selling' : 'The stall is over'}</Act
						>{/if}
					<a class="quiet" target="_blank" rel="noopener" href="{path}/sheet.pdf">sheet to take along</a>
				</p>
				{#if day.handed.length && !counting}
					<h2 class="ruled mt-8">Over the table</h2>
					<table class="figures">
						<tbody>
							{#each day.handed as one (one.id)}
								<tr>
									<td>{inZone(one.at, session.farm?.timeZone ?? 'UTC').slice(11)}</td>
									<th scope="row"
										>{#each one.lines as line (line.packingRunId)}<span class="block"
												>{many(line.packets, 'packet')}, {line.variety}
												<span class="beside font-mono whitespace-nowrap">{line.number}</span></span
											>{/each}</th
									>
									<td class="num">{one.gift ? 'given' : money(one.price)}</td>
									<td class="text-right!"
										>{#if session.works}<button
												type="button"
												class="quiet"
												onclick={() => void takeBack(one.id)}>take back</button
											>{/if}</td
									>
								</tr>
							{/each}
						</tbody>
					</table>
				{/if}
			{/if}
		</Page>
	{/snippet}
</Loading>
