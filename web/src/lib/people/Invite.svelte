<script lang="ts">
	import { v4 as newSecret } from 'uuid';
	import { ask, POST, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import ChoiceField from '$lib/form/ChoiceField.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { ROLE } from '$lib/words/words';
	import { LOCALES, MAY, UNITS } from './words';

	type Role = Schemas['AccountView']['role'];
	interface Props {
		/** Somebody was invited, with this end of a link. */
		invited: (person: Schemas['PersonView'], secret: string) => void;
	}
	let { invited }: Props = $props();

	const attempt = new Attempt();
	let name = $state('');
	let role = $state<Role>('HAND');
	let units = $state<Schemas['AccountView']['units']>(session.units);
	let locale = $state(session.farm?.locale ?? 'en-GB');

	function invite(event: SubmitEvent) {
		event.preventDefault();
		const secret = newSecret();
		void attempt.run(async () => {
			const person = await ask(POST('/api/people', { body: { name, role, units, locale, secret } }));
			name = '';
			invited(person, secret);
		});
	}
</script>

<form class="grid gap-4" onsubmit={invite}>
	<h2 class="ruled">Invite somebody</h2>
	<TextField
		label="Name"
		name="name"
		{attempt}
		bind:value={name}
		required
		needed
		maxlength={60}
		hint="as it will stand beside what they record; it stays"
	/>
	<ChoiceField
		label="Role"
		name="role"
		{attempt}
		bind:value={role}
		choices={(['HAND', 'GROWER', 'VISITOR'] as const).map((value) => ({ value, label: ROLE[value] }))}
		hint={MAY[role]}
	/>
	<ChoiceField label="Units" name="units" {attempt} bind:value={units} choices={[...UNITS]} />
	<ChoiceField
		label="Numbers and dates"
		name="locale"
		{attempt}
		bind:value={locale}
		choices={LOCALES}
		hint="units and these they change for themselves"
	/>
	<Trouble {attempt} labels={{ name: 'Name', role: 'Role' }} />
	<div><Act main type="submit" disabled={attempt.busy}>Make the invitation</Act></div>
</form>
