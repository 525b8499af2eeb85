<script lang="ts">
	import { ask, PUT, type Schemas } from '$lib/api/api';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { sendPicture } from '$lib/api/picture';
	import { eachSmall } from '$lib/photo/small';
	import { countIn } from '$lib/form/typed';

	interface Props {
		there: Schemas['LetterheadView'];
		/** It is kept. */
		changed: () => void;
	}
	/** What stands at the head and the foot of the papers a farm sends. */
	let { there, changed }: Props = $props();
	const attempt = new Attempt();
	// svelte-ignore state_referenced_locally
	let version = $state(there.version);
	// svelte-ignore state_referenced_locally
	let facts = $state({ ...there.facts });
	// svelte-ignore state_referenced_locally
	let days = $state(String(there.facts.paymentDays));
	let kept = $state(false);
	let noLogo = $state('');

	async function chooseLogo(files: FileList | null) {
		noLogo = '';
		noLogo = await eachSmall(files, ({ id, file }) =>
			attempt.run(async () => {
				await sendPicture(id, there.id!, file);
				facts.logo = id;
			})
		);
	}
	function keep() {
		kept = false;
		void attempt.run(async () => {
			const said = await ask(
				PUT('/api/letterhead', {
					body: {
						...facts,
						paymentDays: countIn('paymentDays', days),
						version,
						reason: 'as it is from now on'
					}
				})
			);
			version = said.version;
			kept = true;
			changed();
		});
	}
	const LABELS = {
		address: 'Address of the farm',
		taxNumber: 'Tax number',
		bank: 'Where to pay to',
		paymentDays: 'Days to pay',
		taxes: 'Taxes',
		closing: 'At the foot',
		logo: 'The logo',
		photo: 'The logo'
	};
</script>

{#snippet lines(name: 'address' | 'bank' | 'taxes' | 'closing', rows: number, hint: string)}
	<label class="grid gap-1 text-sm font-semibold"
		>{LABELS[name]}
		<textarea class="textarea w-full font-normal" {rows} {name} bind:value={facts[name]}></textarea>
		<span class="font-normal text-soft">{hint}</span>
	</label>
{/snippet}

<form
	class="mt-4 grid gap-3"
	onsubmit={(event) => {
		event.preventDefault();
		keep();
	}}
>
	<h2 class="ruled">On papers that go to customers</h2>
	{#if there.id}
		<div class="flex flex-wrap items-end gap-3">
			{#if facts.logo}
				<img src="/api/photos/{facts.logo}" alt="The logo" class="h-16 border border-line bg-white" />
			{/if}
			<label class="btn btn-secondary">
				{facts.logo ? 'Another logo' : 'Choose a logo'}
				<input
					type="file"
					accept="image/*"
					class="sr-only"
					onchange={(event) => chooseLogo(event.currentTarget.files)}
				/>
			</label>
			{#if facts.logo}<Act onclick={() => (facts.logo = undefined)}>No logo</Act>{/if}
		</div>
		{#if noLogo}<p class="caution font-semibold" role="alert">{noLogo}</p>{/if}
	{:else}
		<p class="text-sm text-soft">A logo is chosen once the rest of the letterhead is kept.</p>
	{/if}
	{@render lines('address', 3, 'under the name of the farm')}
	<TextField label={LABELS.taxNumber} name="taxNumber" {attempt} bind:value={facts.taxNumber} />
	{@render lines('bank', 3, 'the account, as your customers need it')}
	<TextField
		label={LABELS.paymentDays}
		name="paymentDays"
		{attempt}
		bind:value={days}
		inputmode="numeric"
		unit="days"
	/>
	{@render lines('taxes', 2, 'a line each, as in: VAT 20 %. None where you add none.')}
	<label class="flex items-center gap-2"
		><input type="checkbox" class="checkbox" bind:checked={facts.within} /> my prices hold these taxes already</label
	>
	{@render lines('closing', 2, 'what your law asks to be said, as why there is no tax')}
	<p class="text-sm text-soft">
		Which taxes there are and what an invoice must say differs by country: ask whoever does your books.
	</p>
	<Trouble {attempt} labels={LABELS} />
	<div class="flex items-center gap-3">
		<Act type="submit" disabled={attempt.busy}>Save letterhead</Act>
		<span aria-live="polite">{kept ? 'Saved. Invoices that were sent stay as they are.' : ''}</span>
	</div>
</form>
