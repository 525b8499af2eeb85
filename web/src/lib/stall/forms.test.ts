import { fireEvent, render, screen, waitFor } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Schemas } from '$lib/api/api';
import { answers, asked, forget, sent } from '$lib/api/pretend';
import PackForm from './PackForm.svelte';
import SaleForm from './SaleForm.svelte';
import { packet } from './words';

vi.mock('$lib/api/session.svelte', () => ({
	session: { units: 'METRIC', today: '2026-08-14', farm: { currency: 'EUR' } }
}));
vi.mock('$lib/api/api', async (actual) =>
	(await import('$lib/api/pretend')).pretend(await actual<typeof import('$lib/api/api')>())
);

const number = '25-POP-01-E';
const PLAN = 'POST /api/lots/{number}/packing/plan';
const field = (label: string) => screen.getByLabelText<HTMLInputElement>(label);
const type = (label: string, value: string) => fireEvent.input(field(label), { target: { value } });
const kind = (of: Partial<Schemas['PackedBefore']>) =>
	({ price: 2.6, lastOn: '2026-01-10', sameVariety: true, ...of }) as Schemas['PackedBefore'];

beforeEach(forget);

describe('packing', () => {
	const stock = { bulk: 500, reserved: 20, packets: 0, runs: [] } as unknown as Schemas['StockView'];
	const pack = (before: Schemas['PackedBefore'][], kept = vi.fn()) => {
		answers.set(PLAN, {
			fill: 0.24,
			meanCount: 107.2,
			overfill: 7.2,
			packets: 1980,
			leftOver: 0.01,
			bulk: 500,
			confidence: 0.95,
			purity: 98,
			purityTested: false
		});
		render(PackForm, { number, stock, before, main: true, kept });
		return kept;
	};

	it('begins with the kind this variety was packed in last', () => {
		pack([kind({ seeds: 500 })]);
		expect(field('Seeds in a packet').value).toBe('500');
		expect(field('Price a packet').value).toBe('2.60');
	});
	it('offers kinds of other varieties, but does not begin with them', async () => {
		pack([kind({ metres: 10, price: 4, sameVariety: false })]);
		expect(field('Seeds in a packet').value).toBe('100');
		expect(field('Price a packet').value).toBe('');
		await fireEvent.click(screen.getByText('sows 10 m, €4.00'));
		expect(field('A packet sows').value).toBe('10');
		expect(field('Price a packet').value).toBe('4.00');
	});
	it('packs by weight what was packed by weight', async () => {
		const kept = pack([kind({ grams: 20 })]);
		await fireEvent.click(screen.getByText('Packed', { selector: 'button' }));
		await waitFor(() => expect(kept).toHaveBeenCalled());
		const packed = sent().find((one) => one.path.endsWith('/packing'))!;
		expect(packed.body).toMatchObject({ grams: 20, price: 2.6, reserve: 20 });
		expect(packed.body).not.toHaveProperty('seeds');
	});
	it('says what the fill comes to, and that a purity nobody tested is taken', async () => {
		pack([]);
		await waitFor(() => expect(screen.getByText('1,980 packets')).toBeTruthy());
		expect(document.body.textContent.replace(/\s+/g, ' ')).toContain(
			'about 107 seeds, 7 % on top of the label'
		);
		expect(document.body.textContent).toContain('Purity is not tested: 98 % is taken.');
	});
	it('keeps what was typed and names the field where a number is none', async () => {
		const kept = pack([]);
		await type('Price a packet', 'two');
		await fireEvent.click(screen.getByText('Packed', { selector: 'button' }));
		expect((await screen.findByRole('alert')).textContent).toContain('Price a packet');
		expect(field('Price a packet').value).toBe('two');
		expect(kept).not.toHaveBeenCalled();
		expect(asked.some((one) => one.path.endsWith('/packing'))).toBe(false);
	});
});

describe('selling', () => {
	const run = (of: Partial<Schemas['PackingRunView']>) =>
		({ id: 'r1', seeds: 500, price: 2.6, free: 40, left: 40, ...of }) as Schemas['PackingRunView'];
	const sell = (runs: Schemas['PackingRunView'][], kept = vi.fn()) => {
		const stock = { free: 61, runs } as unknown as Schemas['StockView'];
		render(SaleForm, { number, stock, customers: [], main: true, kept });
		return kept;
	};
	const send = async (button: string, kept: ReturnType<typeof vi.fn>) => {
		await fireEvent.click(screen.getByText(button, { selector: 'button' }));
		await waitFor(() => expect(kept).toHaveBeenCalled());
		return sent()[0].body as Record<string, unknown>;
	};

	it('leaves the price to the terms of the customer where none is typed', async () => {
		const kept = sell([run({})]);
		await type('To whom', 'Inn shop');
		await type('Packets', '12');
		const body = await send('Sold', kept);
		expect(body).toMatchObject({ customer: 'Inn shop', packingRunId: 'r1', packets: 12, kind: 'SALE' });
		expect(body.price).toBeUndefined();
	});
	it('sends the price that was agreed', async () => {
		const kept = sell([run({})]);
		await type('To whom', 'Inn shop');
		await type('Packets', '12');
		await type('Price in all', '30,50');
		expect((await send('Sold', kept)).price).toBe(30.5);
	});
	it('asks what came back for a swap, and no price', async () => {
		const kept = sell([run({})]);
		await type('To whom', 'Croft');
		await type('Packets', '2');
		await fireEvent.change(field('As'), { target: { value: 'SWAP' } });
		expect(screen.queryByLabelText('Price in all')).toBeNull();
		await type('What came back', 'an old kale');
		expect(await send('Swapped', kept)).toMatchObject({ kind: 'SWAP', note: 'an old kale', packets: 2 });
	});
	it('offers only runs with packets to sell, and bulk', () => {
		sell([run({ id: 'gone', free: 0 }), run({ id: 'r2', seeds: undefined, metres: 10, price: 4, free: 3 })]);
		const from = screen.getByLabelText<HTMLSelectElement>('From');
		expect([...from.options].map((option) => option.label)).toEqual([
			'sows 10 m, €4.00: 3 left',
			'bulk, 61 g'
		]);
		expect(from.value).toBe('r2');
	});
	it('sells bulk where there are no packets', async () => {
		const kept = sell([]);
		await type('To whom', 'Croft');
		await type('Bulk', '25');
		expect(await send('Sold', kept)).toMatchObject({ bulk: 25 });
	});
});

describe('what a packet promises', () => {
	it('is the row, the seeds or the grams on its label', () => {
		expect(packet({ metres: 10, seeds: 210 })).toBe('sows 10 m');
		expect(packet({ seeds: 100 })).toBe('100 seeds');
		expect(packet({ grams: 20, fill: 21.4 })).toBe('20 g');
	});
	it('is what it was filled with where nobody kept the label', () => {
		expect(packet({ fill: 21.4 })).toBe('21.4 g');
	});
});
