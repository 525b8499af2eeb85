<script lang="ts">
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import ChoiceField from '$lib/form/ChoiceField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { Problem } from '$lib/api/api';
	import { INSTRUMENT } from '$lib/words/words';
	import { joined } from './joined.svelte';
	import type { Kind } from './figures';

	/** Joins an instrument on a cable of this computer. */
	const attempt = new Attempt();
	const RATES = ['1200', '2400', '4800', '9600', '19200', '38400', '115200'];
	let kind = $state<Kind>('SCALE');
	let rate = $state('9600');

	const ask = (choose: () => Promise<void>) =>
		void attempt.run(async () => {
			try {
				await choose();
			} catch (refused) {
				// Whoever shuts the browser's list without choosing wants nothing.
				if (refused instanceof DOMException && refused.name === 'NotFoundError') return;
				throw new Problem(`The browser does not open it: ${String((refused as Error).message)}`, 400);
			}
		});
</script>

<details class="mt-1 text-sm">
	<summary class="cursor-pointer text-soft">Join a scale or thermometer to this computer</summary>
	<div class="mt-2 grid max-w-xl gap-3">
		{#each joined.all as one (one.way.kind)}
			<p class="flex flex-wrap items-baseline gap-3">
				<span>{one.shown.name} is joined{one.shown.value === undefined ? ', and says nothing' : ''}.</span>
				<button type="button" class="cursor-pointer underline" onclick={() => void joined.leave(one.way.kind)}
					>Let it go</button
				>
			</p>
		{/each}
		{#if joined.bySerial}
			<p class="text-soft">
				Over a serial cable, also by USB: each line it sends is read for its first number and the unit behind
				it; without a unit it counts as grams, °C or percent. Its handbook tells the rate, and how it is made
				to send by itself.
			</p>
			<div class="flex flex-wrap items-end gap-3">
				<div class="w-40">
					<ChoiceField
						label="It measures"
						name="kind"
						{attempt}
						bind:value={kind}
						choices={Object.entries(INSTRUMENT).map(([value, label]) => ({ value: value as Kind, label }))}
					/>
				</div>
				<div class="w-32">
					<ChoiceField
						label="Rate, baud"
						name="rate"
						{attempt}
						bind:value={rate}
						choices={RATES.map((value) => ({ value, label: value }))}
					/>
				</div>
				<Act onclick={() => ask(() => joined.joinSerial(kind, Number(rate)))} disabled={attempt.busy}
					>Choose its port</Act
				>
			</div>
		{/if}
		{#if joined.scaleByHid}
			<div class="flex flex-wrap items-center gap-3">
				<span>A USB scale that needs no driver:</span>
				<Act onclick={() => ask(() => joined.joinHid())} disabled={attempt.busy}>Choose the scale</Act>
			</div>
		{/if}
		<Trouble {attempt} labels={{}} />
		<p class="text-soft">
			What it shows is read by this browser only; it is kept once somebody takes it. Check it against a known
			weight, or ice water, before you trust it.
		</p>
	</div>
</details>
