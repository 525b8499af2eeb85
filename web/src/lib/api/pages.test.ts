import { expect, it } from 'vitest';
import { everything } from './pages';

it('asks for every page once, in order', async () => {
	const asked: number[] = [];
	const all = await everything(async (page) => {
		asked.push(page);
		return { items: [page * 2, page * 2 + 1], pages: 3 };
	});
	expect(all).toEqual([0, 1, 2, 3, 4, 5]);
	expect(asked).toEqual([0, 1, 2]);
});

it('asks once where there is nothing', async () => {
	const asked: number[] = [];
	const get = async (page: number) => {
		asked.push(page);
		return { items: [], pages: 0 };
	};
	expect(await everything(get)).toEqual([]);
	expect(asked).toEqual([0]);
});
