import { fireEvent, render, screen } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Schemas } from '$lib/api/api';
import { forget, sent as asks } from '$lib/api/pretend';
import CountForm from './CountForm.svelte';
import { nothingCounted, sent, tallied, untold } from './counting';

vi.mock('$lib/api/session.svelte', () => ({ session: { units: 'METRIC', today: '2026-08-14' } }));
vi.mock('$lib/api/api', async (actual) =>
	(await import('$lib/api/pretend')).pretend(await actual<typeof import('$lib/api/api')>())
);

const test = {
	id: 'one',
	version: 3,
	setOn: '2026-08-05',
	method: 'PAPER',
	perReplicate: 50,
	replicates: 2,
	firstDue: '2026-08-10',
	finalDue: '2026-08-13',
	firstOn: '2026-08-10',
	firstCounts: [30, 28],
	counts: [],
	note: ''
} as unknown as Schemas['GerminationView'];

beforeEach(forget);

describe('seeds of a replicate', () => {
	it('are told of one by one, and one can be taken back', () => {
		let row = tallied(nothingCounted(), 'dead', 1);
		row = tallied(row, 'dead', 1);
		expect(untold(row, 50)).toBe(48);
		expect(tallied(tallied(row, 'dead', -1), 'hard', -1)).toMatchObject({ dead: '1', hard: '0' });
	});
	it('are sent as what was typed, nothing as none, and a slip names its place', () => {
		const rows = [{ ...nothingCounted(), normal: '47', dead: '3' }];
		expect(sent(rows, false)).toEqual({ counts: [47], abnormal: [0], hard: [0], fresh: [0], dead: [3] });
		expect(sent(rows, true)).toEqual({ counts: [47] });
		expect(() => sent([nothingCounted()], false)).toThrow(/counts/);
	});
});

describe('counting by the keys alone', () => {
	const field = (label: string) => screen.getByLabelText<HTMLInputElement>(label);
	const key = (at: Element, name: string) => fireEvent.keyDown(at, { key: name });

	it('walks the grid with Enter and arrows', async () => {
		render(CountForm, { test, kept: vi.fn() });
		field('Normal seedlings of replicate 1').focus();
		await key(document.activeElement!, 'Enter');
		expect(document.activeElement).toBe(field('Abnormal of replicate 1'));
		await key(document.activeElement!, 'ArrowDown');
		expect(document.activeElement).toBe(field('Abnormal of replicate 2'));
		field('Dead of replicate 1').focus();
		await key(document.activeElement!, 'Enter');
		expect(document.activeElement).toBe(field('Normal seedlings of replicate 2'));
	});
	it('tallies seed by seed into the chosen replicate', async () => {
		const kept = vi.fn();
		render(CountForm, { test, kept });
		const pad = screen.getByRole('group', { name: /^Count seed by seed/ });
		for (const one of 'nnnd2nnh') await key(pad, one);
		await key(pad, 'Backspace');
		expect(field('Normal seedlings of replicate 1').value).toBe('3');
		expect(field('Dead of replicate 1').value).toBe('1');
		expect(field('Normal seedlings of replicate 2').value).toBe('2');
		expect(field('Hard of replicate 2').value).toBe('0');
		await fireEvent.click(screen.getByRole('button', { name: 'Save count' }));
		expect(asks()[0].body).toMatchObject({
			version: 3,
			last: true,
			countedOn: '2026-08-14',
			counts: [3, 2],
			dead: [1, 0]
		});
	});
	it('shows what was taken out at the first count, and how many are not told of', () => {
		render(CountForm, { test, kept: vi.fn() });
		expect(screen.getByText('30 at the first count')).toBeTruthy();
		expect(screen.getAllByText('50', { selector: 'td' })).toHaveLength(2);
	});
});
