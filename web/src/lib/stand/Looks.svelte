<script lang="ts">
	import { ask, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Amend from '$lib/form/Amend.svelte';
	import { count, day, text } from '$lib/form/kinds';
	import { dayMonth } from '$lib/words/dates';
	import { capital } from '$lib/words/words';

	interface Props {
		looks: Schemas['LookView'][];
		changed: () => void;
	}
	/** The looks through a store so far. */
	let { looks, changed }: Props = $props();

	const NEEDED = { needed: true } as const;
	const UNGRADED = 'nothing where they were not graded';
</script>

<h2 class="ruled mt-6">Looks</h2>
<ul>
	{#each looks as look (look.id)}
		<li class="border-b border-line py-1.5">
			{capital(dayMonth(look.seenOn, session.today))}: {look.thrownOut} of {look.pieces} thrown out{look.medium !==
			undefined
				? `; ${look.small} small, ${look.medium} medium, ${look.large} large`
				: ''}{look.note ? `; ${look.note}` : ''}
			{#if session.works}<Amend
					what="the look"
					was={look}
					fields={{
						seenOn: day('Looked on', NEEDED),
						pieces: count('Looked at', NEEDED),
						thrownOut: count('Thrown out', NEEDED),
						small: count('Small', { hint: UNGRADED }),
						medium: count('Medium', { hint: UNGRADED }),
						large: count('Large', { hint: UNGRADED }),
						note: text('Note')
					}}
					save={(body) =>
						ask(
							PUT('/api/store-looks/{id}', {
								params: { path: { id: look.id } },
								body: { ...body, id: look.id }
							})
						)}
					done={changed}
				/>{/if}
		</li>
	{/each}
</ul>
