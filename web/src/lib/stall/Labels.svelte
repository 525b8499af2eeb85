<script lang="ts">
	import { ask, POST } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import ChoiceField from '$lib/form/ChoiceField.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { numberIn } from '$lib/form/typed';
	import { labelsOf, SHEETS, type Sheet } from '$lib/lot/labels';

	interface Props {
		/** Where the labels are made. */
		path: string;
		/** How many packets there are. */
		packets: number;
		/** The run of a lot, where the label printer may print them. */
		run?: { number: string; id: string };
	}
	/** Labels of a run: on a sheet, one a page, or of a size of one's own. */
	let { path, packets, run }: Props = $props();
	const attempt = new Attempt();
	const SIZES = [
		{ label: 'sheet, 3 × 8', width: '', height: '', single: false },
		{ label: 'sheet, 99 × 42.4 mm', width: '99', height: '42.4', single: false },
		{ label: 'single, 62 × 29 mm', width: '62', height: '29', single: true },
		{ label: 'single, 100 × 50 mm', width: '100', height: '50', single: true }
	];
	let open = $state(false);
	let width = $state(SIZES[0].width);
	let height = $state(SIZES[0].height);
	let single = $state(SIZES[0].single);
	let sheet = $state<Sheet>('');
	let begin = $state('1');
	let copies = $state('');
	let price = $state(false);
	let dots = $state<'8' | '12'>('8');
	let printed = $state('');
	const href = $derived(
		labelsOf(path, {
			width,
			height,
			copies,
			sheet: single ? '' : sheet,
			begin: single ? '' : begin,
			single: String(single),
			price: String(price)
		})
	);
	/** For a label printer, in its own dots: one label, with how many are wanted. */
	const forPrinter = $derived(
		labelsOf(path.replace(/\.pdf$/, '.zpl'), { width, height, copies, dotsPerMm: dots, price: String(price) })
	);
	function print(of: { number: string; id: string }) {
		void attempt.run(async () => {
			const job = await ask(
				POST('/api/lots/{number}/packing/{run}/print', {
					params: { path: { number: of.number, run: of.id } },
					body: { width: numberIn('width', width), height: numberIn('height', height) }
				})
			);
			printed = `${job.labels} labels sent to the ${job.printer}: nothing is on paper.`;
		});
	}
</script>

<button type="button" class="btn btn-secondary" aria-expanded={open} onclick={() => (open = !open)}
	>Labels</button
>
{#if open}
	<div class="mt-3 grid gap-3 text-left">
		<div class="flex flex-wrap gap-x-3">
			{#each SIZES as size (size.label)}
				<button
					type="button"
					class={['cursor-pointer underline', size.width === width && size.height === height && 'font-bold']}
					onclick={() => ({ width, height, single } = size)}>{size.label}</button
				>
			{/each}
		</div>
		<div class="flex flex-wrap items-end gap-3">
			{#if !single}
				<ChoiceField label="Sheet" name="sheet" {attempt} bind:value={sheet} choices={SHEETS} />
				<TextField
					label="Begin at label"
					name="begin"
					{attempt}
					bind:value={begin}
					inputmode="numeric"
					hint="1 on a fresh sheet"
				/>
			{/if}
			<TextField
				label="Copies"
				name="copies"
				{attempt}
				bind:value={copies}
				inputmode="numeric"
				hint="else {packets}, one a packet"
			/>
			<TextField label="Width, mm" name="width" {attempt} bind:value={width} inputmode="decimal" />
			<TextField label="Height, mm" name="height" {attempt} bind:value={height} inputmode="decimal" />
			<label class="flex items-center gap-2 pb-2"
				><input type="checkbox" class="checkbox" bind:checked={single} /> one a page</label
			>
			<label class="flex items-center gap-2 pb-2"
				><input type="checkbox" class="checkbox" bind:checked={price} /> with the price</label
			>
		</div>
		{#if single}
			<div class="max-w-xs">
				<ChoiceField
					label="Dots of the label printer"
					name="dots"
					{attempt}
					bind:value={dots}
					choices={[
						{ value: '8', label: '203 an inch' },
						{ value: '12', label: '300 an inch' }
					]}
					hint="for the ZPL file, which is sent to the printer as it is"
				/>
			</div>
		{/if}
		<Trouble {attempt} labels={{ width: 'Width, mm', height: 'Height, mm' }} />
		<div class="flex flex-wrap gap-3">
			<Act main newTab {href}>As PDF</Act>
			{#if single}<Act href={forPrinter} download>As ZPL file</Act>{/if}
			{#if run && session.farm?.demo}<Act onclick={() => print(run)} disabled={attempt.busy}
					>To the label printer</Act
				>{/if}
		</div>
		<p class="text-sm text-soft" aria-live="polite">
			{printed || (run && session.farm?.demo ? 'The label printer is simulated.' : '')}
		</p>
	</div>
{/if}
