<script lang="ts">
	import { ask, POST, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { STEP } from '$lib/words/words';

	type Kind = Schemas['StepView']['kind'];
	interface Props {
		number: string;
		goesOn: (lot: Schemas['LotView']) => void;
	}
	/** Sends clean seed back to the bench for more steps. */
	let { number, goesOn }: Props = $props();

	/** In the order they are done in. */
	const KINDS: Kind[] = ['DRY', 'SCREEN', 'WINNOW', 'HAND_PICK', 'FREEZE'];
	const LABELS = { steps: 'Steps', on: 'Taken on', number: 'The lot' };
	const attempt = new Attempt();
	let chosen = $state<Kind[]>([]);
	let on = $state(session.today);

	function send(event: SubmitEvent) {
		event.preventDefault();
		void attempt.run(async () =>
			goesOn(
				await ask(
					POST('/api/lots/{number}/clean-again', {
						params: { path: { number } },
						body: { steps: KINDS.filter((kind) => chosen.includes(kind)), on }
					})
				)
			)
		);
	}
</script>

<form class="grid max-w-2xl gap-4" onsubmit={send}>
	<p>
		While none of it was packed, sold, taken or promised it keeps its number. After that the rest gets a
		number of its own, for it is no longer the seed that was sold; both know of each other.
	</p>
	<fieldset class="flex flex-wrap gap-x-6 gap-y-2">
		<legend class="mb-1 font-semibold">{LABELS.steps}</legend>
		{#each KINDS as kind (kind)}
			<label class="flex items-center gap-2">
				<input type="checkbox" class="checkbox" value={kind} bind:group={chosen} />
				{STEP[kind].act.toLowerCase()}
			</label>
		{/each}
	</fieldset>
	<div class="max-w-60">
		<TextField label={LABELS.on} name="on" type="date" {attempt} bind:value={on} />
	</div>
	<Trouble {attempt} labels={LABELS} />
	<div><Act type="submit" disabled={attempt.busy}>Clean it again</Act></div>
</form>
