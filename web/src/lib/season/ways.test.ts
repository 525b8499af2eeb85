import { describe, expect, it } from 'vitest';
import type { Schemas } from '$lib/api/api';
import { wayCost, wayWords } from './ways';

type Way = Schemas['WayView'];
const way = (kind: Way['kind'], figures: Way['figures'] = {}, more: Partial<Way> = {}): Way => ({
	kind,
	targetId: 'x',
	target: 'OWN',
	targetName: 'Long Ferry',
	itself: true,
	hours: 0,
	verdict: 'CLEAR',
	crossing: 0,
	helpsAgainst: ['Barrow Moon'],
	losesSeed: false,
	figures,
	targetVersion: 0,
	...more
});
const said = (one: Way) => wayWords(one, 'METRIC', 2027);

describe('a way out', () => {
	it('says the act first, then what it means', () => {
		expect(said(way('MOVE', { place: 'Plot 7, bed 5', metres: 640 }))).toEqual({
			act: 'Move Long Ferry to plot 7, bed 5',
			means: '640 m from what threatens it'
		});
		expect(said(way('SHIFT', { days: 12, by: '2027-05-04' })).act).toBe('Sow Long Ferry 12 days later');
		expect(said(way('SHIFT', { days: -1, by: '2027-04-21' })).act).toBe('Sow Long Ferry 1 day earlier');
		expect(said(way('CAGE', { area: 19.2, weeks: 9, count: 6 })).means).toBe(
			'19 m² of net for 9 weeks, 6 boxes of insects'
		);
		expect(said(way('CAGE', { area: 19.2, weeks: 1, count: 0 })).means).toBe('19 m² of net for 1 week');
		expect(said(way('HAND_POLLINATE', { count: 41, fruits: 16 }))).toEqual({
			act: 'Pollinate 41 flowers of Long Ferry by hand',
			means: 'for 16 ripe fruits; the others are no seed'
		});
		expect(said(way('DROP_ROWS', { metres: 3, share: 0.12 })).means).toBe('12 % of the seed is given up');
		expect(said(way('LOWER_GRADE', { grade: 'OWN_USE' })).means).toBe('none of it is sold');
		expect(said(way('BAG', { count: 72 })).act).toBe('Bag 72 clusters of Long Ferry');
	});
	it('replants roots where it would sow seed', () => {
		const roots = { replantedOn: '2027-05-11' } as Schemas['PlantingRequest'];
		expect(said(way('SHIFT', { days: 39, by: '2027-05-11' }, { then: roots })).act).toBe(
			'Replant Long Ferry 39 days later'
		);
	});
	it('says by when the other is off, and that it gives no seed then', () => {
		const eat = said(way('EAT_FIRST', { by: '2027-06-17' }, { targetName: 'Barrow Moon', losesSeed: true }));
		expect(eat.means).toBe('by 17 Jun; it gives no seed this season');
		expect(said(way('ASK_NEIGHBOUR', { by: '2027-04-04' })).means).toContain('by 4 Apr');
		expect(said(way('PULL_VOLUNTEERS', { by: '2027-04-04' })).act).toContain('Hoe');
	});
	it('knows whether stored seed waits for another year', () => {
		expect(said(way('ANOTHER_YEAR', { count: 2031 })).means).toContain('until 2031');
		expect(said(way('ANOTHER_YEAR')).means).toContain('no stored seed');
		expect(said(way('ANOTHER_YEAR')).act).toBe('Grow Long Ferry in 2028');
	});
	it('costs hours, its seed, or no work', () => {
		expect(wayCost(way('CAGE', {}, { hours: 15.2 }))).toBe('15 h');
		expect(wayCost(way('PULL_VOLUNTEERS', {}, { hours: 0.2 }))).toBe('under 1 h');
		expect(wayCost(way('EAT_FIRST', {}, { losesSeed: true }))).toBe('its seed');
		expect(wayCost(way('MOVE'))).toBe('no work');
	});
});
