<script lang="ts">
	import Draft from '$lib/form/Draft.svelte';
	import { untrack } from 'svelte';
	import { here } from '$lib/rows/here';
	import { ask, POST, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import ChoiceField from '$lib/form/ChoiceField.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { METHOD } from './words';

	interface Props {
		number: string;
		testing: Schemas['TestAdvice'];
		/** Whether fresh seed of the lot was seen to sleep. */
		sleeps: boolean;
		kept: () => void;
	}
	let { number, testing, sleeps, kept }: Props = $props();
	const attempt = new Attempt();
	let setOn = $state(session.today);
	let method = $state<Schemas['GerminationView']['method']>('PAPER');
	let size = $state('4 x 100');
	let treatment = $state(untrack(() => (sleeps ? testing.dormancyTreatment : '')));
	const SIZES = ['4 x 100', '4 x 50', '2 x 100', '2 x 50', '4 x 25'];
	const HOME = ['1 x 50', '1 x 25', '1 x 100'];
	const sizes = $derived(method === 'HOME' ? HOME : SIZES);
	const chosen = $derived(sizes.includes(size) ? size : sizes[0]);
	const LABELS = { setOn: 'Set on', method: 'On', perReplicate: 'Seeds', treatment: 'Treated against sleep' };

	function keep(event: SubmitEvent) {
		event.preventDefault();
		void attempt.run(async () => {
			const [replicates, perReplicate] = chosen.split(' x ').map(Number);
			const body = { setOn, method, treatment, perReplicate, replicates };
			await ask(
				POST('/api/lots/{number}/germination', {
					params: { path: { number } },
					body,
					...here(`germination of ${number}, set`)
				})
			);
			kept();
		});
	}
</script>

<form class="grid gap-4 sm:grid-cols-2" onsubmit={keep}>
	<Draft of="set" {attempt} />
	<ChoiceField
		label={LABELS.method}
		name="method"
		needed
		{attempt}
		bind:value={method}
		choices={Object.entries(METHOD).map(([value, label]) => ({
			value: value as Schemas['GerminationView']['method'],
			label
		}))}
	/>
	<ChoiceField
		label={LABELS.perReplicate}
		name="perReplicate"
		{attempt}
		bind:value={() => chosen, (other) => (size = other)}
		choices={sizes.map((value) => ({ value, label: value.replace(' x ', ' × ') }))}
	/>
	<TextField label={LABELS.setOn} name="setOn" needed type="date" {attempt} bind:value={setOn} />
	<TextField
		label={LABELS.treatment}
		name="treatment"
		{attempt}
		bind:value={treatment}
		hint={testing.dormancyTreatment ? `usual for the crop: ${testing.dormancyTreatment}` : undefined}
	/>
	<p class="text-sm text-soft sm:col-span-2">
		At {testing.temperature} °C; the first count after {testing.firstCountDay} days, the last after {testing.finalCountDay}.
		Draw the seed from the mixed lot, as it comes.
		{#if method === 'HOME'}One sheet tells within wide limits: it opens the gate only if it shows the standard
			all the same.{/if}
	</p>
	<div class="sm:col-span-2"><Trouble {attempt} labels={LABELS} /></div>
	<div><Act main type="submit" disabled={attempt.busy}>Set it</Act></div>
</form>
