<script lang="ts">
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import { ask, GET, POST } from '$lib/api/api';
	import Fields from '$lib/form/Fields.svelte';
	import ChoiceField from '$lib/form/ChoiceField.svelte';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { choice, text } from '$lib/form/kinds';
	import { LABELS } from '$lib/handbook/columns';
	import Loading from '$lib/shell/Loading.svelte';
	import Page from '$lib/shell/Page.svelte';

	const crops = ask(GET('/api/crops', { params: { query: { size: 200 } } }));
	type Crops = Awaited<typeof crops>['items'];
	const form = new Form({
		name: text('Name', { hint: 'its first letters stand in the numbers of its lots' }),
		species: text('Species'),
		crosses: choice('Does it cross with that crop?', {
			yes: 'yes, or nobody knows: keep them apart',
			no: 'no: it crosses only with itself'
		})
	});
	let like = $state(page.url.searchParams.get('like') ?? '');
	const likes = (crops: Crops) => [
		{ value: '', label: 'choose a crop' },
		...crops
			.toSorted((one, other) => one.name.localeCompare(other.name))
			.map((crop) => ({ value: crop.key, label: `${crop.name}, ${crop.species}` }))
	];

	async function send() {
		const { name, species, crosses } = form.body();
		const cells: Record<string, string> = { name, aliases: '' };
		if (species) cells.species = species;
		if (crosses === 'no')
			Object.assign(cells, { crossing_group: `own ${name}`, partial_crossing_groups: '' });
		const own = await ask(POST('/api/crops', { body: { like, cells } }));
		await goto(`/handbook/${own.key}/own`);
	}
</script>

<Page title="a crop of your own" room={{ name: 'Handbook', path: '/handbook' }}>
	<Loading from={crops}>
		{#snippet children(found)}
			<FormOf
				{form}
				{send}
				draft="crop"
				act="Begin it"
				why={like ? '' : 'Choose the crop it is like.'}
				labels={{ ...LABELS, like: 'Like which crop' }}
				class="max-w-xl gap-4"
			>
				<p>
					It begins with every figure of a crop that it is like: how it lives, flowers, crosses, ripens and is
					cleaned. Then you change what is otherwise; what is yours is marked.
				</p>
				<ChoiceField
					label="Like which crop"
					name="like"
					attempt={form.attempt}
					bind:value={like}
					choices={likes(found.items)}
				/>
				<Fields {form} />
			</FormOf>
		{/snippet}
	</Loading>
</Page>
