<script lang="ts">
	import { ask, GET } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { fullDay, inZone } from '$lib/words/dates';
	import QrCode from './QrCode.svelte';

	interface Props {
		/** Whose link it is. */
		name: string;
		secret: string;
		until: string;
		close: () => void;
	}
	let { name, secret, until, close }: Props = $props();
	/** Under this name the farm is found on its own machine, and by no phone. */
	const here = ['localhost', '127.0.0.1', '[::1]'].includes(location.hostname);
	/** Empty until it is known: a link that was copied too early would lead nowhere. */
	let origin = $state(here ? '' : location.origin);
	const address = $derived(`${origin}/come-in#${secret}`);
	let copied = $state(false);

	if (here) {
		void ask(GET('/api/network')).then(
			(network) => (origin = network.addresses[0] ?? location.origin),
			() => (origin = location.origin)
		);
	}

	async function copy() {
		await navigator.clipboard.writeText(address);
		copied = true;
	}
</script>

{#if origin}
	<section class="grid gap-4 border-l-4 border-marigold bg-paper p-5 sm:grid-cols-[auto_minmax(0,1fr)]">
		<QrCode text={address} label="The link as a QR code" />
		<div class="grid content-start gap-3">
			<h3 class="text-lg font-bold">{name}’s link</h3>
			<p>
				Let {name} point the phone’s camera at the code, or send the link. It is shown only now, lets in whoever
				has it, once, and closes on {fullDay(inZone(until, session.farm?.timeZone ?? 'UTC'))}.
			</p>
			{#if origin !== location.origin}
				<p class="caution">
					The phone must trust the farm before: <a href="/farm/phones" class="underline">Phones</a> shows how, once.
				</p>
			{:else if here}
				<p class="caution">
					This address opens on this machine only. How phones reach the farm is told under
					<a href="/farm/phones" class="underline">Phones</a>.
				</p>
			{/if}
			<label class="grid gap-1">
				<span class="text-sm font-semibold">The link</span>
				<input class="input w-full" readonly value={address} onfocus={(e) => e.currentTarget.select()} />
			</label>
			<div class="flex flex-wrap items-center gap-3">
				{#if navigator.clipboard}<Act onclick={copy}>Copy it</Act>{/if}
				<Act onclick={close}>Done</Act>
				<span role="status">{copied ? 'Copied.' : ''}</span>
			</div>
		</div>
	</section>
{/if}
