import { afterEach, describe, expect, it, vi } from 'vitest';
import { keepScreens } from './screens';

vi.mock('$lib/api/session.svelte', () => ({ session: { works: true } }));

describe('screens kept on the phone', () => {
	const taken = async (works: boolean) => {
		const postMessage = vi.fn<(message: { take: string[] }) => void>();
		vi.stubGlobal('navigator', { serviceWorker: { ready: Promise.resolve({ active: { postMessage } }) } });
		await keepScreens(works);
		return postMessage.mock.calls[0]?.[0].take;
	};
	afterEach(() => vi.unstubAllGlobals());

	it('are those of the work in the rows and at the bench, with the camera, and never the map', async () => {
		const take = await taken(true);
		expect(take).toEqual(expect.arrayContaining(['beside', '/walk/[planting]', '/bench/[number]']));
		expect(take).not.toContain('/field');
		expect(take).not.toContain('/desk');
	});

	it('are no more than everybody’s for whoever only looks', async () => {
		expect(await taken(false)).toBeUndefined();
	});

	it('are none where a browser keeps no screens', async () => {
		vi.stubGlobal('navigator', {});
		await expect(keepScreens(true)).resolves.toBeUndefined();
	});
});
