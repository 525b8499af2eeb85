import { fireEvent, render, screen, waitFor } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { answers, forget, sent } from '$lib/api/pretend';
import SheetFile from './SheetFile.svelte';

vi.mock('$lib/api/session.svelte', () => ({ session: { units: 'METRIC' } }));
vi.mock('$lib/api/api', async (actual) =>
	(await import('$lib/api/pretend')).pretend(await actual<typeof import('$lib/api/api')>())
);

beforeEach(() => {
	forget();
	answers.set('GET /api/sheets', []);
});

const choose = () =>
	fireEvent.change(screen.getByLabelText(/CSV file/), {
		target: { files: [new File(['name,kind\n'], 'customers.csv')] }
	});
const read = { made: 0, changed: 0, same: 0, refused: 0, lines: [], kept: false };

describe('reading a list', () => {
	it('says what it would do before it may be kept', async () => {
		answers.set('POST /api/sheets/{name}', {
			...read,
			made: 1,
			same: 3,
			lines: [{ line: 2, what: 'Inn shop, shop', refused: false, made: true }]
		});
		render(SheetFile);
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
		render(SheetFile);
		await choose();
		await waitFor(() => screen.getByText('kind: x is not shop.'));
		screen.getByText(/Nothing is kept: 1 line is refused/);
		expect(screen.queryByText('Read it in')).toBeNull();
	});
	it('asks again when another list is meant', async () => {
		answers.set('POST /api/sheets/{name}', read);
		render(SheetFile);
		await choose();
		await waitFor(() => expect(sent()).toHaveLength(1));
		await fireEvent.change(screen.getByLabelText('Which list'), { target: { value: 'sales' } });
		await waitFor(() => expect(sent()[1]?.path).toBe('/api/sheets/sales'));
	});
});
