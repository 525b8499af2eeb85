<script lang="ts">
	import { ask, POST } from '$lib/api/api';
	import { Attempt } from '$lib/form/attempt.svelte';
	import ChoiceField from '$lib/form/ChoiceField.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { numberIn } from '$lib/form/typed';

	let { variety, made }: { variety: string; made: () => void } = $props();

	const attempt = new Attempt();
	let name = $state('');
	let low = $state('1');
	let high = $state('9');
	let better = $state<'more' | 'less'>('more');

	function keep() {
		void attempt.run(async () => {
			await ask(
				POST('/api/varieties/{id}/traits', {
					params: { path: { id: variety } },
					body: {
						name,
						low: numberIn('low', low),
						high: numberIn('high', high),
						moreIsBetter: better === 'more'
					}
				})
			);
			name = '';
			made();
		});
	}
</script>

<form
	class="grid max-w-xl grid-cols-3 items-start gap-3"
	onsubmit={(event) => {
		event.preventDefault();
		keep();
	}}
>
	<div class="col-span-full">
		<TextField
			label="Trait"
			name="name"
			{attempt}
			bind:value={name}
			hint="earliness, vigour, taste, winter-hardiness, health"
		/>
	</div>
	<TextField label="From" name="low" {attempt} inputmode="decimal" bind:value={low} />
	<TextField label="To" name="high" {attempt} inputmode="decimal" bind:value={high} />
	<ChoiceField
		label="Better is"
		name="better"
		{attempt}
		bind:value={better}
		choices={[
			{ value: 'more', label: 'more' },
			{ value: 'less', label: 'less' }
		]}
	/>
	<div class="col-span-full flex flex-wrap items-center gap-4">
		{#if !name.trim()}<p class="text-sm text-soft">Give it a name.</p>{/if}
		<button type="submit" class="btn btn-secondary" disabled={attempt.busy || !name.trim()}
			>Score this too</button
		>
		<Trouble {attempt} labels={{ name: 'Trait', low: 'From', high: 'To' }} />
	</div>
</form>
