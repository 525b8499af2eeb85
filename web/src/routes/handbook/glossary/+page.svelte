<script lang="ts">
	import { page } from '$app/state';
	import { Attempt } from '$lib/form/attempt.svelte';
	import TextField from '$lib/form/TextField.svelte';
	import { termsCalled } from '$lib/glossary/terms';
	import Page from '$lib/shell/Page.svelte';

	const attempt = new Attempt();
	let typed = $state('');
	const shown = $derived(termsCalled(typed));
</script>

<Page title="glossary" room={{ name: 'Handbook', path: '/handbook' }} says="the terms the screens use">
	<div class="mb-4 max-w-sm">
		<TextField label="Search the terms" name="term" type="search" {attempt} bind:value={typed} />
	</div>
	<dl class="max-w-3xl">
		{#each shown as [key, term] (key)}
			<div
				id={key}
				class={['scroll-mt-6 border-b border-line py-3', page.url.hash === `#${key}` && 'bg-pale px-3']}
			>
				<dt class="font-semibold">
					{term.term}{#if term.short}<span class="text-soft">, {term.short}</span>{/if}
				</dt>
				<dd class="mt-1">{term.means}</dd>
			</div>
		{:else}
			<p class="text-soft">No term is called that.</p>
		{/each}
	</dl>
</Page>
