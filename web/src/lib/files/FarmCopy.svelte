<script lang="ts">
	import { ask, PUT } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import { Attempt } from '$lib/form/attempt.svelte';
	import Trouble from '$lib/form/Trouble.svelte';

	/** The whole farm as one file, out, and into an empty farm. */
	const attempt = new Attempt();
	let file = $state.raw<File>();
	let taken = $state('');

	function takeIn() {
		void attempt.run(async () => {
			const farm = await ask(
				PUT('/api/farm/copy', {
					body: file as never,
					bodySerializer: (body: unknown) => body as Blob,
					headers: { 'Content-Type': 'application/zip' }
				})
			);
			taken = farm.name;
			await session.load();
		});
	}
</script>

<div class="grid gap-4">
	<p>
		<a class="underline" href="/api/farm/copy.zip" download="farm.zip">Save the whole farm</a>
		<span class="block text-sm text-soft"
			>A ZIP of CSV tables, the ground as GeoJSON and all pictures. Accounts and passwords are not in it. Keep
			it where nobody else looks: customers are.</span
		>
	</p>
	<label class="grid gap-1">
		<span class="text-sm font-semibold">Take a farm in</span>
		<input
			type="file"
			accept=".zip,application/zip"
			onchange={(event) => (file = event.currentTarget.files?.[0])}
			class="file-input w-full max-w-md"
		/>
		<span class="text-sm text-soft"
			>Only where nothing is recorded yet; all of it or nothing. Your account stays.</span
		>
	</label>
	<Trouble {attempt} labels={{ file: 'File' }} />
	{#if taken}
		<p aria-live="polite" class="font-semibold">
			{taken} is here. <a class="quiet" href="/today">To today’s work</a>
		</p>
	{:else}
		<div>
			<Act onclick={takeIn} disabled={attempt.busy} why={file ? '' : 'Choose the file first.'}>Take it in</Act
			>
		</div>
	{/if}
</div>
