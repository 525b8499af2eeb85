<script lang="ts">
	import { untrack } from 'svelte';
	import { ask, POST, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Either from '$lib/form/Either.svelte';
	import Fields from '$lib/form/Fields.svelte';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { day, text } from '$lib/form/kinds';
	import { here } from '$lib/offline/here';
	import { fullDay } from '$lib/words/dates';
	import CountGrid from './CountGrid.svelte';
	import { CLASSES, nothingCounted, sent } from './counting';

	interface Props {
		test: Schemas['GerminationView'];
		kept: () => void;
	}
	/** Counts a test that runs: once on the first day, for seedlings that would hide the others, and once at its end. */
	let { test, kept }: Props = $props();
	let last = $state(untrack(() => test.firstOn !== undefined || session.today >= test.finalDue));
	let rows = $state(untrack(() => Array.from({ length: test.replicates }, nothingCounted)));
	const form = new Form<Schemas['SeedlingCountRequest']>({
		countedOn: day('Counted on', { needed: true, start: session.today }),
		note: text('Vigour, mould, anything seen', { start: untrack(() => test.note) })
	});
	const LABELS = {
		counts: 'Normal seedlings',
		...Object.fromEntries(CLASSES.map(({ name, label }) => [name, label]))
	};

	async function send() {
		await ask(
			POST('/api/germination/{id}/count', {
				params: { path: { id: test.id } },
				body: { ...form.body(), ...sent(rows, !last), version: test.version, last },
				...here(`count of the test set ${fullDay(test.setOn)}`)
			})
		);
		kept();
	}
</script>

<FormOf {form} {send} draft="count {test.id}" act="Save count" labels={LABELS} class="gap-4">
	<div class="flex flex-wrap items-end gap-4">
		<Either
			label="Which count"
			bind:value={last}
			choices={[
				{ value: false, label: 'First count' },
				{ value: true, label: 'Last count' }
			]}
		/>
		<Fields {form} of={['countedOn']} />
	</div>
	<p class="text-sm text-soft">
		{#if last}
			Due {fullDay(test.finalDue)}. Normal ones of the first count belong to it.
		{:else}
			Due {fullDay(test.firstDue)}. Take the normal seedlings out, so that they do not hide the others.
		{/if}
	</p>
	<CountGrid
		bind:rows
		perReplicate={test.perReplicate}
		normalOnly={!last}
		before={last ? test.firstCounts : []}
		attempt={form.attempt}
	/>
	<Fields {form} of={['note']} />
</FormOf>
