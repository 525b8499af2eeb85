<script lang="ts">
	import Draft from '$lib/form/Draft.svelte';
	import { ask, POST } from '$lib/api/api';
	import { here } from '$lib/rows/here';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { countIn } from '$lib/form/typed';

	let { number, kept }: { number: string; kept: () => void } = $props();
	const attempt = new Attempt();
	let lookedOn = $state(session.today);
	let seeds = $state('200');
	let bored = $state('');
	let alive = $state('0');
	const LABELS = { lookedOn: 'Looked on', seeds: 'Seeds looked at', bored: 'Bored', alive: 'Living weevils' };

	function keep(event: SubmitEvent) {
		event.preventDefault();
		void attempt.run(async () => {
			await ask(
				POST('/api/lots/{number}/weevils', {
					params: { path: { number } },
					body: {
						lookedOn,
						seeds: countIn('seeds', seeds),
						bored: countIn('bored', bored),
						alive: countIn('alive', alive)
					},
					...here(`look for weevils in ${number}`)
				})
			);
			kept();
		});
	}
</script>

<form class="grid gap-4 sm:grid-cols-3" onsubmit={keep}>
	<Draft of="weevils" {attempt} />
	<TextField label={LABELS.seeds} name="seeds" needed {attempt} inputmode="numeric" bind:value={seeds} />
	<TextField label={LABELS.bored} name="bored" needed {attempt} inputmode="numeric" bind:value={bored} />
	<TextField label={LABELS.alive} name="alive" {attempt} inputmode="numeric" bind:value={alive} />
	<TextField label={LABELS.lookedOn} name="lookedOn" needed type="date" {attempt} bind:value={lookedOn} />
	<p class="text-sm text-soft sm:col-span-3">
		Taken as they come from the mixed lot. Bored: round holes, or a thin window in the skin with a weevil
		under it. Holes stay when the weevils are dead; living are those that move, grubs in seed that is cut
		open, and fresh dust under the seed.
	</p>
	<div class="sm:col-span-3"><Trouble {attempt} labels={LABELS} /></div>
	<div><Act main type="submit" disabled={attempt.busy}>Save look</Act></div>
</form>
