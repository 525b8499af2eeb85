<script lang="ts">
	import { v4 as newSecret } from 'uuid';
	import { ask, POST, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import ChoiceField from '$lib/form/ChoiceField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { inZone, moment, shortDay } from '$lib/words/dates';
	import { many, ROLE } from '$lib/words/words';
	import { MAY } from './words';

	interface Props {
		person: Schemas['PersonView'];
		changed: () => void;
		linked: (person: Schemas['PersonView'], secret: string) => void;
	}
	let { person, changed, linked }: Props = $props();

	const attempt = new Attempt();
	const me = $derived(person.name === session.account?.name);
	let role = $derived(person.role);
	let ending = $state(false);
	const where = $derived({ params: { path: { id: person.id } } });
	const version = $derived({ version: person.version });
	const at = (instant: string) => inZone(instant, session.farm?.timeZone ?? 'UTC');
	const stands = $derived.by(() => {
		if (person.endedAt) return `ended ${shortDay(at(person.endedAt))} by ${person.endedBy}`;
		const link = person.linkUntil ? `link open until ${shortDay(at(person.linkUntil))}` : '';
		if (person.standing === 'INVITED') return `invited by ${person.by}, ${link || 'link closed'}`;
		const seen = person.lastSeen
			? `signed in at ${many(person.places, 'place')}, last seen ${moment(at(person.lastSeen), at(new Date().toISOString()))}`
			: 'signed in nowhere';
		return [seen, link].filter(Boolean).join('; ');
	});

	function act(what: () => Promise<unknown>) {
		void attempt.run(async () => {
			await what();
			if (me) await session.load();
			changed();
		});
	}
	function link() {
		const secret = newSecret();
		void attempt.run(async () => {
			linked(await ask(POST('/api/people/{id}/link', { ...where, body: { ...version, secret } })), secret);
		});
	}
</script>

<details class="border-b border-line py-2.5" name="person">
	<summary class="cursor-pointer">
		<span class="font-semibold">{person.name}</span>, {ROLE[person.role]}{me ? ' (you)' : ''}
		<span class="block text-sm text-soft">{stands}</span>
	</summary>
	<div class="grid max-w-md gap-4 py-4">
		{#if person.standing === 'ENDED'}
			<p>What {person.name} recorded stays. The name is nobody else’s.</p>
			<div>
				<Act
					disabled={attempt.busy}
					onclick={() => act(() => ask(POST('/api/people/{id}/back', { ...where, body: version })))}
					>Take {person.name} back</Act
				>
			</div>
		{:else}
			<div class="flex flex-wrap gap-3">
				<Act disabled={attempt.busy} onclick={link}
					>{person.standing === 'INVITED' ? 'Make another link' : 'Link for a new password'}</Act
				>
				{#if person.places > 0 && !me}
					<Act
						disabled={attempt.busy}
						onclick={() => act(() => ask(POST('/api/people/{id}/signed-out', { ...where })))}
						>Sign out everywhere</Act
					>
				{/if}
			</div>
			<form
				class="grid gap-3"
				onsubmit={(event) => {
					event.preventDefault();
					act(() => ask(PUT('/api/people/{id}/role', { ...where, body: { ...version, role } })));
				}}
			>
				<ChoiceField
					label="Role"
					name="role"
					{attempt}
					bind:value={role}
					choices={(['GROWER', 'HAND', 'VISITOR'] as const).map((value) => ({ value, label: ROLE[value] }))}
					hint={MAY[role]}
				/>
				{#if role !== person.role}
					<p class="text-sm">{person.name} is signed out and signs in again with the new role.</p>
					<div><Act type="submit" disabled={attempt.busy}>Make {person.name} a {ROLE[role]}</Act></div>
				{/if}
			</form>
			{#if person.standing === 'INVITED'}
				<div>
					<Act
						disabled={attempt.busy}
						onclick={() => act(() => ask(POST('/api/people/{id}/withdrawn', { ...where, body: version })))}
						>Take the invitation back</Act
					>
				</div>
			{:else if ending}
				<p>
					{person.name} is signed out everywhere at once and cannot sign in; calendar addresses they opened close.
					Their records stay.
				</p>
				<div class="flex flex-wrap gap-3">
					<Act
						main
						disabled={attempt.busy}
						onclick={() => act(() => ask(POST('/api/people/{id}/ended', { ...where, body: version })))}
						>End {person.name}’s account</Act
					>
					<Act onclick={() => (ending = false)}>Keep the account</Act>
				</div>
			{:else}
				<div><Act onclick={() => (ending = true)}>End the account …</Act></div>
			{/if}
		{/if}
		<Trouble {attempt} labels={{ role: 'Role' }} />
	</div>
</details>
