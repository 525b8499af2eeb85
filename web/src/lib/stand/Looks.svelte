<script lang="ts">
	import { ask, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Amend from '$lib/form/Amend.svelte';
	import { countIn, maybeCountIn } from '$lib/form/typed';
	import { dayMonth } from '$lib/words/dates';
	import { capital } from '$lib/words/words';

	interface Props {
		looks: Schemas['LookView'][];
		changed: () => void;
	}
	/** The looks through a store so far. */
	let { looks, changed }: Props = $props();

	const SIZES = ['small', 'medium', 'large'] as const;
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
					version={look.version}
					entries={[
						{ name: 'seenOn', label: 'Looked on', value: look.seenOn, type: 'date' },
						{
							name: 'pieces',
							label: 'Looked at',
							value: String(look.pieces),
							type: 'number'
						},
						{
							name: 'thrownOut',
							label: 'Thrown out',
							value: String(look.thrownOut),
							type: 'number'
						},
						...SIZES.map((size) => ({
							name: size,
							label: capital(size),
							value: String(look[size] ?? ''),
							type: 'number' as const,
							hint: 'nothing where they were not graded'
						})),
						{ name: 'note', label: 'Note', value: look.note }
					]}
					save={(entry, made) =>
						ask(
							PUT('/api/store-looks/{id}', {
								params: { path: { id: look.id } },
								body: {
									id: look.id,
									seenOn: entry.seenOn,
									pieces: countIn('pieces', entry.pieces),
									thrownOut: countIn('thrownOut', entry.thrownOut),
									small: maybeCountIn('small', entry.small),
									medium: maybeCountIn('medium', entry.medium),
									large: maybeCountIn('large', entry.large),
									note: entry.note,
									...made
								}
							})
						)}
					done={changed}
				/>{/if}
		</li>
	{/each}
</ul>
