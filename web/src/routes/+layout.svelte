<script lang="ts">
	import '@fontsource-variable/atkinson-hyperlegible-mono';
	import '@fontsource-variable/atkinson-hyperlegible-next';
	import '../app.css';
	import type { Snippet } from 'svelte';
	import { invalidate } from '$app/navigation';
	import { page } from '$app/state';
	import { Problem } from '$lib/api/api';
	import { RECORDS } from '$lib/api/records';
	import { session } from '$lib/api/session.svelte';
	import { outbox } from '$lib/offline/outbox.svelte';
	import { keepScreens } from '$lib/offline/screens';
	import Shell from '$lib/shell/Shell.svelte';
	import { titleOf } from '$lib/shell/pages';
	import { title } from '$lib/shell/title.svelte';
	import SignIn from '$lib/shell/SignIn.svelte';

	let { children }: { children: Snippet } = $props();
	let wrong = $state('');

	async function load() {
		wrong = '';
		try {
			await session.load();
		} catch (refused) {
			wrong = refused instanceof Problem ? refused.message : String(refused);
		}
	}
	/** Read over HTTP, before a phone trusts the farm: nobody signs in there. */
	const trusting = page.url.pathname === '/trust';
	if (!trusting) void load();
	/** What lies on this phone is looked at once somebody is in whose it may be. */
	$effect(() => {
		if (!session.account) return;
		outbox.open();
		void keepScreens(session.works);
	});
	/** Whoever comes in next reads what they may, and nothing of what was read before. */
	$effect(() => {
		if (session.ready && !session.account) void invalidate(RECORDS);
	});
	/** Whether the page of the address is shown, and not the door to it. */
	const open = $derived(trusting || page.url.pathname === '/come-in' || (session.account && !session.away));
	const called = $derived(
		open
			? titleOf(page.route.id, page.params, title.of)
			: session.firstRun
				? 'Your farm · Theriseed'
				: session.ready
					? 'Sign in · Theriseed'
					: 'Theriseed'
	);
</script>

<svelte:head><title>{called}</title></svelte:head>

{#if trusting}
	{@render children()}
{:else if wrong}
	<main class="p-8">
		<p class="caution font-semibold" role="alert">{wrong}</p>
		<button type="button" class="btn mt-4 btn-primary" onclick={load}>Try again</button>
	</main>
{:else if session.ready}
	{#if session.firstRun}
		{#await import('$lib/shell/FirstRun.svelte') then { default: FirstRun }}<FirstRun />{/await}
	{:else if page.url.pathname === '/come-in'}
		{@render children()}
	{:else if session.account}
		<div inert={session.away}><Shell>{@render children()}</Shell></div>
		{#if session.away}
			<div class="fixed inset-0 z-50 overflow-auto bg-base-200">
				<SignIn again={session.account.name} />
			</div>
		{/if}
	{:else}
		<SignIn />
	{/if}
{/if}
