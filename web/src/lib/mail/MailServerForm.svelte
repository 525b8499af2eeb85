<script lang="ts">
	import { untrack } from 'svelte';
	import { ask, PUT, type Schemas } from '$lib/api/api';
	import Fields from '$lib/form/Fields.svelte';
	import { Form } from '$lib/form/form.svelte';
	import FormOf from '$lib/form/FormOf.svelte';
	import { choice, count, text } from '$lib/form/kinds';
	import { fullDay } from '$lib/words/dates';

	interface Props {
		server: Schemas['MailServerView'];
		changed: () => void;
	}
	let { server, changed }: Props = $props();

	type Safety = Schemas['MailServerFacts']['safety'];
	const PORTS: Record<Safety, string> = { TLS: '465', STARTTLS: '587', NONE: '25' };
	const there = untrack(() => server.facts);
	let safety = there?.safety ?? 'TLS';
	/** The usual port goes along, unless another was typed. */
	function choose(now: string) {
		if (form.typed.port === PORTS[safety]) form.typed.port = PORTS[now as Safety];
		safety = now as Safety;
	}
	const NEEDED = { needed: true } as const;
	const form = new Form({
		host: text('Mail server', { ...NEEDED, start: there?.host, hint: 'as in mail.farm.example' }),
		safety: choice(
			'Encryption',
			{ TLS: 'TLS from the first word', STARTTLS: 'STARTTLS', NONE: 'none, on this machine' },
			{ start: safety, then: (now) => choose(now) }
		),
		port: count('Port', { ...NEEDED, start: there?.port ?? PORTS.TLS }),
		user: text('User', { start: there?.user, hint: 'empty where the server asks for nobody' }),
		password: text('Password', {
			type: 'password',
			autocomplete: 'new-password',
			hint: () =>
				server.passwordSince
					? `kept since ${fullDay(server.passwordSince)}; type another to change it`
					: 'kept here so that letters can be sent; shown to nobody again, in no file of the farm'
		}),
		sender: text('Letters come from', { ...NEEDED, start: there?.sender, hint: 'as in farm@farm.example' }),
		sends: choice(
			'Send mail',
			{ yes: 'yes', no: 'not now' },
			{ start: there?.sends === false ? 'no' : 'yes' }
		)
	});
	let kept = $state(false);

	async function send() {
		kept = false;
		const { password, sends, ...facts } = form.body();
		await ask(
			PUT('/api/mail-server', {
				body: {
					...facts,
					sends: sends === 'yes',
					password: password || undefined,
					version: server.version,
					reason: 'as it is from now on'
				}
			})
		);
		form.typed.password = '';
		kept = true;
		changed();
	}
</script>

<FormOf {form} {send} main={false} class="gap-4">
	<h2 class="ruled">The mail server</h2>
	<p class="text-soft">
		Whoever keeps your mail tells its name, port and encryption. An account of its own for the farm is better
		than yours.
	</p>
	<Fields {form} of={['host']} />
	<div class="grid grid-cols-[minmax(0,2fr)_minmax(0,1fr)] gap-4">
		<Fields {form} of={['safety', 'port']} />
	</div>
	<Fields {form} of={['user', 'password', 'sender', 'sends']} />
	{#snippet acts()}
		<span role="status">{kept ? 'Saved. Send a letter to see whether it arrives.' : ''}</span>
	{/snippet}
</FormOf>
