import { fireEvent, render, screen, waitFor } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Schemas } from '$lib/api/api';
import { forget, sent } from '$lib/api/pretend';
import { mustGrow, planPath } from '$lib/seedroom/regeneration';
import Labels from './Labels.svelte';
import OrderForm from './OrderForm.svelte';
import { much, packet } from './words';

vi.mock('$lib/api/session.svelte', () => ({
	session: { units: 'METRIC', today: '2026-08-14', farm: { currency: 'EUR' } }
}));
vi.mock('$lib/api/api', async (actual) =>
	(await import('$lib/api/pretend')).pretend(await actual<typeof import('$lib/api/api')>())
);

const type = (label: string, value: string) =>
	fireEvent.input(screen.getByLabelText(label), { target: { value } });

beforeEach(forget);

describe('taking an order', () => {
	const lots = [
		{
			variety: { id: 'v1', name: 'Slate', cropName: 'Poppy' },
			stock: { runs: [{ seeds: 500 }, { seeds: 500 }, { seeds: undefined }] }
		}
	] as unknown as Schemas['Stocked'][];
	const customers = [{ id: 'c1', name: 'Inn shop' }] as Schemas['CustomerView'][];

	it('offers every size of packet once, and the bulk', () => {
		render(OrderForm, { customers, lots, kept: vi.fn() });
		const what = screen.getByLabelText<HTMLSelectElement>('What, line 1');
		expect([...what.options].map((option) => option.label)).toEqual([
			'nothing',
			'Slate, poppy: bulk, g',
			'Slate, poppy: packets of 500'
		]);
	});
	it('sends packets and bulk as such, and leaves out lines nothing was chosen for', async () => {
		const kept = vi.fn();
		render(OrderForm, { customers, lots, kept });
		await fireEvent.click(screen.getByText('Another line'));
		await fireEvent.click(screen.getByText('Another line'));
		await fireEvent.change(screen.getByLabelText('What, line 1'), { target: { value: 'v1/500' } });
		await type('How much, line 1', '30');
		await fireEvent.change(screen.getByLabelText('What, line 3'), { target: { value: 'v1/bulk' } });
		await type('How much, line 3', '12,5');
		await type('Price, line 3', '9');
		await fireEvent.click(screen.getByText('Take the order'));
		await waitFor(() => expect(kept).toHaveBeenCalled());
		expect(sent()[0].body).toMatchObject({
			customerId: 'c1',
			kind: 'SALE',
			lines: [
				{ varietyId: 'v1', seeds: 500, packets: 30 },
				{ varietyId: 'v1', bulk: 12.5, price: 9 }
			]
		});
	});
	it('names the line on which a number is none, and sends nothing', async () => {
		render(OrderForm, { customers, lots, kept: vi.fn() });
		await fireEvent.change(screen.getByLabelText('What, line 1'), { target: { value: 'v1/500' } });
		await type('How much, line 1', 'a few');
		await fireEvent.click(screen.getByText('Take the order'));
		expect(screen.getByRole('alert').textContent).toContain('a few');
		expect(screen.getByLabelText('How much, line 1').className).toContain('input-error');
		expect(sent()).toHaveLength(0);
	});
});

describe('words of the stall', () => {
	it('say what a packet promises', () => {
		expect(packet({ metres: 10, seeds: 134 } as Schemas['PackingRunView'])).toBe('sows 10 m');
		expect(packet({ seeds: 500 } as Schemas['PackingRunView'])).toBe('500 seeds');
		expect(packet({ fill: 2.5 } as Schemas['PackingRunView'])).toBe('2.5 g');
		expect(much({ bulk: false, seeds: 25 }, 1)).toBe('1 packet of 25');
		expect(much({ bulk: true, seeds: undefined }, 1500)).toBe('1.5 kg');
	});
});

describe('labels of a run', () => {
	it('are made in the size that is chosen or typed', async () => {
		render(Labels, { path: '/api/lots/25-POP-01-E/packing/r1/labels.pdf', packets: 40 });
		await fireEvent.click(screen.getByText('Labels'));
		await type('Begin at label', '5');
		await type('Copies', '40');
		const path = () => new URL(screen.getByText('As PDF').closest('a')!.href);
		expect(Object.fromEntries(path().searchParams)).toEqual({
			copies: '40',
			begin: '5',
			single: 'false',
			price: 'false'
		});
		await fireEvent.click(screen.getByText('single, 62 × 29 mm'));
		await type('Width, mm', '80');
		await fireEvent.click(screen.getByLabelText('with the price'));
		expect(path().pathname).toBe('/api/lots/25-POP-01-E/packing/r1/labels.pdf');
		expect(Object.fromEntries(path().searchParams)).toEqual({
			width: '80',
			height: '29',
			copies: '40',
			single: 'true',
			price: 'true'
		});
		await fireEvent.change(screen.getByLabelText('Dots of the label printer'), { target: { value: '12' } });
		const zpl = new URL(screen.getByText('As ZPL file').closest('a')!.href);
		expect(zpl.pathname).toBe('/api/lots/25-POP-01-E/packing/r1/labels.zpl');
		expect(Object.fromEntries(zpl.searchParams)).toEqual({
			width: '80',
			height: '29',
			copies: '40',
			dotsPerMm: '12',
			price: 'true'
		});
	});
});

describe('what must be grown again', () => {
	const one = (more: Partial<Schemas['RegenerationView']>) =>
		({
			varietyId: 'v1',
			plants: 120,
			lead: 1,
			planned: [],
			...more
		}) as unknown as Schemas['RegenerationView'];
	it('is what must be sown by then and is not planned', () => {
		expect(mustGrow(one({ sowBy: 2027 }), 2027)).toBe(true);
		expect(mustGrow(one({ sowBy: 2028 }), 2027)).toBe(false);
		expect(mustGrow(one({ sowBy: 2027, planned: [2027] }), 2027)).toBe(false);
		expect(mustGrow(one({}), 2027)).toBe(false);
	});
	it('is planned in its season, now when that is over, and two years on for a biennial', () => {
		expect(planPath(one({ sowBy: 2027 }), 2026)).toContain('season=2027&variety=v1&plants=120');
		expect(planPath(one({ sowBy: 2024 }), 2026)).toContain('season=2026');
		expect(planPath(one({ sowBy: 2027, lead: 2 }), 2026)).toContain('season=2028');
	});
});
