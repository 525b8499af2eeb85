<script lang="ts">
	import { onMount } from 'svelte';
	import Dialog from '$lib/shell/Dialog.svelte';
	import { hindrance } from './hindrance';

	/** The camera's picture in a dialog, looked at until a code is in it. */
	interface Props {
		what: string;
		read: (code: string) => void;
		close: () => void;
	}
	let { what, read, close }: Props = $props();
	const EVERY_MS = 120;
	/** Pixels on a side of the square in the middle that is looked at. */
	const LOOKED_AT = 640;
	let open = $state(true);
	let video = $state<HTMLVideoElement>();
	let wrong = $state('');

	onMount(() => {
		let stream: MediaStream | undefined;
		let timer: ReturnType<typeof setTimeout>;
		let ended = false;
		const canvas = document.createElement('canvas');
		canvas.width = canvas.height = LOOKED_AT;
		const pen = canvas.getContext('2d', { willReadFrequently: true });

		async function begin() {
			try {
				const { codeIn } = await import('./code');
				stream = await navigator.mediaDevices.getUserMedia({
					video: { facingMode: 'environment', width: { ideal: 1280 } }
				});
				if (ended || !video) return stop();
				video.srcObject = stream;
				await video.play();
				look(codeIn);
			} catch (failed) {
				wrong = hindrance(failed);
			}
		}
		function look(codeIn: (picture: ImageData) => string | undefined) {
			if (ended || !pen || !video) return;
			const side = Math.min(video.videoWidth, video.videoHeight);
			if (side > 0) {
				const [x, y] = [(video.videoWidth - side) / 2, (video.videoHeight - side) / 2];
				pen.drawImage(video, x, y, side, side, 0, 0, LOOKED_AT, LOOKED_AT);
				const code = codeIn(pen.getImageData(0, 0, LOOKED_AT, LOOKED_AT));
				if (code) {
					navigator.vibrate?.(60);
					return read(code);
				}
			}
			timer = setTimeout(() => look(codeIn), EVERY_MS);
		}
		function stop() {
			stream?.getTracks().forEach((track) => track.stop());
		}
		void begin();
		return () => {
			ended = true;
			clearTimeout(timer);
			stop();
		};
	});
</script>

<Dialog bind:open title="Hold the code of {what} into the picture" closed={close}>
	{#if wrong}
		<p class="caution" role="alert">{wrong}</p>
	{:else}
		<video bind:this={video} class="aspect-square w-full bg-ink object-cover" playsinline muted></video>
	{/if}
</Dialog>
