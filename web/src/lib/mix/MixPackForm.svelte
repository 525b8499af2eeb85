<script lang="ts">
	import { ask, POST, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import MassField from '$lib/form/MassField.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { countIn, massIn, numberIn } from '$lib/form/typed';

	interface Props {
		mix: Schemas['MixView'];
		main: boolean;
		kept: () => void;
	}
	/** Fills packets of a mix, by weight. */
	let { mix, main, kept }: Props = $props();
	const attempt = new Attempt();
	let grams = $state(NaN);
	let packets = $state('');
	let price = $state('');
	let packedOn = $state(session.today);
	let sowBy = $state(String(Number(session.today.slice(0, 4)) + (session.today.slice(5, 7) >= '08' ? 1 : 0)));
	const LABELS = {
		grams: 'A packet holds',
		packets: 'Packets',
		price: 'Price a packet',
		packedOn: 'Packed on',
		sowBy: 'Packed for the year',
		number: 'The mix'
	};

	function pack(event: SubmitEvent) {
		event.preventDefault();
		void attempt.run(async () => {
			await ask(
				POST('/api/mixes/{number}/packing', {
					params: { path: { number: mix.number } },
					body: {
						packedOn,
						grams: massIn('grams', grams),
						packets: countIn('packets', packets),
						price: numberIn('price', price),
						sowBy: countIn('sowBy', sowBy)
					}
				})
			);
			packets = '';
			kept();
		});
	}
</script>

<form class="grid gap-x-5 gap-y-4 sm:grid-cols-2" onsubmit={pack}>
	<MassField label={LABELS.grams} name="grams" {attempt} bind:grams scale />
	<TextField label={LABELS.packets} name="packets" {attempt} bind:value={packets} inputmode="numeric" />
	<TextField
		label={LABELS.price}
		name="price"
		{attempt}
		bind:value={price}
		inputmode="decimal"
		unit={session.farm?.currency}
	/>
	<TextField label={LABELS.sowBy} name="sowBy" {attempt} bind:value={sowBy} inputmode="numeric" />
	<TextField label={LABELS.packedOn} name="packedOn" type="date" {attempt} bind:value={packedOn} />
	<div class="grid gap-4 sm:col-span-2">
		<Trouble {attempt} labels={LABELS} />
		<div><Act {main} type="submit" disabled={attempt.busy}>Packed</Act></div>
	</div>
</form>
