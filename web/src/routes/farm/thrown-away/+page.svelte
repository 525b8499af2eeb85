<script lang="ts">
	import { ask, POST } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import Trouble from '$lib/form/Trouble.svelte';
	import { forgetAll } from '$lib/offline/store';
	import Page from '$lib/shell/Page.svelte';

	const attempt = new Attempt();
	let sure = $state(false);

	function throwAway(event: SubmitEvent) {
		event.preventDefault();
		void attempt.run(async () => {
			await ask(POST('/api/farm/thrown-away'));
			await forgetAll();
			location.assign('/');
		});
	}
</script>

<Page title="Throw the sample farm away" says="and begin your own">
	{#if session.farm?.sample}
		<form class="grid max-w-xl gap-4" onsubmit={throwAway}>
			<p>
				All of it goes: plots, plantings, lots, what you tried out, its people, and their sign-ins on every
				device. Then the first page asks for your own farm. What you learned stays.
			</p>
			<label class="flex items-center gap-3">
				<input type="checkbox" class="checkbox" bind:checked={sure} />
				Nothing in it is worth keeping
			</label>
			<Trouble {attempt} labels={{}} />
			<div class="flex flex-wrap items-center gap-3">
				<Act
					type="submit"
					disabled={!sure || attempt.busy}
					why={sure ? '' : 'Say first that nothing in it is worth keeping.'}>Throw it away</Act
				>
				<a class="underline" href="/today">Keep looking</a>
			</div>
		</form>
	{:else}
		<p>This is no sample farm: nobody can throw it away here.</p>
	{/if}
</Page>
