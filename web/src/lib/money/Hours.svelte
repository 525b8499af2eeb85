<script lang="ts">
	import { ask, POST, type Schemas } from '$lib/api/api';
	import Amend from '$lib/form/Amend.svelte';
	import { borne, hoursWord, WORK, workFields, type Bearer } from './words';

	interface Props {
		/** What the hours may be for. */
		bearers: Bearer[];
		asAct?: boolean;
		done?: () => void;
	}
	/** Writes down hours, where the work is seen. */
	let { bearers, asAct = false, done = () => {} }: Props = $props();
	let kept = $state<Schemas['WorkDoneView']>();
</script>

<Amend
	what="hours"
	act="write down hours"
	{asAct}
	fields={workFields(bearers)}
	save={async (body) => {
		kept = await ask(POST('/api/money/work', { body: borne(bearers, body) }));
	}}
	{done}
/>
{#if kept && !asAct}<span class="beside" role="status"
		>{hoursWord((kept.people * kept.minutes) / 60)} of {WORK[kept.kind]} written down</span
	>{/if}
