<script lang="ts">
	import Term from '$lib/glossary/Term.svelte';
	import { ask, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Amend from '$lib/form/Amend.svelte';
	import { refusal } from '$lib/form/refusal';
	import { day, weight } from '$lib/form/kinds';
	import Pictures from '$lib/photo/Pictures.svelte';
	import Checks from './Checks.svelte';
	import ReadingLog from './ReadingLog.svelte';
	import { mass, percent, temperature, tenth } from '$lib/units/units';
	import { dayMonth, inZone } from '$lib/words/dates';
	import { DAMPNESS, many, MISSING, PICKED_FROM, STEP } from '$lib/words/words';

	interface Props {
		harvest: Schemas['HarvestView'];
		bench: Schemas['BenchView'];
		/** Whether its steps were set right. */
		checks: Schemas['SettingCheckView'][];
		/** Of its picks and steps, by their ids. */
		photos: Record<string, Schemas['PhotoView'][]>;
		/** Called with the record that is to be corrected: a step, or a pick. */
		correct?: (recordId: string) => void;
		/** Called when a step's setting was looked at, or a transfer corrected; absent where it is only read. */
		changed?: () => void;
	}
	/** What was done to a lot, with every weight: the table behind its drawn history. */
	let { harvest, bench, checks, photos, correct, changed }: Props = $props();
	const WEIGHT: Record<string, string> = {
		massIn: 'Mass in',
		massOut: 'Mass out',
		byProduct: 'What went elsewhere',
		waterAdded: 'Water added'
	};
	const units = $derived(session.units);
	const on = (instant: string) => dayMonth(inZone(instant, session.farm?.timeZone ?? 'UTC'), session.today);
</script>

{#snippet mend(recordId: string)}
	{#if correct}
		<button type="button" class="quiet cursor-pointer text-sm underline" onclick={() => correct(recordId)}
			>correct</button
		>
	{/if}
{/snippet}

{#snippet pictures(of: string, what: string)}
	<Pictures {of} {what} pictures={photos[of]} {changed} small />
{/snippet}

<table class="figures">
	<thead>
		<tr>
			<th scope="col">what</th><th scope="col" class="text-right! max-sm:hidden">in</th><th
				scope="col"
				class="text-right!">out</th
			>
			<th scope="col" class="text-right! max-sm:hidden"><Term of="recovery">recovery</Term></th><th
				scope="col">removed</th
			><th scope="col"><span class="sr-only">act</span></th>
		</tr>
	</thead>
	<tbody>
		{#each harvest.picks as pick (pick.id)}
			<tr id="record-{pick.id}">
				<th scope="row"
					><strong>picked</strong>
					<span class="beside whitespace-nowrap">{dayMonth(pick.pickedOn, session.today)}</span></th
				>
				<td class="max-sm:hidden"></td>
				<td class="num">{mass(pick.mass, units)}</td>
				<td class="max-sm:hidden"></td>
				<td class="beside">
					{many(pick.plants, 'plant')}{pick.pickedFrom === 'PLANTING'
						? ''
						: `, ${PICKED_FROM[pick.pickedFrom]}${pick.which ? `: ${pick.which}` : ''}`}
					<span class="block"
						>{[
							pick.pieces ? many(pick.pieces, 'piece') : '',
							many(pick.containers, 'container'),
							pick.dampness === 'DRY' ? '' : DAMPNESS[pick.dampness],
							pick.indoors ? 'finished indoors' : '',
							pick.pickedBy
						]
							.filter(Boolean)
							.join(', ')}</span
					>
					{#if pick.note}<span class="block">{pick.note}</span>{/if}
					{@render pictures(pick.id, 'what was picked')}
				</td>
				<td class="text-right!">{@render mend(pick.id)}</td>
			</tr>
		{/each}
		{#each harvest.transferred as transfer (transfer.id)}
			<tr id="record-{transfer.id}">
				<th scope="row"
					><strong>transferred in</strong>
					<span class="beside">{dayMonth(transfer.transferredOn, session.today)}</span></th
				>
				<td class="max-sm:hidden"></td>
				<td class="num">{mass(transfer.mass, units)}</td>
				<td class="max-sm:hidden"></td>
				<td class="beside"
					>from <a class="quiet font-mono" href="/lot/{transfer.from}">{transfer.from}</a>, {transfer.recordedBy}</td
				>
				<td class="text-right!">
					{#if changed}<Amend
							what="what was transferred from {transfer.from}"
							was={transfer}
							fields={{
								mass: weight('Transferred', { needed: true }),
								transferredOn: day('Transferred on', { needed: true })
							}}
							save={(body) =>
								ask(PUT('/api/transfers/{id}', { params: { path: { id: transfer.id } }, body }))}
							done={changed}
						/>{/if}
				</td>
			</tr>
		{/each}
		{#each bench.steps as step (step.id)}
			<tr id="record-{step.id}">
				<th scope="row"
					><strong>{step.endedAt ? STEP[step.kind].done : STEP[step.kind].doing}</strong>
					<span class="beside whitespace-nowrap">{on(step.endedAt ?? step.begunAt)}</span></th
				>
				<td class="num max-sm:hidden"
					>{mass(step.massIn, units)}{#if step.waterAdded > 0}<br /><span class="beside"
							>+ {mass(step.waterAdded, units)} water</span
						>{/if}</td
				>
				<td class="num">{step.massOut === undefined ? '…' : mass(step.massOut, units)}</td>
				<td class="num max-sm:hidden">{step.share === undefined ? '' : percent(step.share)}</td>
				<td class="beside">
					{#each step.byProducts as gone (gone.what)}<span class="block"
							>{mass(gone.mass, units)} {gone.what}, {gone.goneTo}</span
						>{/each}
					{#if step.moistureOut !== undefined}<span class="block">{step.moistureOut} % moist</span>{/if}
					{#if step.way || step.hole || step.rounds || step.vessels}<span class="block"
							>{[
								step.way,
								step.hole ? `${step.hole} mm` : '',
								step.rounds ? many(step.rounds, 'round') : '',
								step.vessels
							]
								.filter(Boolean)
								.join(', ')}</span
						>{/if}
					{#if step.minutes}<span class="block"
							>{step.minutes} min{step.people > 1 ? `, ${many(step.people, 'person', 'people')}` : ''}</span
						>{/if}
					{#if step.wrong}
						<strong class="block text-alarm"
							>{refusal(step.wrong, WEIGHT[step.wrong.field] ?? step.wrong.field)} Correct it; until then the lot
							counts as not clean.</strong
						>
					{/if}
					{#if step.alarm}
						<strong class="block text-alarm"
							>{tenth(step.unaccounted ?? 0)} % missing: {[
								step.missingReason ? MISSING[step.missingReason] : '',
								step.missingBecause
							]
								.filter(Boolean)
								.join(', ') || 'no reason given'}</strong
						>
					{/if}
					{#if step.missingReason === 'NOT_WEIGHED'}<span class="block">{MISSING.NOT_WEIGHED}</span>{/if}
					{#if step.dampBecause}<span class="block">not known to be dry: {step.dampBecause}</span>{/if}
					{#if step.heated}<strong class="block"
							>too warm: {temperature(step.heated.celsius, units)} where it bore {temperature(
								step.heated.bears,
								units
							)}</strong
						>{/if}
					{#if step.note}<span class="block">{step.note}</span>{/if}
					{#if step.massOut !== undefined && step.read}
						<details>
							<summary class="cursor-pointer">what was read of it</summary>
							<ReadingLog {step} changed={() => changed?.()} />
						</details>
					{/if}
					{#if step.set}<Checks
							{step}
							checks={checks.filter((check) => check.stepId === step.id)}
							{changed}
						/>{/if}
					{@render pictures(step.id, `what was ${STEP[step.kind].done}`)}
				</td>
				<td class="text-right!">
					{#if step.massOut !== undefined}{@render mend(step.id)}{/if}
				</td>
			</tr>
		{/each}
	</tbody>
</table>
