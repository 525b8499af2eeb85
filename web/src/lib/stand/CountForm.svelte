<script lang="ts">
	import { untrack } from 'svelte';
	import type { Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { count as counted, day, pick, text } from '$lib/form/kinds';
	import { POINT } from '$lib/words/words';

	type Point = Schemas['CountView']['point'];
	interface Props {
		points: Point[];
		/** What was counted last. */
		last?: Point;
		count: (point: Point, plants: number, countedOn: string, note: string) => Promise<void>;
	}
	/** How many there are now. */
	let { points, last, count }: Props = $props();
	const next = untrack(() => points[Math.min(last ? points.indexOf(last) + 1 : 0, points.length - 1)]);
	const form = new Form({
		point: pick('Counted', () => points.map((value) => ({ value, label: POINT[value] })), {
			needed: true,
			start: next
		}),
		plants: counted('How many', { needed: true }),
		countedOn: day('On', { needed: true, max: session.today, start: session.today }),
		note: text('Note', { maxlength: 300 })
	});
	async function send() {
		const { point, plants, countedOn, note } = form.body();
		await count(point as Point, plants, countedOn, note);
		form.clear('plants', 'note');
	}
</script>

<FormOf {form} {send} act="Write the count down" class="grid-cols-2 items-end gap-3" />
