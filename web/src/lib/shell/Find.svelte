<script lang="ts">
	import { goto } from '$app/navigation';
	import ScanButton from '$lib/scan/ScanButton.svelte';
	import { ask, GET, Problem, type Schemas } from '$lib/api/api';

	type Hit = Schemas['Hit'];
	const PATH: Record<Hit['kind'], (hit: Hit) => string> = {
		LOT: (hit) => `/lot/${hit.key}`,
		VARIETY: (hit) => `/desk/varieties/${hit.key}`,
		PLOT: (hit) => `/field?plot=${hit.key}`,
		CROP: (hit) => `/handbook/${hit.key}`
	};

	let typed = $state('');
	let hits = $state<Hit[]>([]);
	let note = $state('');
	let chosen = $state(0);
	let asked = 0;
	const id = $props.id();

	/** Looks for a number that was typed or scanned elsewhere on the page. */
	export async function open(number: string) {
		typed = number;
		await look(true);
	}

	async function look(go: boolean) {
		const mine = ++asked;
		note = '';
		if (typed.trim() === '') {
			hits = [];
			return;
		}
		try {
			const found = await ask(GET('/api/find', { params: { query: { q: typed } } }));
			if (mine !== asked) return;
			hits = found.hits;
			note =
				found.note ??
				(found.hits.length === 0 && !found.lot && !found.mix ? 'Nothing here is called that.' : '');
			chosen = 0;
			if (found.lot) leave(`/lot/${found.lot}`);
			else if (found.mix) leave(`/stall/mixes/${found.mix}`);
			else if (go && hits.length > 0) leave(PATH[hits[chosen].kind](hits[chosen]));
		} catch (wrong) {
			if (mine === asked) note = wrong instanceof Problem ? wrong.message : String(wrong);
		}
	}

	function leave(path: string) {
		typed = '';
		hits = [];
		note = '';
		void goto(path);
	}

	function key(event: KeyboardEvent) {
		if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
			event.preventDefault();
			const step = event.key === 'ArrowDown' ? 1 : -1;
			chosen = Math.max(0, Math.min(hits.length - 1, chosen + step));
		} else if (event.key === 'Enter') {
			event.preventDefault();
			if (hits[chosen]) leave(PATH[hits[chosen].kind](hits[chosen]));
			else void look(true);
		} else if (event.key === 'Escape') {
			typed = '';
			hits = [];
			note = '';
			(event.target as HTMLElement).blur();
		}
	}
</script>

<div class="relative flex w-full gap-2">
	<label class="input flex w-full min-w-0 items-center border-ink">
		<input
			data-find
			bind:value={typed}
			oninput={() => look(false)}
			onkeydown={key}
			placeholder="Find a lot, plot or variety"
			aria-label="Find a lot, plot, variety or crop"
			role="combobox"
			aria-expanded={hits.length > 0}
			aria-controls="{id}-hits"
			autocomplete="off"
			spellcheck="false"
		/>
		<kbd class="font-mono text-soft max-md:hidden" aria-hidden="true">/</kbd>
	</label>
	<ScanButton what="a lot" read={(code) => void open(code)} />
	{#if hits.length > 0 || note}
		<div class="absolute top-full right-0 left-0 z-20 mt-1 border border-ink bg-paper">
			{#if note}<p class="p-3 text-sm" role="status">{note}</p>{/if}
			<ul id="{id}-hits" role="listbox" aria-label="Found">
				{#each hits as hit, i (hit.kind + hit.key)}
					<li role="option" aria-selected={i === chosen}>
						<a
							href={PATH[hit.kind](hit)}
							class={['flex justify-between gap-3 px-3 py-2', i === chosen && 'bg-pale']}
							onclick={() => leave(PATH[hit.kind](hit))}
						>
							<span class={['font-semibold', hit.kind === 'LOT' && 'font-mono']}>{hit.title}</span>
							<span class="text-soft">{hit.detail}</span>
						</a>
					</li>
				{/each}
			</ul>
		</div>
	{/if}
</div>
