import { fireEvent, render, screen, waitFor } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { answers, forget, sent } from '$lib/api/pretend';
import ReadList from './ReadList.svelte';
import { forAll, matched, written, type HowRead } from './told';
import { PARTED_BY } from './words';

vi.mock('$lib/api/session.svelte', () => ({ session: { units: 'METRIC' } }));
vi.mock('$lib/api/api', async (actual) =>
	(await import('$lib/api/pretend')).pretend(await actual<typeof import('$lib/api/api')>())
);

const how: HowRead = {
	encoding: 'windows-1252',
	partedBy: ';',
	decimals: 'COMMA',
	days: 'DAY_FIRST',
	unsure: [],
	tabs: [],
	headedIn: 1,
	headings: [
		{ called: 'Who', first: ['Inn shop'], column: 'name', units: [], remembered: false },
		{
			called: 'Harvest',
			first: ['1,5'],
			column: 'clean_g',
			unit: 'KG',
			units: ['G', 'KG'],
			remembered: true
		},
		{ called: 'Soil', first: [], units: [], remembered: false }
	],
	missing: []
};
const read = { made: 0, changed: 0, same: 0, refused: 0, lines: [], notes: [], kept: false, how };

const described = [
	{
		name: 'customers',
		columns: ['name', 'kind', 'clean_g', 'note'].map((name) => ({
			name,
			says: `its ${name}`,
			needed: false
		}))
	}
];

beforeEach(() => {
	forget();
});

const choose = () =>
	fireEvent.change(screen.getByLabelText(/^File/), {
		target: { files: [new File(['name,kind\n'], 'customers.csv')] }
	});
const told = (at: number) => JSON.parse(String(sent()[at].how));

describe('reading a list', () => {
	it('says what it would do before it may be kept', async () => {
		answers.set('POST /api/sheets/{name}', {
			...read,
			made: 1,
			same: 3,
			lines: [{ line: 2, what: 'Inn shop, shop', refused: false, made: true }]
		});
		render(ReadList, { list: 'customers', described });
		expect(screen.queryByText('Read it in')).toBeNull();
		await choose();
		await waitFor(() => screen.getByText('1 new, 3 as they are.'));
		expect(sent()).toHaveLength(1);
		answers.set('POST /api/sheets/{name}', { ...read, made: 1, kept: true });
		await fireEvent.click(screen.getByText('Read it in'));
		await waitFor(() => screen.getByText(/Read in: 1 new/));
		expect(sent()).toHaveLength(2);
		expect(screen.queryByText('Read it in')).toBeNull();
	});
	it('offers nothing to keep while a line is refused', async () => {
		answers.set('POST /api/sheets/{name}', {
			...read,
			made: 5,
			refused: 1,
			lines: [{ line: 4, what: 'x', refused: true, made: false, column: 'kind', why: 'kind: x is not shop.' }]
		});
		render(ReadList, { list: 'customers', described });
		await choose();
		await waitFor(() => screen.getByText('kind: x is not shop.'));
		screen.getByText(/Nothing is kept: 1 line is refused/);
		expect(screen.queryByText('Read it in')).toBeNull();
	});
	it('asks again when another list is meant, and forgets what was said of the one before', async () => {
		answers.set('POST /api/sheets/{name}', read);
		render(ReadList, { list: 'customers', described });
		await choose();
		await waitFor(() => screen.getByLabelText('Soil is'));
		await fireEvent.change(screen.getByLabelText('Soil is'), { target: { value: 'note' } });
		await waitFor(() => expect(sent()).toHaveLength(2));
		expect(told(1).columns).toEqual([
			{ column: 'name' },
			{ column: 'clean_g', unit: 'KG' },
			{ column: 'note' }
		]);
		await fireEvent.change(screen.getByLabelText('Which list'), { target: { value: 'sales' } });
		await waitFor(() => expect(sent()[2]?.path).toBe('/api/sheets/sales'));
		expect(told(2)).toEqual({});
	});
	it('asks what could be read in two ways, and keeps nothing before', async () => {
		answers.set('POST /api/sheets/{name}', { ...read, made: 2, how: { ...how, unsure: ['days'] } });
		render(ReadList, { list: 'customers', described });
		await choose();
		await waitFor(() => screen.getByText(/can be read in two ways/));
		expect(screen.queryByText('Read it in')).toBeNull();
		answers.set('POST /api/sheets/{name}', { ...read, made: 2 });
		await fireEvent.change(screen.getByLabelText('Days in this file'), { target: { value: 'MONTH_FIRST' } });
		await waitFor(() => screen.getByText('Read it in'));
		expect(told(1).days).toBe('MONTH_FIRST');
	});
	it('takes what stands in every line for a column that is missing', async () => {
		answers.set('POST /api/sheets/{name}', { ...read, how: { ...how, missing: ['kind'] } });
		render(ReadList, { list: 'customers', described });
		await choose();
		await waitFor(() => screen.getByText(/New lines need kind/));
		await fireEvent.change(screen.getByLabelText('kind, in every line'), { target: { value: ' shop ' } });
		await waitFor(() => expect(told(1).all).toEqual({ kind: 'shop' }));
	});
});

describe('what is told of a file', () => {
	it('makes no two headings one column, but for a note', () => {
		expect(matched({}, how, 2, 'name').columns).toEqual([
			{},
			{ column: 'clean_g', unit: 'KG' },
			{ column: 'name' }
		]);
		const noted = {
			...how,
			headings: how.headings.map((one) => ({ ...one, column: 'note', unit: undefined }))
		};
		expect(matched({}, noted, 0, 'note').columns?.map(({ column }) => column)).toEqual([
			'note',
			'note',
			'note'
		]);
		expect(matched({}, how, 0, '').columns?.[0]).toEqual({});
	});
	it('forgets a cell for all that is emptied', () => {
		expect(forAll({ all: { kind: 'shop' } }, 'kind', ' ').all).toEqual({});
	});
	it('is said in a sentence', () => {
		expect(written(how, PARTED_BY)).toBe(
			'Text in windows-1252, columns separated by semicolons; decimals as 12,5, days with the day first where the year is not.'
		);
		expect(written({ ...how, encoding: undefined, tab: 'Lots', headedIn: 3 }, PARTED_BY)).toContain(
			'Tab “Lots” of a workbook, headings in line 3;'
		);
	});
});
