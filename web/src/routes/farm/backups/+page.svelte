<script lang="ts">
	import BackupPlan from '$lib/backup/BackupPlan.svelte';
	import BackupNow from '$lib/backup/BackupNow.svelte';
	import { happened, megabytes } from '$lib/backup/told';
	import FarmTabs from '$lib/farm/FarmTabs.svelte';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';
	import { session } from '$lib/api/session.svelte';
	import { moment } from '$lib/words/dates';
	import { refresh } from '$lib/api/records';
	import type { PageProps } from './$types';

	let { data }: PageProps = $props();
</script>

<Page title="The farm" says="what is kept of it, should this machine be lost">
	<FarmTabs />
	<Loading from={data.found} stays>
		{#snippet children(backups)}
			{#if backups.madeHere}
				<div class="grid items-start gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,1.6fr)_minmax(18rem,1fr)]">
					<section class="grid gap-4">
						<h2 class="ruled">Backups</h2>
						<BackupNow {backups} again={refresh} />
						{#if backups.events.length === 0}
							<p class="text-soft">None yet. The first is made within an hour of the first start.</p>
						{:else}
							<ul>
								{#each backups.events as event (event.at + event.what)}
									<li class="grid gap-x-4 border-b border-line py-2 sm:grid-cols-[9rem_minmax(0,1fr)]">
										<span class="text-soft">{moment(event.at, session.now)}</span>
										<span>
											<span class={['font-semibold', !event.good && 'text-alarm']}>{happened(event)}</span>
											{#if event.good && event.bytes !== undefined && event.what !== 'TRIED'}
												<span class="text-soft">{megabytes(event.bytes)}</span>
											{/if}
											{#if event.said}<span class="block text-sm break-words text-soft">{event.said}</span
												>{/if}
										</span>
									</li>
								{/each}
							</ul>
						{/if}
						<p class="text-soft">
							Backups lie in <span class="font-mono">.farm/backups</span>, readable by whoever runs this
							machine.
							<span class="font-mono">bin/backup --restore FILE</span> puts one back, and keeps what stood there.
							Who is signed in is in none of them, nor is the authority that phones trust.
						</p>
					</section>
					<BackupPlan {backups} changed={refresh} />
				</div>
			{:else}
				<p class="max-w-2xl">
					{#if session.farm?.demo}
						The demo farm has no backups. On a farm of your own they are made every day, tried, and seen here.
					{:else}
						The database of this farm is kept elsewhere: whoever keeps it makes the backups.
					{/if}
					<a class="underline" href="/farm/files">Files</a> writes the whole farm into one file at any time.
				</p>
			{/if}
		{/snippet}
	</Loading>
</Page>
