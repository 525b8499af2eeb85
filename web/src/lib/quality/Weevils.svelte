<script lang="ts">
	import type { Snippet } from 'svelte';
	import { ask, PUT, type Schemas } from '$lib/api/api';
	import { session } from '$lib/api/session.svelte';
	import Act from '$lib/form/Act.svelte';
	import Amend from '$lib/form/Amend.svelte';
	import { percent } from '$lib/units/units';
	import { dayMonth } from '$lib/words/dates';
	import { weevilsSay } from '$lib/words/words';
	import { weevilFields } from './fields';
	import Sheet from './Sheet.svelte';
	import WeevilForm from './WeevilForm.svelte';

	interface Props {
		number: string;
		there: Schemas['WeevilLookView'][];
		/** What the last look says of the lot. */
		said?: Schemas['LotKnown']['weevils'];
		kept: () => void;
		pictures: Snippet<[string, string]>;
	}
	/** How often the seed was looked through for weevils. */
	let { number, there, said, kept, pictures }: Props = $props();
	let looking = $state(false);
	const on = (day: string) => dayMonth(day, session.today);
	function looked() {
		looking = false;
		kept();
	}
</script>

<section>
	<h2 class="ruled">Weevils</h2>
	{#if session.works}
		<div class="my-3"><Act key="v" onclick={() => (looking = !looking)}>Look for weevils</Act></div>
	{/if}
	{#if looking}<Sheet title="Look for weevils"><WeevilForm {number} kept={looked} /></Sheet>{/if}
	<table class="figures">
		<tbody>
			{#each there as look, i (look.id)}
				<tr>
					<th scope="row">{on(look.lookedOn)}</th>
					<td class="num"><b>{look.bored} in {look.seeds}</b>{look.alive ? `, ${look.alive} alive` : ''}</td>
					<td class="beside"
						>{i === 0 && said
							? `up to ${percent(said.upper)}; ${weevilsSay(said, session.units)}${said.next === 'LOOK_AGAIN' ? `, ${on(said.due)}` : ''}`
							: ''}
						{@render pictures(look.id, `the look of ${on(look.lookedOn)}`)}
						{#if session.works}<Amend
								what="the look of {on(look.lookedOn)}"
								was={look}
								fields={weevilFields()}
								save={(body) =>
									ask(PUT('/api/weevil-looks/{id}', { params: { path: { id: look.id } }, body }))}
								done={kept}
							/>{/if}</td
					>
				</tr>
			{:else}
				<tr><td class="text-soft">Not looked through yet.</td></tr>
			{/each}
		</tbody>
	</table>
</section>
