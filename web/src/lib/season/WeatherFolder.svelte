<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import { many } from '$lib/words/words';

	/** The folder that a station of one's own may write into, and what became of its files. */
	let { folder: seen }: { folder: Schemas['FolderView'] } = $props();
</script>

<p class="mt-3 text-sm text-soft">
	A station that writes files into <span class="font-mono wrap-anywhere">{seen.folder}</span> on the farm’s
	machine has them read by itself, within a minute{seen.there ? '.' : ': make that folder first.'}
</p>
{#if seen.files.length}
	<ul class="mt-2 text-sm">
		{#each seen.files as file (file.name)}
			<li class={[file.why && 'text-alarm']}>
				{file.name}: {file.why ??
					`${many(file.made, 'day')} new, ${many(file.changed, 'day')} changed, read ${file.readAt.slice(0, 10)}`}
			</li>
		{/each}
	</ul>
{/if}
