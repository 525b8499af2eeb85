<script lang="ts">
	import { session } from '$lib/api/session.svelte';
	import { moment } from '$lib/words/dates';
	import { many } from '$lib/words/words';

	interface Props {
		/** On the farm's clock. */
		until: string;
		/** Minutes when it was asked; below 0 when it was over. */
		left: number;
	}
	/** Minutes until something has to be done, as they pass. */
	let { until, left }: Props = $props();
	let passed = $state(0);
	const now = $derived(left - passed);
	$effect(() => {
		void left;
		const from = performance.now();
		passed = 0;
		const ticking = setInterval(() => (passed = (performance.now() - from) / 60_000), 1000);
		return () => clearInterval(ticking);
	});
	const clock = (minutes: number) =>
		`${Math.floor(minutes)}:${String(Math.floor((minutes * 60) % 60)).padStart(2, '0')}`;
</script>

<p class={['mt-1 text-3xl font-bold', now <= 0 && 'text-alarm']} role="timer">
	{#if now > 0}{clock(now)} to go{:else}Out now: {many(Math.floor(-now), 'minute')} over{/if}
</p>
<p class="text-sm text-soft">out {moment(until, session.now)}</p>
