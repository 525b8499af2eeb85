<script lang="ts">
	import type { Snippet } from 'svelte';
	import { afterNavigate, goto } from '$app/navigation';
	import { whenChanged } from '$lib/api/api';
	import { page } from '$app/state';
	import { session } from '$lib/api/session.svelte';
	import { outbox } from '$lib/offline/outbox.svelte';
	import { signal } from '$lib/offline/signal.svelte';
	import { many } from '$lib/words/words';
	import { beginning } from '$lib/day/beginning.svelte';
	import NextStep from '$lib/day/NextStep.svelte';
	import SampleLine from '$lib/farm/SampleLine.svelte';
	import Search from './Search.svelte';
	import { goesOn } from './goesOn';
	import { roomOf, roomsFor } from './rooms';
	import { Scan } from './scan';
	import { reader } from '$lib/words/reader.svelte';

	let { children }: { children: Snippet } = $props();

	const here = $derived(roomOf(page.url.pathname));
	/** In the rows the whole screen belongs to the pad. */
	const walking = $derived(/^\/walk\/[^/]+$/.test(page.url.pathname));
	const rooms = $derived(roomsFor(session.works));
	const thumbs = $derived(
		rooms.filter((room) => ['/today', '/field', '/bench', '/seed-room'].includes(room.path))
	);
	let search = $state<Search>();
	let keysShown = $state(false);
	let more = $state(false);
	const scan = new Scan();
	if (session.works) {
		void beginning.look();
		afterNavigate(() => void beginning.look());
		whenChanged(() => void beginning.look());
	}

	function inField(target: EventTarget | null) {
		return (
			target instanceof HTMLElement && target.closest('input, textarea, select, [contenteditable]') !== null
		);
	}

	function pressed(event: KeyboardEvent) {
		if (event.ctrlKey || event.metaKey || event.altKey || inField(event.target)) return;
		const { taken, number } = scan.take(event.key, event.timeStamp);
		if (number) {
			event.preventDefault();
			void search?.open(number);
			return;
		}
		if (taken) return;
		if (event.key === '/') {
			event.preventDefault();
			document.querySelector<HTMLInputElement>('[data-find]')?.focus();
		} else if (event.key === '?') {
			keysShown = true;
		} else if (event.key === 'Escape') {
			more = false;
		} else if (/^[a-z]$/i.test(event.key)) {
			document.querySelector<HTMLElement>(`[data-key="${event.key}"]`)?.click();
		}
	}

	async function signOut() {
		await session.signOut();
		await goto('/');
	}
</script>

<svelte:window onkeydown={pressed} />

<a href="#page" class="skip">Skip to the page</a>

<div class={['shell', walking && 'walking']}>
	<nav class="rail" aria-label="Rooms">
		<a href="/today" class="name">Theriseed</a>
		{#each rooms as room (room.path)}
			<a
				href={room.path}
				class={['stake', here === room.path && 'pulled']}
				aria-current={here === room.path ? 'page' : undefined}><span>{room.name}</span></a
			>
		{/each}
		<p class="foot">
			{#if session.grower}<a class="quiet of" href="/farm">{session.farm?.name}</a>{:else}{session.farm
					?.name}{/if}<br />
			<a class="quiet" href="/account">{session.account?.name}</a> ·
			<button type="button" class="quiet cursor-pointer" onclick={signOut}>sign out</button><br />
			<button type="button" class="cursor-pointer" onclick={() => (keysShown = true)}>
				<kbd class="font-mono">?</kbd> keys
			</button>
		</p>
	</nav>

	{#if !walking && (signal.lost || outbox.late.length || outbox.troubled.length)}
		<p class="kept" role="status">
			{#if signal.lost}<strong>No signal.</strong>
				{signal.asOf
					? `What is shown was heard at ${new Date(signal.asOf).toLocaleTimeString(reader.locale, { hour: '2-digit', minute: '2-digit' })}.`
					: ''}{/if}
			{#if outbox.late.length}<a href="/waiting"
					>{many(outbox.late.length, 'record')} on this {outbox.late.length === 1
						? 'phone has'
						: 'phone have'} not arrived</a
				>{/if}
			{#if outbox.troubled.length}<a href="/waiting" class="font-bold"
					>{many(outbox.troubled.length, 'record')} could not be kept: look at {outbox.troubled.length === 1
						? 'it'
						: 'them'}</a
				>{/if}
		</p>
	{/if}
	{#if outbox.full}<p class="caution font-semibold" role="alert">{outbox.full}</p>{/if}
	<div class="find"><Search bind:this={search} /></div>
	<main id="page" tabindex="-1" {@attach goesOn}>
		{#if !walking}<SampleLine /><NextStep />{/if}
		{@render children()}
	</main>

	<nav class="thumb" aria-label="Rooms">
		{#each thumbs as room (room.path)}
			<a
				href={room.path}
				class={[here === room.path && 'pulled']}
				aria-current={here === room.path ? 'page' : undefined}>{room.name}</a
			>
		{/each}
		<button type="button" aria-expanded={more} onclick={() => (more = !more)}>More</button>
	</nav>
	{#if more}
		<div class="sheet">
			{#each rooms.filter((room) => !thumbs.includes(room)) as room (room.path)}
				<a href={room.path} onclick={() => (more = false)}>{room.name}</a>
			{/each}
			{#if session.grower}<a href="/farm" onclick={() => (more = false)}>{session.farm?.name}</a>{/if}
			<a href="/account" onclick={() => (more = false)}>{session.account?.name}</a>
			<button type="button" onclick={signOut}>Sign out</button>
		</div>
	{/if}
</div>

{#if keysShown}
	{#await import('./Keys.svelte') then { default: Keys }}<Keys bind:shown={keysShown} />{/await}
{/if}

<style>
	.skip {
		position: absolute;
		left: -999px;
		top: 0;
		z-index: 50;
		background: var(--color-base-content);
		color: var(--color-base-100);
		padding: 0.6rem 1rem;
	}
	.skip:focus {
		left: 0;
	}
	.shell {
		min-height: 100dvh;
		display: grid;
		grid-template-columns: 9.9rem minmax(0, 1fr);
		grid-template-rows: auto 1fr;
		position: relative;
	}
	.rail {
		grid-row: 1 / span 2;
		position: sticky;
		top: 0;
		height: 100dvh;
		display: flex;
		flex-direction: column;
		gap: 0.55rem;
		padding-bottom: 1rem;
	}
	.name {
		font-weight: 750;
		font-size: 1.2rem;
		padding: 1.15rem 1rem 1.05rem 1.1rem;
		letter-spacing: -0.01em;
	}
	/* A plant label lying at the left edge, pointed to the right. */
	.stake {
		display: block;
		width: 7.4rem;
		background: var(--color-base-100);
		padding: 0.58rem 1.2rem 0.62rem 1.1rem;
		font-weight: 650;
		clip-path: polygon(0 0, calc(100% - 16px) 0, 100% 50%, calc(100% - 16px) 100%, 0 100%);
	}
	.stake:hover {
		width: 7.9rem;
	}
	.stake:focus-visible span {
		outline: 3px solid var(--color-accent);
		outline-offset: 2px;
	}
	.stake.pulled {
		width: 8.9rem;
		background: var(--color-accent);
		color: var(--color-accent-content);
	}
	.stake.pulled:focus-visible span {
		outline-color: var(--color-accent-content);
	}
	.foot {
		margin-top: auto;
		padding: 0 0.5rem 0 1.1rem;
		font-size: var(--text-xs);
		line-height: 1.7;
		color: var(--soft);
	}
	/* Far enough from the name below it to be hit. */
	.of {
		display: inline-block;
		margin-bottom: 0.25rem;
	}
	.kept,
	main {
		grid-column: 2;
	}
	.kept {
		display: flex;
		flex-wrap: wrap;
		gap: 0.25rem 1rem;
		margin: 0 1.75rem 0 0;
		padding: 0.5rem 0.9rem;
		background: repeating-linear-gradient(135deg, var(--pale) 0 5px, var(--color-base-100) 5px 10px);
		border: 1px solid var(--color-base-content);
		border-top: 0;
	}
	.kept a {
		text-decoration: underline;
	}
	.find {
		position: absolute;
		right: 1.75rem;
		top: 1.25rem;
		width: 18.2rem;
		z-index: 10;
	}
	.kept ~ .find {
		margin-top: 2.4rem;
	}
	main {
		padding: 1.25rem 1.75rem 2.5rem 0;
		max-width: 96rem;
		outline: none;
		min-width: 0;
	}
	.thumb,
	.sheet {
		display: none;
	}
	@media print {
		.shell {
			display: block;
		}
		.shell > :not(main) {
			display: none;
		}
		main {
			padding: 0;
		}
	}
	@media screen and (max-width: 767px) {
		.shell {
			display: block;
			padding-bottom: 4.2rem;
		}
		.rail {
			display: none;
		}
		.kept {
			margin: 0;
			border-inline: 0;
		}
		.find {
			position: static;
			width: auto;
			padding: 0.75rem 1rem 0;
		}
		main {
			padding: 0.75rem 1rem 1.5rem;
		}
		.thumb {
			position: fixed;
			inset: auto 0 0 0;
			z-index: 30;
			display: grid;
			grid-template-columns: repeat(5, 1fr);
			background: var(--color-base-100);
			border-top: 1px solid var(--color-base-content);
		}
		.thumb > * {
			min-height: 3.6rem;
			display: grid;
			place-items: center;
			font-weight: 650;
			font-size: var(--text-sm);
			text-align: center;
			line-height: 1.1;
		}
		.thumb .pulled {
			background: var(--color-accent);
			color: var(--color-accent-content);
			clip-path: polygon(0 8px, 50% 0, 100% 8px, 100% 100%, 0 100%);
		}
		.sheet {
			position: fixed;
			inset: auto 0 3.6rem 0;
			z-index: 29;
			display: grid;
			background: var(--color-base-100);
			border-top: 1px solid var(--color-base-content);
		}
		.sheet > * {
			padding: 0.95rem 1.25rem;
			border-bottom: 1px solid var(--color-base-300);
			font-weight: 650;
			text-align: left;
		}
		.walking .find,
		.walking .thumb {
			display: none;
		}
		.walking {
			padding-bottom: 0;
		}
	}
</style>
