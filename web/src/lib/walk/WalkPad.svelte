<script lang="ts">
	interface Props {
		lookedAt: number;
		look: (plants: number) => void;
	}
	/** One big pad for one thumb: tap for one, hold for ten, slide left to take one back. */
	let { lookedAt, look }: Props = $props();

	const HOLD_MS = 550;
	const SLIDE_PX = 50;
	let startX = 0;
	let held = false;
	let holding: ReturnType<typeof setInterval> | undefined;

	function down(event: PointerEvent) {
		(event.currentTarget as HTMLElement).setPointerCapture(event.pointerId);
		startX = event.clientX;
		held = false;
		holding = setInterval(() => {
			held = true;
			look(10);
		}, HOLD_MS);
	}
	function up(event: PointerEvent) {
		clearInterval(holding);
		if (event.clientX - startX < -SLIDE_PX) look(-1);
		else if (!held) look(1);
	}
	function moved(event: PointerEvent) {
		if (Math.abs(event.clientX - startX) > SLIDE_PX) clearInterval(holding);
	}
	function key(event: KeyboardEvent) {
		const step = { Enter: 1, ' ': 1, ArrowUp: 1, ArrowDown: -1 }[event.key];
		if (step === undefined) return;
		event.preventDefault();
		look(step);
	}
</script>

<button
	type="button"
	class="pad"
	aria-label="Looked at {lookedAt}. Tap for one, hold for ten, slide left or press down to take one back."
	onpointerdown={down}
	onpointerup={up}
	onpointermove={moved}
	onpointercancel={() => clearInterval(holding)}
	onkeydown={key}
	oncontextmenu={(event) => event.preventDefault()}
>
	<span>looked at</span>
	<strong>{lookedAt}</strong>
	<span>tap for one · hold for ten · slide back</span>
</button>

<style>
	.pad {
		width: 100%;
		min-height: 8.4rem;
		flex: 1 1 8.4rem;
		max-height: 20rem;
		display: grid;
		place-content: center;
		justify-items: center;
		background: var(--color-base-content);
		color: var(--color-base-100);
		touch-action: none;
		user-select: none;
		-webkit-user-select: none;
		font-size: 1.1rem;
	}
	.pad:active {
		opacity: 0.88;
	}
	strong {
		font-size: 4.6rem;
		line-height: 1.08;
		font-weight: 750;
	}
</style>
