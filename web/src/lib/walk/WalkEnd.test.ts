import 'fake-indexeddb/auto';
import { fireEvent, render, screen, waitFor } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Schemas } from '$lib/api/api';
import { forget, sent } from '$lib/api/pretend';
import { box } from '$lib/offline/box';
import LateOffType from './LateOffType.svelte';
import { asRequest } from './record';
import { WalkCount } from './walk.svelte';
import WalkEnd from './WalkEnd.svelte';

vi.mock('$lib/api/session.svelte', () => ({ session: { units: 'METRIC', today: '2026-08-14' } }));
vi.mock('$lib/api/api', async (actual) =>
	(await import('$lib/api/pretend')).pretend(await actual<typeof import('$lib/api/api')>())
);

const type = (label: string, value: string) =>
	fireEvent.input(screen.getByLabelText(label), { target: { value } });

describe('the end of a walk', () => {
	const planting = {
		variety: { name: 'Ninefold', cropName: 'Kale' }
	} as unknown as Schemas['PlantingView'];
	let count: WalkCount;
	beforeEach(async () => {
		await box.drafts.clear();
		count = await WalkCount.in('p', 'rosette', 4);
		count.look(60);
	});
	const end = () => {
		const record = vi.fn(async () => undefined);
		render(WalkEnd, { planting, count, back: vi.fn(), record });
		return record;
	};
	const button = () => screen.getByRole<HTMLButtonElement>('button', { name: 'Record this walk' });

	it('is not recorded while nobody said why an off-type was left', async () => {
		count.set({ fate: 'LEFT' });
		count.mark('smooth leaf');
		const record = end();
		expect(button().disabled).toBe(true);
		await type('Why smooth leaf was left standing', '  ');
		expect(button().disabled).toBe(true);
		await type('Why smooth leaf was left standing', 'no spade here; tomorrow');
		expect(button().disabled).toBe(false);
		await fireEvent.click(button());
		await waitFor(() => expect(record).toHaveBeenCalledOnce());
		expect(count.now.offTypes[0].reason).toBe('no spade here; tomorrow');
	});

	it('takes off-types found in bloom to have flowered with the stand, unless somebody looked', async () => {
		count.mark('smooth leaf');
		render(WalkEnd, {
			planting,
			count,
			flowersFrom: '2026-08-01',
			back: vi.fn(),
			record: vi.fn(async () => undefined)
		});
		expect(screen.getByLabelText<HTMLInputElement>('Shedding since').value).toBe('01/08/2026');
		expect(asRequest(count.now, '2026-08-14').notFlowered).toBeUndefined();
		await fireEvent.click(screen.getByLabelText(/none of the off-types had flowered/));
		expect(screen.queryByLabelText('Shedding since')).toBeNull();
		expect(asRequest(count.now, '2026-08-14').notFlowered).toBe(true);
	});

	it('keeps the day it has while what is typed is none', async () => {
		end();
		await type('Walked on', 'soon');
		expect(count.now.walkedOn).toBe('');
		await type('Walked on', '12/8/2026');
		expect(count.now.walkedOn).toBe('2026-08-12');
		await type('Walked on', '');
		expect(count.now.walkedOn).toBe('2026-08-12');
		await fireEvent.change(screen.getByLabelText('Walked on'));
		expect(screen.getByLabelText<HTMLInputElement>('Walked on').value).toBe('12/08/2026');
	});

	it('asks about pollen only where there was an off-type, from today unless another day is said', async () => {
		end();
		expect(screen.queryByLabelText(/shedding pollen/)).toBeNull();
		count.mark('smooth leaf');
		await waitFor(() => screen.getByLabelText(/shedding pollen/));
		await fireEvent.click(screen.getByLabelText(/shedding pollen/));
		expect(count.now.sheddingSince).toBe('2026-08-14');
		await type('Shedding since', '2026-08-11');
		expect(count.now.sheddingSince).toBe('2026-08-11');
		await fireEvent.click(screen.getByLabelText(/shedding pollen/));
		expect(count.now.sheddingSince).toBe('');
	});

	it('takes a typed count of plants, but never fewer than were found, nor a word', async () => {
		count.mark('smooth leaf');
		count.mark('smooth leaf');
		end();
		await type('Looked at', '480');
		expect(count.now.lookedAt).toBe(480);
		await type('Looked at', 'many');
		expect(count.now.lookedAt).toBe(480);
		await type('Looked at', '1');
		expect(count.now.lookedAt).toBe(2);
	});

	it('is of today unless another day is typed', async () => {
		end();
		await type('Walked on', '2026-08-12');
		expect(count.now.walkedOn).toBe('2026-08-12');
		await type('Walked on', '2026-08-14');
		expect(count.now.walkedOn).toBe('');
	});
});

describe('an off-type that shed pollen', () => {
	const ring = (radius: number) => ({ radius, neighbours: 30, share: 0.4, half: radius / 2 });
	const walk = {
		planting: { grade: 'MARKET' },
		rows: { count: 4 },
		rowLength: 30
	} as unknown as Schemas['WalkPage'];
	const of = {
		id: 'w1',
		rows: [3],
		offTypes: [{ kind: 'smooth leaf' }],
		offTypesInAll: 2,
		pulled: 1,
		walkedOn: '2026-08-12'
	} as unknown as Schemas['WalkView'];
	const late = (suspect: boolean) =>
		({
			decided: false,
			since: '2026-08-11',
			taken: false,
			late: {
				suspect,
				limit: 0.01,
				travels: [1, 2, 4],
				rings: [ring(1.2), ring(2.3), ring(5)],
				shed: { seedFathered: 0.02, bloomExposed: 0.5, pollenShare: 0.1 }
			}
		}) as unknown as Schemas['LateView'];
	const show = (suspect = true, may = true) => {
		const decided = vi.fn();
		render(LateOffType, { walk, of, late: late(suspect), may, decided });
		return decided;
	};
	beforeEach(forget);

	it('proposes to keep the usual ring apart, rounded outwards, where it was found', async () => {
		const decided = show();
		await type('Why', 'beside the path');
		await fireEvent.click(screen.getByText('Decide'));
		await waitFor(() => expect(decided).toHaveBeenCalled());
		expect(sent()[0].path).toBe('/api/walks/w1/rings');
		expect(sent()[0].body).toMatchObject({
			decision: 'KEPT_APART',
			radius: 2.5,
			row: 3,
			along: 0,
			reason: 'beside the path'
		});
		expect(sent()[0].body).not.toHaveProperty('grade');
	});

	it('sends the grade, and no ring, where the whole stand is graded down', async () => {
		const decided = show();
		await fireEvent.change(screen.getByLabelText('The seed is'), { target: { value: 'GRADED_DOWN' } });
		expect(screen.queryByLabelText('Within')).toBeNull();
		const grades = screen.getByLabelText<HTMLSelectElement>('To grade');
		expect([...grades.options].map((option) => option.value)).toEqual(['OWN_USE']);
		await fireEvent.click(screen.getByText('Decide'));
		await waitFor(() => expect(decided).toHaveBeenCalled());
		expect(sent()[0].body).toMatchObject({ decision: 'GRADED_DOWN', grade: 'OWN_USE', radius: 0 });
	});

	it('proposes to let it pass where that is within the grade', async () => {
		show(false);
		expect(screen.getByLabelText<HTMLSelectElement>('The seed is').value).toBe('LET_PASS');
	});

	it('is only read by who may not decide', () => {
		show(true, false);
		expect(screen.queryByText('Decide')).toBeNull();
		expect(screen.getByText(/some still stand/)).toBeTruthy();
	});

	it('says that a row is a number', async () => {
		const decided = show();
		await type('Row', 'third');
		await fireEvent.click(screen.getByText('Decide'));
		await waitFor(() => expect(screen.getByLabelText('Row').getAttribute('aria-invalid')).toBe('true'));
		expect(decided).not.toHaveBeenCalled();
		expect(sent()).toEqual([]);
	});
});
