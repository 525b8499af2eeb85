<script lang="ts">
	import { ask, POST, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import ChoiceField from '$lib/form/ChoiceField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { fullDay, inZone } from '$lib/words/dates';
	import { v4 as newSecret } from 'uuid';

	interface Props {
		feeds: Schemas['FeedView'][];
		changed: () => void;
	}
	/** Secret addresses under which a calendar program reads the calendar; each can be revoked. */
	let { feeds, changed }: Props = $props();
	const attempt = new Attempt();
	/** Minutes from the beginning of an act's first day. */
	let reminds = $state('');
	const REMINDERS = [
		{ value: '', label: 'no reminder' },
		{ value: '-360', label: 'at 18:00 on the evening before' },
		{ value: '360', label: 'at 6:00 on the first day' },
		{ value: '420', label: 'at 7:00 on the first day' }
	];
	const reminder = (minutes?: number) => REMINDERS.find((one) => one.value === String(minutes ?? ''))?.label;
	/** The address opened last; the server keeps none, so it is shown only here and now. */
	let opened = $state<{ id: string; address: string }>();
	let secret = newSecret();

	function make() {
		void attempt.run(async () => {
			const { id } = await ask(
				POST('/api/calendar/feeds', {
					body: { secret, ...(reminds ? { reminds: Number(reminds) } : {}) }
				})
			);
			opened = { id, address: `${location.origin}/calendar/${secret}.ics` };
			secret = newSecret();
			changed();
		});
	}
	function revoke({ id, version }: Schemas['FeedView']) {
		void attempt.run(async () => {
			await ask(POST('/api/calendar/feeds/{id}/revoked', { params: { path: { id } }, body: { version } }));
			changed();
		});
	}
</script>

<h3 class="ruled mt-5 font-bold">Feeds</h3>
{#if feeds.length === 0}
	<p class="py-2 text-soft">
		A feed is a secret address that a calendar program reads by itself. Whoever knows it can read the
		calendar, until you revoke it.
	</p>
{/if}
<ul>
	{#each feeds as feed (feed.id)}
		<li class="border-b border-line py-2.5">
			<p>
				opened {fullDay(inZone(feed.madeAt, session.farm?.timeZone ?? 'UTC'))} by {feed.madeBy}, {reminder(
					feed.reminds
				) ?? 'with a reminder'} ·
				<button type="button" class="cursor-pointer underline" onclick={() => revoke(feed)}>revoke it</button>
			</p>
			{#if opened?.id === feed.id}
				<label class="mt-1 grid gap-1">
					<span class="text-sm">Its address, shown only now: take it to the calendar program.</span>
					<input
						class="input w-full"
						readonly
						value={opened.address}
						onfocus={(e) => e.currentTarget.select()}
					/>
				</label>
			{/if}
		</li>
	{/each}
</ul>
<div class="mt-3 max-w-xs">
	<ChoiceField label="It reminds" name="reminds" {attempt} bind:value={reminds} choices={REMINDERS} />
</div>
<div class="mt-3"><Act onclick={make} disabled={attempt.busy}>Open a feed</Act></div>
<div class="mt-2"><Trouble {attempt} labels={{}} /></div>
