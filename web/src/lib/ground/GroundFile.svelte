<script lang="ts">
	import { ask, POST, type Schemas } from '$lib/api/api';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { many } from '$lib/words/words';

	/** The ground as a file, out and in; reading says first what it would change. */
	let { done }: { done: () => void } = $props();
	const attempt = new Attempt();
	let text = $state('');
	let read = $state.raw<Schemas['GroundRead']>();

	const EFFECT = { NEW: 'new', CHANGED: 'changed', SAME: 'as it is', REFUSED: 'refused' };
	const LARGEST = 10_000_000;
	const differing = $derived(read?.lines.filter((line) => line.effect !== 'SAME') ?? []);
	const refused = $derived(read?.lines.some((line) => line.effect === 'REFUSED') ?? false);

	const send = (keep: boolean) =>
		ask(
			POST('/api/ground/file', {
				params: { query: { keep } },
				body: text as never,
				bodySerializer: (body: unknown) => body as string,
				headers: { 'Content-Type': 'application/geo+json' }
			})
		);

	async function chosen(event: Event) {
		const file = (event.currentTarget as HTMLInputElement).files?.[0];
		read = undefined;
		if (!file) return;
		// A file that is far too large is not even opened; the server refuses it in the same words.
		text = file.size > LARGEST ? ' '.repeat(LARGEST + 1) : await file.text();
		await attempt.run(async () => {
			read = await send(false);
		});
	}

	function keep() {
		void attempt.run(async () => {
			read = await send(true);
			if (read.kept) done();
		});
	}
</script>

<div class="grid gap-4">
	<p>
		<a class="underline" href="/api/ground/file" download="ground.geojson">Save the ground as a file</a>
		<span class="block text-sm text-soft"
			>GeoJSON: plots, beds, barriers and neighbours in longitude and latitude, with all their digits.</span
		>
	</p>
	<label class="grid gap-1">
		<span class="text-sm font-semibold">Read a GeoJSON file</span>
		<input type="file" accept=".geojson,.json,application/geo+json" onchange={chosen} class="max-w-full" />
		<span class="text-sm text-soft">Up to 10 MB. What it would change is shown before anything is kept.</span>
	</label>
	<Trouble {attempt} labels={{ file: 'File' }} />
	{#if read}
		<p aria-live="polite">
			{many(read.lines.length, 'shape')}: {differing.length === 0
				? 'all as they are already; nothing would change'
				: `${many(differing.length, 'would change', 'would change')}`}{refused
				? '. While one is refused, none is kept'
				: ''}.
		</p>
		{#if differing.length > 0}
			<table class="figures">
				<thead><tr><th scope="col">shape</th><th scope="col">what happens</th></tr></thead>
				<tbody>
					{#each differing.slice(0, 60) as line (line.place)}
						<tr>
							<th scope="row"
								>{line.name || `number ${line.place}`}<br /><span class="beside">{line.kind}</span></th
							>
							<td class={[line.effect === 'REFUSED' && 'font-semibold text-alarm']}
								>{EFFECT[line.effect]}{line.why ? `: ${line.why}` : ''}</td
							>
						</tr>
					{/each}
				</tbody>
			</table>
			{#if !refused && !read.kept}
				<div><Act main onclick={keep} disabled={attempt.busy}>Read it in</Act></div>
			{/if}
		{/if}
	{/if}
</div>
