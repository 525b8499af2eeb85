<script lang="ts">
	import { onMount } from 'svelte';
	import { Command } from 'bits-ui';
	import { goto } from '$app/navigation';
	import { ask, GET, Problem, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { shortDay } from '$lib/words/dates';
	import { termsCalled } from '$lib/glossary/terms';
	import { pagesCalled } from './pages';
	import SearchField from './SearchField.svelte';

	type Kind = Schemas['Hit']['kind'] | 'PAGE' | 'TERM';
	interface Shown {
		/** What it is in the list: a lot may have been sold twice. */
		value: string;
		path: string;
		title: string;
		detail: string;
	}
	const PATH: Record<Schemas['Hit']['kind'], (key: string) => string> = {
		LOT: (key) => `/lot/${key}`,
		MIX: (key) => `/stall/mixes/${key}`,
		PLANTING: (key) => `/desk/plantings/${key}`,
		VARIETY: (key) => `/desk/varieties/${key}`,
		PLOT: (key) => `/field?plot=${key}`,
		BED: (key) => `/field?plot=${key}`,
		CUSTOMER: (key) => `/stall/customers#${key}`,
		ORDER: (key) => `/stall/orders/${key}`,
		INVOICE: (key) => `/stall/orders/${key}`,
		SALE: (key) => `/stall/${key}`,
		CROP: (key) => `/handbook/${key}`
	};
	const HEADING: [Kind, string][] = [
		['LOT', 'Lots'],
		['MIX', 'Mixes'],
		['PLANTING', 'Plantings'],
		['VARIETY', 'Varieties'],
		['PLOT', 'Plots'],
		['BED', 'Beds'],
		['CUSTOMER', 'Customers'],
		['ORDER', 'Orders'],
		['INVOICE', 'Invoices'],
		['SALE', 'Sales'],
		['CROP', 'Crops'],
		['PAGE', 'Pages'],
		['TERM', 'Terms']
	];
	const NO_LOT: Record<NonNullable<Schemas['Answer']['noLot']>, (typed: string) => string> = {
		MISTYPED: (typed) =>
			`${typed} is not a lot number: its last character does not fit the rest. One character is wrong, or two are swapped.`,
		NOT_HERE: (typed) => `${typed} is a proper lot number, but this farm has no such lot.`
	};

	interface Props {
		/** What was typed before this was there. */
		begun?: string;
		/** Whether whoever types stands in it. */
		entered?: boolean;
	}
	let { begun = '', entered = false }: Props = $props();
	// svelte-ignore state_referenced_locally
	let typed = $state(begun);
	let found = $state<{ heading: string; mono: boolean; of: Shown[] }[]>([]);
	let note = $state('');
	/** What the arrow keys stand on. */
	let chosen = $state('');
	let asked = 0;

	let field = $state<HTMLInputElement>();
	onMount(() => {
		if (entered) field?.focus();
		void look(false);
	});

	/** Opens what has a number that was scanned or typed elsewhere on the page. */
	export async function open(number: string) {
		typed = number;
		await look(true);
	}

	async function look(go: boolean) {
		const mine = ++asked;
		note = '';
		if (typed.trim() === '') {
			found = [];
			return;
		}
		try {
			const answer = await ask(GET('/api/search', { params: { query: { q: typed } } }));
			if (mine !== asked) return;
			found = shown(answer.hits);
			note = answer.noLot
				? NO_LOT[answer.noLot](typed.trim().toUpperCase())
				: found.length === 0
					? 'Nothing here is called that.'
					: '';
			const first = found[0]?.of[0];
			chosen = first?.value ?? '';
			if (answer.opens) leave(PATH[answer.opens.kind](answer.opens.key));
			else if (go && first) leave(first.path);
		} catch (wrong) {
			if (mine === asked) note = wrong instanceof Problem ? wrong.message : String(wrong);
		}
	}

	/** By kind; customers have a page for growers only. */
	function shown(hits: Schemas['Hit'][]) {
		const pages = pagesCalled(typed, session).map(([path, place]) => ({
			value: path,
			path,
			title: place.name,
			detail: place.room ?? ''
		}));
		const terms = termsCalled(typed).map(([key, { term, short = '' }]) => ({
			value: key,
			path: `/handbook/glossary#${key}`,
			title: term,
			detail: short
		}));
		return HEADING.map(([kind, heading]) => ({
			heading,
			mono: kind === 'LOT' || kind === 'MIX',
			of:
				kind === 'PAGE'
					? pages
					: kind === 'TERM'
						? terms
						: hits
								.filter((hit) => hit.kind === kind && (kind !== 'CUSTOMER' || session.grower))
								.map((hit, i) => ({
									value: `${kind} ${i}`,
									path: PATH[hit.kind](hit.key),
									title: hit.title,
									detail: [hit.detail, hit.on && shortDay(hit.on)].filter(Boolean).join(', ')
								}))
		})).filter((group) => group.of.length > 0);
	}

	function leave(path: string) {
		empty();
		void goto(path);
	}

	function empty() {
		asked++;
		typed = '';
		found = [];
		note = '';
	}

	function key(event: KeyboardEvent) {
		if (event.key === 'Enter' && !chosen) void look(true);
		else if (event.key === 'Escape') {
			empty();
			(event.target as HTMLElement).blur();
		}
	}
</script>

<Command.Root
	label="Search"
	shouldFilter={false}
	vimBindings={false}
	bind:value={chosen}
	class="w-full min-w-0"
>
	<Command.Input bind:value={typed}>
		{#snippet child({ props })}
			<SearchField
				{...props}
				bind:field
				bind:value={typed}
				oninput={() => look(false)}
				onkeydown={key}
				aria-expanded={found.length > 0}
			/>
		{/snippet}
	</Command.Input>
	<div class="list" hidden={!(found.length || note)}>
		{#if note}<p class="p-3 text-sm" role="status">{note}</p>{/if}
		<Command.List aria-label="Found" class="max-h-[70dvh] overflow-y-auto">
			{#each found as group (group.heading)}
				<Command.Group value={group.heading}>
					<Command.GroupHeading class="px-3 pt-2 text-xs text-soft">{group.heading}</Command.GroupHeading>
					<Command.GroupItems>
						{#each group.of as one (one.value)}
							<Command.LinkItem value={one.value} href={one.path} class="hit" onSelect={empty}>
								<span class={['font-semibold', group.mono && 'font-mono']}>{one.title}</span>
								<span class="text-right text-soft">{one.detail}</span>
							</Command.LinkItem>
						{/each}
					</Command.GroupItems>
				</Command.Group>
			{/each}
		</Command.List>
	</div>
</Command.Root>

<style>
	.list {
		position: absolute;
		inset: 100% 0 auto 0;
		z-index: 20;
		margin-top: 0.25rem;
		border: 1px solid var(--color-base-content);
		background: var(--color-base-100);
	}
	.list :global(.hit) {
		display: flex;
		justify-content: space-between;
		gap: 0.75rem;
		min-height: 2.75rem;
		align-items: center;
		padding: 0.35rem 0.75rem;
	}
	.list :global(.hit[data-selected]) {
		background: var(--pale);
	}
</style>
