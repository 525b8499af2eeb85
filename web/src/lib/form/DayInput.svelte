<script lang="ts">
	import { untrack } from 'svelte';
	import { dayPattern, dayTyped, dayWritten, isDay } from '$lib/words/days';

	interface Props {
		id?: string;
		name?: string;
		/** As ISO; what is typed, while that is no day. */
		value: string;
		/** Whether it has an hour. */
		time?: boolean;
		/** The last day that may be chosen. */
		max?: string;
		invalid?: boolean;
		needed?: boolean;
		describedBy?: string;
		/** A day was typed to its end, or chosen. */
		changed?: (iso: string) => void;
	}
	/**
	 * A day, written as the reader's country writes it; browsers ask their own. Typed with keys, chosen with a finger or from
	 * the browser's calendar.
	 */
	let {
		id,
		name,
		value = $bindable(),
		time = false,
		max,
		invalid = false,
		needed,
		describedBy,
		changed
	}: Props = $props();

	let text = $state(untrack(() => dayWritten(value)));
	let calendar = $state<HTMLInputElement>();
	// What is typed stays as it was typed until the day becomes another from outside.
	$effect(() => {
		const now = value;
		if (now !== untrack(() => dayTyped(text, time))) text = dayWritten(now);
	});
	const type = (typed: string) => ([text, value] = [typed, dayTyped(typed, time)]);
	function settle() {
		text = dayWritten(value);
		if (isDay(value)) changed?.(value);
	}
	function choose(iso: string) {
		value = iso;
		settle();
	}
</script>

<span class="day">
	<input
		{id}
		{name}
		bind:value={() => text, type}
		onchange={settle}
		placeholder={time ? `${dayPattern()} hh:mm` : dayPattern()}
		autocomplete="off"
		class={['input w-full min-w-0', invalid && 'input-error']}
		aria-invalid={invalid}
		aria-required={needed}
		aria-describedby={describedBy}
	/>
	<input
		bind:this={calendar}
		type={time ? 'datetime-local' : 'date'}
		{max}
		value={isDay(value) ? value : ''}
		onchange={(event) => choose(event.currentTarget.value)}
		class="calendar"
		tabindex="-1"
		aria-hidden="true"
	/>
	<button type="button" tabindex="-1" aria-label="Calendar" onclick={() => calendar?.showPicker()}>
		<svg
			viewBox="0 0 24 24"
			width="20"
			height="20"
			fill="none"
			stroke="currentColor"
			stroke-width="2"
			aria-hidden="true"
		>
			<path d="M4 6h16v14H4zM4 11h16M8 3v5M16 3v5" />
		</svg>
	</button>
</span>

<style>
	.day {
		position: relative;
		display: flex;
		width: 100%;
	}
	.calendar {
		position: absolute;
		inset: 0;
		opacity: 0;
		pointer-events: none;
	}
	button {
		position: absolute;
		inset-block: 0;
		right: 0;
		width: 2.75rem;
		display: grid;
		place-items: center;
		cursor: pointer;
		color: var(--soft);
	}
	.input {
		padding-right: 2.75rem;
	}
	/* A finger opens the phone's own calendar wherever it touches. */
	@media (pointer: coarse) {
		.calendar {
			pointer-events: auto;
			width: 100%;
			height: 100%;
			z-index: 1;
		}
	}
</style>
