<script lang="ts">
	import { untrack } from 'svelte';
	import { ask, PUT, type Schemas } from '$lib/api/api';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import ChoiceField from '$lib/form/ChoiceField.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { countIn } from '$lib/form/typed';
	import { fullDay } from '$lib/words/dates';

	interface Props {
		server: Schemas['MailServerView'];
		changed: () => void;
	}
	let { server, changed }: Props = $props();

	type Safety = Schemas['MailServerFacts']['safety'];
	const LABELS = {
		host: 'Mail server',
		port: 'Port',
		safety: 'Encryption',
		user: 'User',
		password: 'Password',
		sender: 'Letters come from'
	};
	const PORTS: Record<Safety, string> = { TLS: '465', STARTTLS: '587', NONE: '25' };
	const attempt = new Attempt();
	const there = untrack(() => server.facts);
	let sends = $state<'yes' | 'no'>(there?.sends === false ? 'no' : 'yes');
	let host = $state(there?.host ?? '');
	let safety = $state<Safety>(there?.safety ?? 'TLS');
	let port = $state(String(there?.port ?? PORTS.TLS));
	let user = $state(there?.user ?? '');
	let password = $state('');
	let sender = $state(there?.sender ?? '');
	let kept = $state(false);

	/** The usual port goes along, unless another was typed. */
	let safetyBefore = untrack(() => safety);
	$effect(() => {
		if (safety !== safetyBefore && port === PORTS[safetyBefore]) port = PORTS[safety];
		safetyBefore = safety;
	});

	function save(event: SubmitEvent) {
		event.preventDefault();
		kept = false;
		void attempt.run(async () => {
			await ask(
				PUT('/api/mail-server', {
					body: {
						sends: sends === 'yes',
						host,
						port: countIn('port', port),
						safety,
						user,
						...(password ? { password } : {}),
						sender,
						version: server.version,
						reason: 'as it is from now on'
					}
				})
			);
			password = '';
			kept = true;
			changed();
		});
	}
</script>

<form class="grid gap-4" onsubmit={save}>
	<h2 class="ruled">The mail server</h2>
	<p class="text-soft">
		Whoever keeps your mail tells its name, port and encryption. An account of its own for the farm is better
		than yours.
	</p>
	<TextField
		label={LABELS.host}
		name="host"
		{attempt}
		bind:value={host}
		hint="as in mail.farm.example"
		needed
	/>
	<div class="grid grid-cols-[minmax(0,2fr)_minmax(0,1fr)] gap-4">
		<ChoiceField
			label={LABELS.safety}
			name="safety"
			{attempt}
			bind:value={safety}
			choices={[
				{ value: 'TLS', label: 'TLS from the first word' },
				{ value: 'STARTTLS', label: 'STARTTLS' },
				{ value: 'NONE', label: 'none, on this machine' }
			]}
		/>
		<TextField label={LABELS.port} name="port" {attempt} bind:value={port} inputmode="numeric" needed />
	</div>
	<TextField
		label={LABELS.user}
		name="user"
		{attempt}
		bind:value={user}
		hint="empty where the server asks for nobody"
	/>
	<TextField
		label={LABELS.password}
		name="password"
		type="password"
		{attempt}
		bind:value={password}
		autocomplete="new-password"
		hint={server.passwordSince
			? `kept since ${fullDay(server.passwordSince)}; type another to change it`
			: 'kept here so that letters can be sent; shown to nobody again, in no file of the farm'}
	/>
	<TextField
		label={LABELS.sender}
		name="sender"
		{attempt}
		bind:value={sender}
		hint="as in farm@farm.example"
		needed
	/>
	<ChoiceField
		label="Send mail"
		name="sends"
		{attempt}
		bind:value={sends}
		choices={[
			{ value: 'yes', label: 'yes' },
			{ value: 'no', label: 'not now' }
		]}
	/>
	<Trouble {attempt} labels={LABELS} />
	<div class="flex flex-wrap items-center gap-3">
		<Act type="submit" disabled={attempt.busy}>Save</Act>
		<span role="status">{kept ? 'Saved. Send a letter to see whether it arrives.' : ''}</span>
	</div>
</form>
