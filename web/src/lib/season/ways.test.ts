import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { Schemas } from '$lib/api/api';
import { reader } from '$lib/words/reader.svelte';
import { wayWords } from './ways';

type Way = Schemas['WayView'];
type Change = Way['steps'][number]['change'];
const NOTHING = { hours: 0, seedLost: 0, seasonsLost: 0, lowerGrades: 0, moves: 0, inHours: 0 };
const step = (change: Change, targetName = 'Long Ferry') => ({
	change,
	targetId: 'x',
	target: 'OWN' as const,
	targetName,
	itself: true
});
const way = (steps: Way['steps'], cost: Partial<Way['cost']> = {}): Way => ({
	steps,
	cost: { ...NOTHING, ...cost },
	verdict: 'CLEAR',
	crossing: 0,
	helpsAgainst: ['Barrow Moon'],
	plan: { plantings: [], neighbours: [] }
});
const said = (change: Change, targetName?: string) => {
	const words = wayWords(way([step(change, targetName)]));
	return { ...words, means: words.means[0] };
};

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
		const eat = said({ kind: 'EatFirst', by: '2027-06-17', seedless: true }, 'Barrow Moon');
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
	it('says all that it costs', () => {
		const cost = (told: Partial<Way['cost']>) =>
			wayWords(way([step({ kind: 'Bag', clusters: 1 })], told)).cost;
		expect(cost({ hours: 15.2 })).toBe('15 h');
		expect(cost({ hours: 0.2 })).toBe('under 1 h');
		expect(cost({ seedLost: 1 })).toBe('its seed');
		expect(cost({ seedLost: 2 })).toBe('the seed of 2 crops');
		expect(cost({ hours: 2, seedLost: 0.1, moves: 1 })).toBe('2 h, 10 % of its seed, other ground');
		expect(cost({ seasonsLost: 1, money: 120 })).toMatch(/^a season later \(about .*120.*\)$/);
		expect(cost({ seasonsLost: 2 })).toBe('2 crops a season later');
		expect(cost({ lowerGrades: 1 })).toBe('worth less');
		expect(cost({})).toBe('no work');
	});
	it('says two cages that take turns in one', () => {
		const cage = { kind: 'CageByTurns', area: 20, weeks: 8 } as const;
		expect(wayWords(way([step(cage), step(cage, 'Barrow Moon')])).act).toBe(
			'Cage Long Ferry and Barrow Moon, open by turns'
		);
	});
	it('says steps that are taken together in one line, and what each means', () => {
		const both = wayWords(
			way([
				step({ kind: 'Shift', days: 14, later: true, on: '2027-05-04', replanted: false }),
				step({ kind: 'AskNeighbour', by: '2027-04-04' }, 'the croft')
			])
		);
		expect(both.act).toBe('Sow Long Ferry 14 days later, and ask the croft to cut theirs');
		expect(both.means).toHaveLength(2);
		expect(both.means[1]).toBe('The croft: by 4 Apr; tight until you have seen it done');
	});
});
