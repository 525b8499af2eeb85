<script lang="ts">
	import { ask, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Amend, { type Amended, type Entry } from '$lib/form/Amend.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import ChoiceField from '$lib/form/ChoiceField.svelte';
	import TextField from '$lib/form/TextField.svelte';
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

	const attempt = new Attempt();
	let adding = $state(false);
	// svelte-ignore state_referenced_locally
	let kind = $state<Cover['kind']>(page.planting.control === 'BAGGED' ? 'BAG' : 'CAGE');
	// svelte-ignore state_referenced_locally
	let tag = $state(String(page.covers.length + 1));
	let openFlowers = $state(false);
	let opened = $state<string>();
	let from = $state(session.today);
	let to = $state(session.today);
	const schedule = $derived(page.schedule);
	const insectsToCome = $derived(page.insectsOn.filter((day) => day >= session.today));

	const entries = (cover: Cover): Entry[] => [
		{ name: 'tag', label: 'Its number', value: cover.tag },
		{ name: 'putOn', label: 'Put on', value: cover.putOn, type: 'date' },
		{
			name: 'openFlowers',
			label: 'Open flowers stayed in it',
			value: String(cover.openFlowers),
			type: 'yes'
		},
		{ name: 'note', label: 'Note', value: cover.note }
	];
	const keep =
		(cover: Cover): Amended =>
		(typed, made) =>
			ask(
				PUT('/api/covers/{id}', {
					params: { path: { id: cover.id } },
					body: {
						id: cover.id,
						kind: cover.kind,
						tag: typed.tag,
						putOn: typed.putOn,
						openFlowers: typed.openFlowers === 'true',
						note: typed.note,
						...made
					}
				})
			);
	const keepOff =
		(cover: Cover): Amended =>
		(typed, made) =>
			ask(
				PUT('/api/covers/{id}/off', {
					params: { path: { id: cover.id } },
					body: { takenOff: typed.takenOff, fruitSet: typed.fruitSet === 'true', ...made }
				})
			);
	const takeBack =
		(event: Schemas['CoverEventView']): Amended =>
		(_, made) =>
			ask(PUT('/api/cover-events/{id}/taken-back', { params: { path: { id: event.id } }, body: made }));
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
							entries={entries(cover)}
							version={cover.version}
							save={keep(cover)}
							done={changed}
						/>
						{#if cover.takenOff}
							<Amend
								what="when {COVER[cover.kind]} {cover.tag} came off"
								act="correct its end"
								entries={[
									{ name: 'takenOff', label: 'Taken off', value: cover.takenOff, type: 'date' },
									{
										name: 'fruitSet',
										label: 'The fruit had set',
										value: String(cover.fruitSet),
										type: 'yes'
									}
								]}
								version={cover.version}
								save={keepOff(cover)}
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
										entries={[]}
										version={event.version}
										save={takeBack(event)}
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
						<form
							class="mt-2 grid grid-cols-2 items-end gap-2 border-l-4 border-beet pl-3"
							onsubmit={(event) => {
								event.preventDefault();
								opened = undefined;
								void did(cover, 'OPENED', from, to);
							}}
						>
							<TextField label="Open from" name="firstDay" type="date" {attempt} bind:value={from} />
							<TextField label="to" name="lastDay" type="date" {attempt} bind:value={to} />
							<button type="submit" class="btn col-span-2 h-12 btn-primary">Write it down</button>
						</form>
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
			<form
				class="mt-3 grid gap-3 border-l-4 border-marigold bg-paper p-4"
				onsubmit={(event) => {
					event.preventDefault();
					adding = false;
					void putOn(kind, tag, openFlowers);
				}}
			>
				<ChoiceField
					label="What"
					name="kind"
					{attempt}
					bind:value={kind}
					choices={[
						{ value: 'BAG', label: 'bag over a cluster' },
						{ value: 'CAGE', label: 'cage over plants' }
					]}
				/>
				<TextField label="Its number" name="tag" {attempt} required needed maxlength={20} bind:value={tag} />
				<label class="flex gap-2"
					><input type="checkbox" class="checkbox" bind:checked={openFlowers} /> open flowers stay in it</label
				>
				<button type="submit" class="btn h-12 btn-primary">It is on</button>
			</form>
		{:else}
			<button type="button" class="btn mt-3 h-12 btn-secondary" onclick={() => (adding = true)}
				>Put on a bag or a cage</button
			>
		{/if}
	{/if}
</section>
