import { fireEvent, render, screen, waitFor } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { answers, asked, forget } from '$lib/api/pretend';
import { PAGES, pagesCalled, titleOf } from './pages';
import Search from './SearchBox.svelte';

const went = vi.hoisted(() => ({ goto: vi.fn() }));
vi.mock('$app/navigation', () => ({ goto: went.goto }));
vi.mock('$lib/api/session.svelte', () => ({ session: { units: 'METRIC', grower: false, works: true } }));
vi.mock('$lib/api/api', async (actual) =>
	(await import('$lib/api/pretend')).pretend(await actual<typeof import('$lib/api/api')>())
);

beforeEach(() => {
	forget();
	went.goto.mockReset();
	// jsdom has none of these, and the list asks for them.
	Element.prototype.scrollIntoView = () => undefined;
});

const hits = [
	{ kind: 'LOT', key: '26-PEA-01-V', title: '26-PEA-01-V', detail: 'Fog Bell' },
	{ kind: 'VARIETY', key: 'v1', title: 'Fog Bell', detail: 'pea' },
	{ kind: 'SALE', key: '26-PEA-01-V', title: 'Inn shop', detail: '26-PEA-01-V', on: '2026-08-03' },
	{ kind: 'SALE', key: '26-PEA-01-V', title: 'Inn shop', detail: '26-PEA-01-V', on: '2026-08-03' }
];
const field = () => screen.getByRole<HTMLInputElement>('combobox');
const type = (value: string) => fireEvent.input(field(), { target: { value } });
const press = (key: string) => fireEvent.keyDown(field(), { key });
const options = () => screen.getAllByRole('option');
const chosen = () => options().findIndex((option) => option.getAttribute('aria-selected') === 'true');

describe('searching', () => {
	it('lists by kind what it found; arrows choose, and Enter follows the link', async () => {
		answers.set('GET /api/search', { hits });
		render(Search);
		await type('fog');
		await waitFor(() => expect(options()).toHaveLength(4));
		expect(screen.getByText('Sales')).toBeTruthy();
		await waitFor(() => expect(chosen()).toBe(0));
		await press('ArrowDown');
		await waitFor(() => expect(chosen()).toBe(1));
		const followed = vi.fn((event: Event) => event.preventDefault());
		options()[1].addEventListener('click', followed);
		expect(options()[1].getAttribute('href')).toBe('/desk/varieties/v1');
		await press('Enter');
		expect(followed).toHaveBeenCalledOnce();
		await waitFor(() => expect(field().value).toBe(''));
		expect(screen.queryAllByRole('option')).toHaveLength(0);
	});

	it('goes straight to a lot whose whole number was typed', async () => {
		answers.set('GET /api/search', { hits: [], opens: hits[0] });
		render(Search);
		await type('26pea01v');
		await waitFor(() => expect(went.goto).toHaveBeenCalledWith('/lot/26-PEA-01-V'));
	});

	it('says when nothing is called that, and what is wrong with a mistyped number', async () => {
		answers.set('GET /api/search', { hits: [] });
		render(Search);
		await type('zzz');
		await waitFor(() => expect(screen.getByRole('status').textContent).toContain('Nothing here'));
		answers.set('GET /api/search', { hits: [], noLot: 'MISTYPED' });
		await type('26-pea-01-x');
		await waitFor(() =>
			expect(screen.getByRole('status').textContent).toContain('26-PEA-01-X is not a lot number')
		);
		expect(went.goto).not.toHaveBeenCalled();
	});

	it('asks nothing of an empty field, and Escape empties it', async () => {
		answers.set('GET /api/search', { hits });
		render(Search);
		await type('fog');
		await waitFor(() => expect(options()).toHaveLength(4));
		await press('Escape');
		expect(field().value).toBe('');
		await waitFor(() => expect(screen.queryAllByRole('option')).toHaveLength(0));
		const before = asked.length;
		await type('  ');
		expect(asked.length).toBe(before);
	});

	it('finds pages by other words for them, and only those one may see', () => {
		const names = (typed: string, grower: boolean, works = true) =>
			pagesCalled(typed, { grower, works }).map(([, place]) => place.name);
		expect(names('germination', false)).toEqual(['Tests']);
		expect(names('password', true)).toEqual(['People', 'Your account']);
		expect(names('password', false)).toEqual(['Your account']);
		expect(names('orders', false, false)).toEqual([]);
	});
});

describe('titles', () => {
	it('tell every page from the others at once', () => {
		const routes = Object.keys(import.meta.glob('/src/routes/**/+page.svelte')).map(
			(file) => file.replace('/src/routes', '').replace('/+page.svelte', '') || '/'
		);
		expect(Object.keys(PAGES).sort()).toEqual(routes.sort());
		const titles = routes.map((route) =>
			titleOf(route, route.includes('[number]') ? { number: '26-PEA-01-V' } : {}, '')
		);
		expect(new Set(titles).size).toBe(titles.length);
		expect(titleOf('/lot/[number]/tests', { number: '26-PEA-01-V' }, '')).toBe(
			'26-PEA-01-V · Tests · Seed room · Theriseed'
		);
		expect(titleOf('/desk/plantings/[id]', { id: 'x' }, 'Fog Bell')).toBe(
			'Fog Bell · Planting · Desk · Theriseed'
		);
	});
});
