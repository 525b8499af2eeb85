<script lang="ts">
	import { untrack } from 'svelte';
	import { ask, PUT, type Schemas } from '$lib/api/api';
	import Fields from '$lib/form/Fields.svelte';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { count, lines, text, yes } from '$lib/form/kinds';
	import Act from '$lib/form/Act.svelte';
	import { sendPicture } from '$lib/api/picture';
	import { eachSmall } from '$lib/photo/small';

	interface Props {
		there: Schemas['LetterheadView'];
		/** It is kept. */
		changed: () => void;
	}
	/** What stands at the head and the foot of the papers a farm sends. */
	let { there, changed }: Props = $props();
	const NEEDED = { needed: true } as const;
	const form = new Form(
		{
			address: lines('Address of the farm', 3, { hint: 'under the name of the farm' }),
			taxNumber: text('Tax number'),
			bank: lines('Where to pay to', 3, { hint: 'the account, as your customers need it' }),
			paymentDays: count('Days to pay', { ...NEEDED, unit: 'days' }),
			taxes: lines('Taxes', 2, { hint: 'a line each, as in: VAT 20 %. None where you add none.' }),
			within: yes('my prices hold these taxes already'),
			closing: lines('At the foot', 2, {
				hint: 'what your law asks to be said, as why there is no tax'
			})
		},
		untrack(() => ({ ...there.facts, version: there.version })),
		undefined,
		false
	);
	let logo = $state(untrack(() => there.facts.logo));
	let kept = $state(false);
	let noLogo = $state('');

	async function chooseLogo(files: FileList | null) {
		noLogo = '';
		noLogo = await eachSmall(files, ({ id, file }) =>
			form.attempt.run(async () => {
				await sendPicture(id, there.id!, file);
				logo = id;
			})
		);
	}
	async function send() {
		kept = false;
		const body = { ...form.body(), logo, reason: 'as it is from now on' };
		form.version = (await ask(PUT('/api/letterhead', { body }))).version;
		kept = true;
		changed();
	}
</script>

<FormOf
	{form}
	{send}
	main={false}
	act="Save letterhead"
	labels={{ logo: 'The logo', photo: 'The logo' }}
	class="mt-4 gap-3"
>
	<h2 class="ruled">On papers that go to customers</h2>
	{#if there.id}
		<div class="flex flex-wrap items-end gap-3">
			{#if logo}
				<img src="/api/photos/{logo}" alt="The logo" class="h-16 border border-line bg-white" />
			{/if}
			<label class="btn btn-secondary">
				{logo ? 'Another logo' : 'Choose a logo'}
				<input
					type="file"
					accept="image/*"
					class="sr-only"
					onchange={(event) => chooseLogo(event.currentTarget.files)}
				/>
			</label>
			{#if logo}<Act onclick={() => (logo = undefined)}>No logo</Act>{/if}
		</div>
		{#if noLogo}<p class="caution font-semibold" role="alert">{noLogo}</p>{/if}
	{:else}
		<p class="text-sm text-soft">A logo is chosen once the rest of the letterhead is kept.</p>
	{/if}
	<Fields {form} />
	<p class="text-sm text-soft">
		Which taxes there are and what an invoice must say differs by country: ask whoever does your books.
	</p>
	{#snippet acts()}
		<span aria-live="polite">{kept ? 'Saved. Invoices that were sent stay as they are.' : ''}</span>
	{/snippet}
</FormOf>
