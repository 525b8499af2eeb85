<script lang="ts">
	import { untrack } from 'svelte';
	import { ask, POST, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Fields from '$lib/form/Fields.svelte';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { choice, day, pick, text } from '$lib/form/kinds';
	import { here } from '$lib/offline/here';
	import { METHOD } from './words';

	interface Props {
		number: string;
		testing: Schemas['TestAdvice'];
		/** Whether fresh seed of the lot was seen to sleep. */
		sleeps: boolean;
		kept: () => void;
	}
	let { number, testing, sleeps, kept }: Props = $props();
	const sizes = (all: string[]) => all.map((value) => ({ value, label: value.replace(' x ', ' × ') }));
	const SIZES = sizes(['4 x 100', '4 x 50', '2 x 100', '2 x 50', '4 x 25']);
	const AT_HOME = sizes(['1 x 50', '1 x 25', '1 x 100']);
	const atHome = (typed: { method?: string }) => typed.method === 'HOME';
	const form = new Form({
		method: choice('On', METHOD, { needed: true }),
		perReplicate: pick('Seeds', (typed) => (atHome(typed) ? AT_HOME : SIZES), { needed: true }),
		setOn: day('Set on', { needed: true, start: session.today }),
		treatment: text('Treated against sleep', {
			start: untrack(() => (sleeps ? testing.dormancyTreatment : '')),
			hint: () => (testing.dormancyTreatment ? `usual for the crop: ${testing.dormancyTreatment}` : undefined)
		})
	});
	async function send() {
		const asked = form.body();
		const [replicates, perReplicate] = asked.perReplicate.split(' x ').map(Number);
		await ask(
			POST('/api/lots/{number}/germination', {
				params: { path: { number } },
				body: { ...asked, perReplicate, replicates },
				...here(`germination of ${number}, set`)
			})
		);
		kept();
	}
</script>

<FormOf {form} {send} draft="set" act="Set it">
	<Fields {form} />
	<p class="text-sm text-soft sm:col-span-2">
		At {testing.temperature} °C; the first count after {testing.firstCountDay} days, the last after {testing.finalCountDay}.
		Draw the seed from the mixed lot, as it comes.
		{#if atHome(form.typed)}One sheet tells within wide limits: it opens the gate only if it shows the
			standard all the same.{/if}
	</p>
</FormOf>
