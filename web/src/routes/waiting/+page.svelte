<script lang="ts">
	import { goto } from '$app/navigation';
	import { v7 as newId } from 'uuid';
	import { Problem, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import AskDay from '$lib/offline/AskDay.svelte';
	import type { Waiting } from '$lib/offline/box';
	import Mend from '$lib/offline/Mend.svelte';
	import { outbox } from '$lib/offline/outbox.svelte';
	import { signal } from '$lib/offline/signal.svelte';
	import Page from '$lib/shell/Page.svelte';
	import { asCounted } from '$lib/walk/record';
	import { WalkCount } from '$lib/walk/walk.svelte';
	import { capital, many } from '$lib/words/words';
	import { reader } from '$lib/words/reader.svelte';

	const attempt = new Attempt();
	const aside = $derived(outbox.all.filter((one) => one.state === 'aside'));
	const when = (madeAt: number) =>
		new Date(madeAt).toLocaleString(reader.locale, { weekday: 'short', hour: '2-digit', minute: '2-digit' });

	const WALK = /^\/api\/plantings\/([^/]+)\/walks$/;

	/** A walk goes back where it was counted, with all of it; never in the place of one that is under way there. */
	async function openAgain(record: Waiting) {
		const planting = WALK.exec(record.path)![1];
		const walk = asCounted(record.body as Schemas['WalkRequest']);
		const counted = record.state === 'clash' ? { ...walk, id: newId() } : walk;
		if (!(await WalkCount.takeUp(planting, counted, record.seq))) {
			throw new Problem('Another walk of this planting is under way: record that one first.', 0);
		}
		await goto(record.from);
	}
	function download(records: Waiting[]) {
		const file = new Blob([JSON.stringify(records, null, '\t')], { type: 'application/json' });
		const link = document.createElement('a');
		link.href = URL.createObjectURL(file);
		link.download = 'records-on-this-phone.json';
		link.click();
		URL.revokeObjectURL(link.href);
	}
</script>

{#snippet line(record: Waiting)}
	<p class="text-lg font-bold">{capital(record.says)}</p>
	<p class="text-sm text-soft">
		made {when(record.madeAt)}{record.by !== session.account?.name
			? ` by ${record.by}, who must sign in for it to be sent`
			: ''}
	</p>
{/snippet}

{#snippet ways(record: Waiting)}
	{#if record.asksDay}
		<AskDay ask={(day) => outbox.sendAgain(record, { day })} />
	{:else if WALK.test(record.path)}
		<button
			type="button"
			class="btn mt-2 btn-primary"
			onclick={() => void attempt.run(() => openAgain(record))}>Open it again</button
		>
	{:else if record.body && record.state !== 'waiting'}
		<Mend {record} send={(body) => outbox.sendAgain(record, { body })} />
	{/if}
	<div class="mt-2 flex flex-wrap gap-3">
		{#if !record.body || record.state === 'waiting'}
			<button type="button" class="btn btn-secondary" onclick={() => void outbox.sendAgain(record)}
				>Try again</button
			>
		{/if}
		{#if record.state !== 'aside'}
			<button type="button" class="btn btn-secondary" onclick={() => void outbox.setAside(record)}
				>Set it aside</button
			>
		{/if}
	</div>
{/snippet}

<Page
	title="On this phone"
	says={!outbox.known
		? 'looking'
		: outbox.kept.length
			? 'kept until the farm’s server has them'
			: 'everything has arrived'}
>
	<Trouble {attempt} />
	{#if outbox.troubled.length}
		<section class="mb-8 max-w-3xl">
			<h2 class="ruled">The server would not keep these</h2>
			<ul>
				{#each outbox.troubled as record (record.seq)}
					<li class="border-b border-line py-3">
						{@render line(record)}
						<p class="caution mt-1 font-semibold">{record.because}</p>
						{#if record.failed}
							<p class="mt-1 text-sm">
								The server failed on it {many(record.failed, 'time')}. It is tried again by itself, and holds
								up nothing else.
							</p>
						{/if}
						{#if record.state === 'clash'}
							<details class="mt-1 text-sm">
								<summary class="cursor-pointer">What stands there, and what is here</summary>
								<div class="grid gap-4 sm:grid-cols-2">
									<pre class="overflow-x-auto bg-paper p-3 text-xs">{JSON.stringify(
											record.current,
											null,
											1
										)}</pre>
									<pre class="overflow-x-auto bg-paper p-3 text-xs">{JSON.stringify(
											record.body,
											null,
											1
										)}</pre>
								</div>
							</details>
						{/if}
						{@render ways(record)}
					</li>
				{/each}
			</ul>
		</section>
	{/if}
	<section class="max-w-3xl">
		<h2 class="ruled">Not arrived yet</h2>
		<ul>
			{#each outbox.fine as record (record.seq)}
				<li class="border-b border-line py-3">
					{@render line(record)}
					{#if record.because}<p class="text-sm">{record.because}</p>{/if}
				</li>
			{:else}
				<li class="py-3 text-soft">
					Nothing waits. What is done in the rows is kept here until it has arrived.
				</li>
			{/each}
		</ul>
		<div class="mt-4 flex flex-wrap gap-3">
			{#if outbox.fine.length}
				<button
					type="button"
					class="btn btn-primary"
					aria-disabled={attempt.busy}
					onclick={() => void attempt.run(() => outbox.send())}
					>{signal.lost ? 'Try again' : 'Send now'}</button
				>
			{/if}
			{#if outbox.kept.length}
				<button type="button" class="btn btn-secondary" onclick={() => download(outbox.kept)}
					>Save a copy as a file</button
				>
			{/if}
		</div>
	</section>
	{#if aside.length}
		<section class="mt-8 max-w-3xl">
			<h2 class="ruled">Set aside</h2>
			<ul>
				{#each aside as record (record.seq)}
					<li class="border-b border-line py-3">
						{@render line(record)}
						<p class="text-sm">{record.because}</p>
						{@render ways(record)}
					</li>
				{/each}
			</ul>
		</section>
	{/if}
</Page>
