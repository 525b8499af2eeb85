import { fireEvent, render, screen } from '@testing-library/svelte';
import { describe, expect, it, vi } from 'vitest';
import type { Schemas } from '$lib/api/api';
import { Attempt } from '$lib/form/attempt.svelte';
import WaysOut from './WaysOut.svelte';

vi.mock('$lib/api/session.svelte', () => ({ session: { grower: true, units: 'METRIC' } }));

const way = (change: Schemas['WayView']['steps'][number]['change'], targetName: string) =>
	({
		steps: [{ change, targetName }],
		cost: { hours: 10, seedLost: 0, seasonsLost: 0, lowerGrades: 0, moves: 0, inHours: 10 },
		verdict: 'CLEAR',
		helpsAgainst: []
	}) as unknown as Schemas['WayView'];
const ways = [
	way({ kind: 'Cage', area: 20, weeks: 6, boxes: 3 }, 'Long Ferry'),
	way({ kind: 'EatFirst', by: '2027-06-01', seedless: false }, 'Barrow Moon')
];

function shown(some = ways) {
	const look = vi.fn();
	const keep = vi.fn();
	render(WaysOut, { ways: some, season: 2027, attempt: new Attempt(), look, keep });
	return { look, keep };
}

describe('the ways out', () => {
	it('are looked at before one is kept', async () => {
		const { look, keep } = shown();
		expect(screen.getByText('Save this way').closest('button')?.disabled).toBe(true);
		await fireEvent.click(screen.getByText('Cage Long Ferry'));
		expect(look).toHaveBeenLastCalledWith(ways[0]);
		await fireEvent.click(screen.getByText('Save this way'));
		expect(keep).toHaveBeenCalledWith(ways[0]);
	});
	it('are tried one after the other, and round again', async () => {
		const { look } = shown();
		await fireEvent.click(screen.getByText('Try one'));
		await fireEvent.click(screen.getByText('Try another'));
		expect(look).toHaveBeenLastCalledWith(ways[1]);
		await fireEvent.click(screen.getByText('Try another'));
		expect(look).toHaveBeenLastCalledWith(ways[0]);
		await fireEvent.click(screen.getByText('Back to the plan'));
		expect(look).toHaveBeenLastCalledWith(undefined);
	});
	it('say so when none is left', () => {
		shown([]);
		expect(screen.getByText(/None is left/)).toBeTruthy();
		expect(screen.queryByText('Save this way')).toBeNull();
	});
	it('say of many places the best, until all are asked for', async () => {
		const move = (place: string) => way({ kind: 'Move', place, metres: 900 }, 'Long Ferry');
		const { look } = shown([move('Plot 7'), ways[0], move('Plot 8'), move('Plot 9')]);
		expect(screen.queryByText('Move Long Ferry to plot 8')).toBeNull();
		await fireEvent.click(screen.getByText('or to one of 2 other places'));
		await fireEvent.click(screen.getByText('Move Long Ferry to plot 9'));
		expect(look).toHaveBeenCalled();
	});
});
