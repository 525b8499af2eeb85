/**
 * Keeps the focus near the work: where what had it is taken away, because it was done, the heading of what has come in its
 * place gets it, and is read out. Answers how to stop.
 *
 * @param page the part of the screen that is watched
 */
export function goesOn(page: HTMLElement): () => void {
	let last: HTMLElement | undefined;
	let around: HTMLElement[] = [];

	function focused(event: FocusEvent) {
		last = event.target as HTMLElement;
		around = [];
		for (let one = last.parentElement; one && page.contains(one); one = one.parentElement) around.push(one);
	}
	function changed() {
		if (!last || last.isConnected || (document.activeElement ?? document.body) !== document.body) return;
		const left = around.findIndex((one) => one.isConnected);
		// What is empty still waits for what comes in its place.
		if (left < 0 || !around[left].childElementCount || around[left].querySelector('[aria-busy="true"]'))
			return;
		const near = around.slice(left).find((one) => one.querySelector('h1, h2, h3'));
		const heading = near?.querySelector<HTMLElement>('h1, h2, h3');
		if (!heading) return;
		if (!heading.hasAttribute('tabindex')) heading.tabIndex = -1;
		heading.focus();
	}

	const watch = new MutationObserver(changed);
	watch.observe(page, { childList: true, subtree: true });
	page.addEventListener('focusin', focused);
	return () => {
		watch.disconnect();
		page.removeEventListener('focusin', focused);
	};
}
