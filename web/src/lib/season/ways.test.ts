import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { Schemas } from '$lib/api/api';
import { reader } from '$lib/words/reader.svelte';
import { wayWords } from './ways';

type Way = Schemas['WayView'];
const way = (change: Way['change'], more: Partial<Way> = {}): Way => ({
	change,
	targetId: 'x',
	target: 'OWN',
	targetName: 'Long Ferry',
	itself: true,
	cost: { kind: 'NoWork' },
	verdict: 'CLEAR',
	crossing: 0,
	helpsAgainst: ['Barrow Moon'],
	targetVersion: 0,
	...more
});
const said = (change: Way['change'], more?: Partial<Way>) => wayWords(way(change, more));

describe('a way out', () => {
	beforeEach(() => {
		reader.today = '2027-02-01';
	});
	afterEach(() => {
		reader.today = '';
		reader.units = 'METRIC';
	});
	it('says the act first, then what it means', () => {
		const move = said({ kind: 'Move', place: 'Plot 7, bed 5', metres: 640 });
		expect(move.act).toBe('Move Long Ferry to plot 7, bed 5');
		expect(move.means).toBe('640 m from what threatens it');
		const later = { kind: 'Shift', days: 12, later: true, on: '2027-05-04', replanted: false } as const;
		expect(said(later).act).toBe('Sow Long Ferry 12 days later');
		expect(said(later).means).toBe('on 4 May: their blooms move apart');
		expect(said({ ...later, days: 1, later: false }).act).toBe('Sow Long Ferry 1 day earlier');
		expect(said({ ...later, replanted: true }).act).toBe('Replant Long Ferry 12 days later');
		expect(said({ kind: 'Cage', area: 19.2, weeks: 9, boxes: 6 }).means).toBe(
			'19 m² of net for 9 weeks, 6 boxes of insects'
		);
		expect(said({ kind: 'Cage', area: 19.2, weeks: 1, boxes: 0 }).means).toBe('19 m² of net for 1 week');
		const hand = said({ kind: 'HandPollinate', flowers: 41, fruits: 16 });
		expect(hand.act).toBe('Pollinate 41 flowers of Long Ferry by hand');
		expect(hand.means).toBe('for 16 ripe fruits; the others are no seed');
		expect(said({ kind: 'DropRows', metres: 3, seedLost: 0.12 }).means).toBe('12 % of the seed is given up');
		expect(said({ kind: 'LowerGrade', grade: 'OWN_USE' }).means).toBe('none of it is sold');
		expect(said({ kind: 'LowerGrade', grade: 'MARKET' }).act).toBe('Be content with market seed');
		expect(said({ kind: 'Bag', clusters: 72 }).act).toBe('Bag 72 clusters of Long Ferry');
	});
	it('says its measures in the reader’s units', () => {
		reader.units = 'US';
		expect(said({ kind: 'Move', place: 'Plot 7', metres: 640 }).means).toBe(
			'2,100 ft from what threatens it'
		);
	});
	it('says by when the other is off, and that it gives no seed then', () => {
		const eat = said({ kind: 'EatFirst', by: '2027-06-17', seedless: true }, { targetName: 'Barrow Moon' });
		expect(eat.act).toBe('Take Barrow Moon off before it flowers');
		expect(eat.means).toBe('by 17 Jun; it gives no seed this season');
		expect(said({ kind: 'AskNeighbour', by: '2027-04-04' }).means).toContain('by 4 Apr');
		expect(said({ kind: 'PullVolunteers', by: '2027-04-04' }).act).toContain('Hoe');
	});
	it('knows whether stored seed waits for another year', () => {
		expect(said({ kind: 'AnotherYear', season: 2028, lastsUntil: 2031 }).means).toContain('until 2031');
		expect(said({ kind: 'AnotherYear', season: 2028 }).means).toContain('no stored seed');
		expect(said({ kind: 'AnotherYear', season: 2028 }).act).toBe('Grow Long Ferry in 2028');
	});
	it('costs hours, its seed, or no work', () => {
		const cost = (told: Way['cost']) => said({ kind: 'Bag', clusters: 1 }, { cost: told }).cost;
		expect(cost({ kind: 'Work', hours: 15.2, under: false })).toBe('15 h');
		expect(cost({ kind: 'Work', hours: 0.2, under: true })).toBe('under 1 h');
		expect(cost({ kind: 'ItsSeed' })).toBe('its seed');
		expect(cost({ kind: 'NoWork' })).toBe('no work');
	});
});
