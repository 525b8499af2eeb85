<script lang="ts">
	import { untrack } from 'svelte';
	import { ask, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Amend from '$lib/form/Amend.svelte';
	import { choice, day, text, yes } from '$lib/form/kinds';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import Mark from '$lib/mark/Mark.svelte';
	import { dayMonth } from '$lib/words/dates';
	import { capital, COVER, COVER_VERDICT, many } from '$lib/words/words';

	type Cover = Schemas['CoverView'];
	interface Props {
		page: Schemas['PollinationPage'];
		putOn: (kind: Cover['kind'], tag: string, openFlowers: boolean) => Promise<void>;
		did: (
			cover: Cover,
			kind: Schemas['CoverEventView']['kind'],
			from: string,
			to: string,
			insects?: number
		) => Promise<void>;
		takeOff: (cover: Cover, fruitSet: boolean) => Promise<void>;
		changed: () => void;
	}
	/** Bags and cages: put on before bloom, shaken or filled with insects, taken off after the fruit has set. */
	let { page, putOn, did, takeOff, changed }: Props = $props();

	let adding = $state(false);
	let opened = $state<string>();
	const cover = new Form({
		kind: choice(
			'What',
			{ BAG: 'bag over a cluster', CAGE: 'cage over plants' },
			{ start: untrack(() => (page.planting.control === 'BAGGED' ? 'BAG' : 'CAGE')) }
		),
		tag: text('Its number', { needed: true, maxlength: 20, start: untrack(() => page.covers.length + 1) }),
		openFlowers: yes('open flowers stay in it')
	});
	const open = new Form({
		firstDay: day('Open from', { needed: true, start: session.today }),
		lastDay: day('to', { needed: true, start: session.today })
	});
	async function put() {
		const { kind, tag, openFlowers } = cover.body();
		adding = false;
		await putOn(kind, tag, openFlowers);
	}
	async function stoodOpen(cover: Cover) {
		const { firstDay, lastDay } = open.body();
		opened = undefined;
		await did(cover, 'OPENED', firstDay, lastDay);
	}
	const schedule = $derived(page.schedule);
	const insectsToCome = $derived(page.insectsOn.filter((day) => day >= session.today));

	const fields = {
		tag: text('Its number'),
		putOn: day('Put on', { needed: true }),
		openFlowers: yes('Open flowers stayed in it'),
		note: text('Note')
	};
	const of = ({ id }: { id: string }) => ({ params: { path: { id } } });
	const eventWords = (event: Schemas['CoverEventView']) =>
		`${event.kind === 'SHAKEN' ? 'shaken' : event.kind === 'INSECTS' ? `${event.insects} insects` : 'open'} ${dayMonth(event.firstDay)}${event.lastDay === event.firstDay ? '' : ` to ${dayMonth(event.lastDay)}`}`;

	const doneToday = (cover: Cover, what: string) =>
		cover.events.some((event) => event.kind === what && event.lastDay === session.today);
</script>

<section id="covers">
	<h2 class="ruled">Bags and cages</h2>
	<ul>
		{#each page.covers as cover (cover.id)}
			<li class="border-b border-line py-3">
				<p class="flex flex-wrap items-baseline gap-2">
					<strong class="text-lg">{capital(COVER[cover.kind])} {cover.tag}</strong>
					<Mark
						state={cover.verdict === 'TIGHT' ? 'clear' : 'crosses'}
						label={COVER_VERDICT[cover.verdict].mark}
					/>
					<span class="text-sm text-soft"
						>on {dayMonth(cover.putOn)}{cover.takenOff ? `, off ${dayMonth(cover.takenOff)}` : ''}</span
					>
					{#if session.works}
						<Amend
							what="{COVER[cover.kind]} {cover.tag}"
							was={cover}
							{fields}
							save={(body) =>
								ask(
									PUT('/api/covers/{id}', {
										...of(cover),
										body: { ...body, id: cover.id, kind: cover.kind }
									})
								)}
							done={changed}
						/>
						{#if cover.takenOff}
							<Amend
								what="when {COVER[cover.kind]} {cover.tag} came off"
								act="correct its end"
								was={cover}
								fields={{
									takenOff: day('Taken off', { needed: true }),
									fruitSet: yes('The fruit had set')
								}}
								save={(body) => ask(PUT('/api/covers/{id}/off', { ...of(cover), body }))}
								done={changed}
							/>
						{/if}
					{/if}
				</p>
				{#if cover.verdict !== 'TIGHT'}<p class="text-sm">{COVER_VERDICT[cover.verdict].says}</p>{/if}
				{#if cover.events.length}
					<ul class="text-sm text-soft">
						{#each cover.events.slice(-4) as event (event.id)}
							<li>
								{eventWords(event)}
								{#if session.works}<Amend
										what="{eventWords(event)}, {COVER[cover.kind]} {cover.tag}"
										act="it was not so"
										was={event}
										fields={{}}
										save={({ reason = '' }) =>
											ask(
												PUT('/api/cover-events/{id}/taken-back', {
													...of(event),
													body: { reason, version: event.version }
												})
											)}
										done={changed}
									/>{/if}
							</li>
						{/each}
					</ul>
				{/if}
				{#if !cover.takenOff && session.works}
					<div class="mt-2 flex flex-wrap gap-2">
						{#if cover.kind === 'BAG'}
							<button
								type="button"
								class="btn h-12 btn-secondary"
								disabled={doneToday(cover, 'SHAKEN')}
								onclick={() => void did(cover, 'SHAKEN', session.today, session.today)}
								>{doneToday(cover, 'SHAKEN') ? 'Shaken today' : 'Shaken'}</button
							>
						{:else if schedule}
							<button
								type="button"
								class="btn h-12 btn-secondary"
								disabled={doneToday(cover, 'INSECTS')}
								onclick={() => void did(cover, 'INSECTS', session.today, session.today, schedule.insectsEach)}
								>{schedule.insectsEach} insects put in{doneToday(cover, 'INSECTS') ? ' today' : ''}</button
							>
						{/if}
						<button
							type="button"
							class="btn h-12 btn-secondary"
							onclick={() => (opened = opened === cover.id ? undefined : cover.id)}>It stood open</button
						>
						<button type="button" class="btn h-12 btn-secondary" onclick={() => void takeOff(cover, true)}
							>Off, fruit has set</button
						>
						<button type="button" class="btn h-12 btn-secondary" onclick={() => void takeOff(cover, false)}
							>Off before it set</button
						>
					</div>
					{#if opened === cover.id}
						<FormOf
							form={open}
							send={() => stoodOpen(cover)}
							act="Write it down"
							class="mt-2 grid-cols-2 items-end gap-2 border-l-4 border-beet pl-3"
						/>
					{/if}
				{/if}
			</li>
		{:else}
			<li class="py-2 text-soft">
				None is on. {page.planting.control === 'CAGED' || page.planting.control === 'BAGGED'
					? 'It is planned to be covered before the first flower opens.'
					: ''}
			</li>
		{/each}
	</ul>
	{#if schedule && page.covers.some((cover) => cover.kind === 'CAGE')}
		<p class="mt-2 text-sm">
			Insects every {many(schedule.everyDays, 'day')} while it blooms, {schedule.insectsEach} each time{insectsToCome.length
				? `: ${insectsToCome.map((day) => dayMonth(day)).join(', ')}`
				: ''}. For a hundred flies that live ten days; watch the seed set.
		</p>
	{/if}
	{#if session.works}
		{#if adding}
			<FormOf
				form={cover}
				send={put}
				act="It is on"
				class="mt-3 gap-3 border-l-4 border-marigold bg-paper p-4"
			/>
		{:else}
			<button type="button" class="btn mt-3 h-12 btn-secondary" onclick={() => (adding = true)}
				>Put on a bag or a cage</button
			>
		{/if}
	{/if}
</section>
