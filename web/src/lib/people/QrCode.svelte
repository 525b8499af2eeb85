<script lang="ts">
	import qrcode from 'qrcode-generator';

	interface Props {
		/** What is read from it. */
		text: string;
		/** What it is, for those who do not see it. */
		label: string;
	}
	let { text, label }: Props = $props();

	/** White squares around it, without which a camera does not find it. */
	const QUIET = 4;
	const drawn = $derived.by(() => {
		const code = qrcode(0, 'M');
		code.addData(text);
		code.make();
		const squares = Array.from({ length: code.getModuleCount() }, (_, i) => i);
		return {
			size: squares.length + 2 * QUIET,
			path: squares
				.flatMap((y) =>
					squares.filter((x) => code.isDark(y, x)).map((x) => `M${x + QUIET} ${y + QUIET}h1v1h-1z`)
				)
				.join('')
		};
	});
</script>

<svg
	viewBox="0 0 {drawn.size} {drawn.size}"
	role="img"
	aria-label={label}
	shape-rendering="crispEdges"
	class="block w-56 max-w-full border border-line"
>
	<rect width={drawn.size} height={drawn.size} fill="#fff" />
	<path d={drawn.path} fill="#000" />
</svg>
