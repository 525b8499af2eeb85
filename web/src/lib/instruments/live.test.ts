import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { live } from './live.svelte';

class Source {
	static opened: Source[] = [];
	onmessage?: (message: { data: string }) => void;
	closed = false;
	constructor(public path: string) {
		Source.opened.push(this);
	}
	close() {
		this.closed = true;
	}
	says(value: number) {
		this.onmessage?.({
			data: JSON.stringify([
				{ kind: 'SCALE', name: 'simulated scale', simulated: true, unit: 'g', value, steady: true }
			])
		});
	}
}

describe('what the instruments show', () => {
	beforeEach(() => {
		vi.useFakeTimers();
		Source.opened = [];
		vi.stubGlobal('EventSource', Source);
	});
	afterEach(() => {
		vi.useRealTimers();
		vi.unstubAllGlobals();
	});

	it('listens once however many look, and stops when the last has gone', () => {
		const first = live.watch(true);
		const second = live.watch(true);
		expect(Source.opened).toHaveLength(1);
		Source.opened[0].says(412);
		expect(live.of('SCALE')?.value).toBe(412);
		first();
		expect(Source.opened[0].closed).toBe(false);
		second();
		expect(Source.opened[0].closed).toBe(true);
		expect(live.of('SCALE')).toBeUndefined();
	});

	it('asks the server for none on a farm of one’s own', () => {
		live.watch(false)();
		expect(Source.opened).toHaveLength(0);
	});

	it('shows nothing once nobody was heard for a while', () => {
		const stop = live.watch(true);
		Source.opened[0].says(412);
		vi.advanceTimersByTime(2900);
		expect(live.of('SCALE')?.value).toBe(412);
		vi.advanceTimersByTime(200);
		expect(live.of('SCALE')).toBeUndefined();
		stop();
	});
});
