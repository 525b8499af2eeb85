<script lang="ts">
	import { untrack } from 'svelte';
	import { goto } from '$app/navigation';
	import { ask, POST, type Schemas } from '$lib/api/api';
	import Fields from '$lib/form/Fields.svelte';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { choice, pick, text } from '$lib/form/kinds';
	import { LABELS } from './columns';

	interface Props {
		crops: Schemas['CropLine'][];
		/** The key of the crop that it is like, where that is known already. */
		like: string;
	}
	/** Begins a crop of the farm's own by one that it is like. */
	let { crops, like }: Props = $props();
	const called = (key?: string) => crops.find((crop) => crop.key === key);
	const form = new Form({
		like: pick(
			'Like which crop',
			() => [
				{ value: '', label: 'choose a crop' },
				...crops
					.toSorted((one, other) => one.name.localeCompare(other.name))
					.map((crop) => ({ value: crop.key, label: `${crop.name}, ${crop.species}` }))
			],
			{ needed: true, start: untrack(() => like) }
		),
		name: text('Name', { hint: 'its first letters stand in the numbers of its lots' }),
		species: text('Species', {
			hint: (typed) => `empty: ${called(typed.like)?.species ?? 'that of the crop it is like'}`
		}),
		crosses: choice((typed) => `Does it cross with ${called(typed.like)?.name ?? 'that crop'}?`, {
			yes: 'yes, or not known: keep them apart',
			no: 'no: it crosses only with itself'
		})
	});

	async function send() {
		const { like, name, species, crosses } = form.body();
		const apart = { crossing_group: `own ${name}`, partial_crossing_groups: '' };
		const cells: Record<string, string> = {
			...{ name, aliases: '' },
			...(species ? { species } : {}),
			...(crosses === 'no' ? apart : {})
		};
		const own = await ask(POST('/api/crops', { body: { like, cells } }));
		await goto(`/handbook/${own.key}/own`);
	}
</script>

<FormOf
	{form}
	{send}
	draft="crop"
	act="Begin it"
	why={form.typed.like ? '' : 'Choose the crop it is like.'}
	labels={LABELS}
	class="max-w-xl gap-4"
>
	<p>
		It begins with every figure of a crop that it is like: how it lives, flowers, crosses, ripens and is
		cleaned. Then you change what is otherwise; what is yours is marked.
	</p>
	<Fields {form} />
</FormOf>
