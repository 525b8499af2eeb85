<script lang="ts">
	import { onMount, tick } from 'svelte';
	import { page } from '$app/state';
	import { session } from '$lib/api/session.svelte';
	import type { Attempt } from './attempt.svelte';
	import { draftOf, forgetDraft, keepDraft, typedInto, typeInto, type Typed } from './drafts';

	interface Props {
		/** Which of the forms of its page it stands in. */
		of: string;
		/** What sends the form: once that is done there is nothing to keep. */
		attempt: Attempt;
	}
	/** Keeps what is typed into the form it stands in on this machine, so that it is there again after leaving or a reload. */
	let { of, attempt }: Props = $props();

	// svelte-ignore state_referenced_locally
	const key = `${page.url.pathname} ${of}`;
	const by = session.account?.name ?? '';
	/** Fields that what was typed brings with it are there soon. */
	const BROUGHT_WITHIN_MS = 1500;

	let at = $state<HTMLElement>();
	let form: HTMLFormElement | null = null;
	let again = $state(false);
	let bringing = false;

	/** At once: whoever leaves leaves at any moment. */
	function typed() {
		if (form && !bringing) quietly(keepDraft(key, by, typedInto(form)));
	}
	async function bringBack(kept: Typed) {
		bringing = true;
		const until = performance.now() + BROUGHT_WITHIN_MS;
		let left = kept;
		while (form && Object.keys(left).length && performance.now() < until) {
			left = typeInto(form, left);
			await tick();
			await new Promise(requestAnimationFrame);
		}
		bringing = false;
	}
	/** A browser that keeps nothing, or is full, has no drafts; what is typed stands in the form all the same. */
	function quietly(work: Promise<unknown>) {
		work.catch(() => undefined);
	}
	async function anew() {
		await forgetDraft(key);
		location.reload();
	}

	onMount(() => {
		form = at?.closest('form') ?? null;
		form?.addEventListener('input', typed);
		form?.addEventListener('change', typed);
		const stop = attempt.whenDone(() => {
			again = false;
			quietly(forgetDraft(key));
		});
		const found = draftOf(key, by).then(async (kept) => {
			if (!kept || !form) return;
			const now = typedInto(form);
			again = Object.entries(kept).some(([name, value]) => now[name] !== value);
			if (again) await bringBack(kept);
		});
		quietly(found);
		return () => {
			form?.removeEventListener('input', typed);
			form?.removeEventListener('change', typed);
			form = null;
			// What is on its way is forgotten when it has arrived, though its page is left before.
			if (!attempt.busy) stop();
		};
	});
</script>

<div bind:this={at} class="col-span-full empty:hidden">
	{#if again}
		<p class="text-sm text-soft" role="status">
			What you had typed here is back.
			<button type="button" class="cursor-pointer underline" onclick={() => void anew()}>Begin anew</button>
		</p>
	{/if}
</div>
