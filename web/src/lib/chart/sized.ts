import { vi } from 'vitest';

/** Gives what tests draw a size, as a browser does: as wide as is said, and as high as its style wants it. */
export function sized(width: number) {
	vi.stubGlobal(
		'ResizeObserver',
		class {
			observe() {}
			unobserve() {}
			disconnect() {}
		}
	);
	Object.defineProperty(HTMLElement.prototype, 'clientWidth', { configurable: true, get: () => width });
	Object.defineProperty(HTMLElement.prototype, 'clientHeight', {
		configurable: true,
		get(this: HTMLElement) {
			return parseFloat(this.parentElement?.style.height ?? '0');
		}
	});
}
