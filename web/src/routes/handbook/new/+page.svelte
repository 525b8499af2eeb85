<script lang="ts">
	import Draft from '$lib/form/Draft.svelte';
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import { ask, GET, POST } from '$lib/api/api';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import ChoiceField from '$lib/form/ChoiceField.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { LABELS } from '$lib/handbook/columns';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';

	const attempt = new Attempt();
	const crops = ask(GET('/api/crops', { params: { query: { size: 200 } } }));
	let like = $state(page.url.searchParams.get('like') ?? '');
	let name = $state('');
	let species = $state('');
	let crosses = $state<'yes' | 'no'>('yes');

	function begin() {
		void attempt.run(async () => {
			const apart: Record<string, string> =
				crosses === 'no' ? { crossing_group: `own ${name.trim()}`, partial_crossing_groups: '' } : {};
			const own = await ask(
				POST('/api/crops', {
					body: {
						like,
						cells: {
							name: name.trim(),
							aliases: '',
							...(species.trim() ? { species: species.trim() } : {}),
							...apart
						}
					}
				})
			);
			await goto(`/handbook/${own.key}/own`);
		});
	}
</script>

<Page title="a crop of your own" room={{ name: 'Handbook', path: '/handbook' }}>
	<Loading from={crops}>
		{#snippet children(found)}
			{@const chosen = found.items.find((crop) => crop.key === like)}
			<form
				class="grid max-w-xl gap-4"
				onsubmit={(event) => {
					event.preventDefault();
					begin();
				}}
			>
				<Draft of="crop" {attempt} />
				<p>
					It begins with every figure of a crop that it is like: how it lives, flowers, crosses, ripens and is
					cleaned. Then you change what is otherwise; what is yours is marked.
				</p>
				<ChoiceField
					label="Like which crop"
					name="like"
					{attempt}
					bind:value={like}
					choices={[
						{ value: '', label: 'choose a crop' },
						...found.items
							.toSorted((one, other) => one.name.localeCompare(other.name))
							.map((crop) => ({ value: crop.key, label: `${crop.name}, ${crop.species}` }))
					]}
				/>
				<TextField
					label="Name"
					name="name"
					{attempt}
					bind:value={name}
					hint="its first letters stand in the numbers of its lots"
				/>
				<TextField
					label="Species"
					name="species"
					{attempt}
					bind:value={species}
					hint={chosen ? `empty: ${chosen.species}` : 'empty: that of the crop it is like'}
				/>
				<ChoiceField
					label={chosen ? `Does it cross with ${chosen.name}?` : 'Does it cross with that crop?'}
					name="crosses"
					{attempt}
					bind:value={crosses}
					choices={[
						{ value: 'yes', label: 'yes, or nobody knows: keep them apart' },
						{ value: 'no', label: 'no: it crosses only with itself' }
					]}
				/>
				<Trouble {attempt} labels={{ ...LABELS, like: 'Like which crop' }} />
				<div>
					<Act main type="submit" disabled={attempt.busy} why={like ? '' : 'Choose the crop it is like.'}
						>Begin it</Act
					>
				</div>
				{#if !like}<p class="text-sm text-soft">Choose first which crop it is like.</p>{/if}
			</form>
		{/snippet}
	</Loading>
</Page>
