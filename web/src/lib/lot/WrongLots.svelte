<script lang="ts">
	import type { Schemas } from '$lib/api/api';
	import { wrong as saysWrong } from '$lib/form/refusal';

	interface Props {
		/** Absent in an answer that this phone kept of an earlier version. */
		wrong?: Schemas['WrongLot'][];
	}
	/** Lots that cannot be shown, because something kept of them is wrong: what, and where they are. */
	let { wrong }: Props = $props();
</script>

{#if wrong?.length}
	<div class="caution my-4 max-w-3xl" role="note">
		<p class="font-semibold">Not shown, because something kept of them is wrong:</p>
		<ul>
			{#each wrong as { number, why } (number)}
				<li><a class="quiet font-semibold" href="/lot/{number}">{number}</a>: {saysWrong(why)}</li>
			{/each}
		</ul>
	</div>
{/if}
