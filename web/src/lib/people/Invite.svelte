<script lang="ts">
	import { v4 as newSecret } from 'uuid';
	import { ask, POST, type Schemas } from '$lib/api/api';
	import Fields from '$lib/form/Fields.svelte';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { choice, pick, text } from '$lib/form/kinds';
	import { session } from '$lib/api/session.svelte';
	import { ROLE } from '$lib/words/words';
	import { LOCALES, MAY, UNITS } from './words';

	interface Props {
		/** Somebody was invited, with this end of a link. */
		invited: (person: Schemas['PersonView'], secret: string) => void;
	}
	let { invited }: Props = $props();

	const roles = { HAND: ROLE.HAND, GROWER: ROLE.GROWER, VISITOR: ROLE.VISITOR };
	const form = new Form({
		name: text('Name', {
			needed: true,
			maxlength: 60,
			hint: 'as it will stand beside what they record; it stays'
		}),
		role: choice('Role', roles, { hint: ({ role }) => MAY[role as keyof typeof roles] }),
		units: pick('Units', [...UNITS], { needed: true, start: session.units }),
		locale: pick('Numbers and dates', LOCALES, {
			needed: true,
			start: session.farm?.locale ?? 'en-GB',
			hint: 'units and these they change for themselves'
		})
	});
	/** The end of the link: the same however often it is sent. */
	let secret = newSecret();

	async function send() {
		const body = { ...form.body(), secret, units: form.typed.units as typeof session.units };
		const person = await ask(POST('/api/people', { body }));
		form.clear('name');
		invited(person, secret);
		secret = newSecret();
	}
</script>

<FormOf {form} {send} act="Make the invitation" class="gap-4">
	<h2 class="ruled">Invite somebody</h2>
	<Fields {form} />
</FormOf>
