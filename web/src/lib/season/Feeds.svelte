<script lang="ts">
	import { ask, GET, POST, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import { fullDay, inZone } from '$lib/words/dates';

	/** Secret addresses under which a calendar program reads the calendar; each can be revoked. */
	const attempt = new Attempt();
	let turn = $state(0);
	const found = $derived.by(() => {
		void turn;
		return ask(GET('/api/calendar/feeds'));
	});
	const address = (feed: Schemas['FeedView']) => `${location.origin}${feed.path}`;

	function make() {
		void attempt.run(async () => {
			await ask(POST('/api/calendar/feeds'));
			turn++;
		});
	}
	function revoke({ id, version }: Schemas['FeedView']) {
		void attempt.run(async () => {
			await ask(POST('/api/calendar/feeds/{id}/revoked', { params: { path: { id } }, body: { version } }));
			turn++;
		});
	}
</script>

<h3 class="ruled mt-5 font-bold">Feeds</h3>
<Loading from={found}>
	{#snippet children(feeds)}
		{#if feeds.length === 0}
			<p class="py-2 text-soft">
				A feed is a secret address that a calendar program reads by itself. Whoever knows it can read the
				calendar, until you revoke it.
			</p>
		{/if}
		<ul>
			{#each feeds as feed (feed.id)}
				<li class="border-b border-line py-2.5">
					<label class="grid gap-1">
						<span class="text-sm text-soft"
							>made {fullDay(inZone(feed.madeAt, session.farm?.timeZone ?? 'UTC'))} by {feed.madeBy}</span
						>
						<input class="input w-full" readonly value={address(feed)} />
					</label>
					<button type="button" class="mt-1 cursor-pointer underline" onclick={() => revoke(feed)}
						>revoke it</button
					>
				</li>
			{/each}
		</ul>
		<div class="mt-3"><Act onclick={make} disabled={attempt.busy}>Open a feed</Act></div>
	{/snippet}
</Loading>
<div class="mt-2"><Trouble {attempt} labels={{}} /></div>
