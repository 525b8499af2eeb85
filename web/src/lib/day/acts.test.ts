import { describe, expect, it } from 'vitest';
import type { Schemas } from '$lib/api/api';
import { say, waiting } from './acts';

const act = (parts: Partial<Schemas['Act']>): Schemas['Act'] => ({
	kind: 'WALK',
	when: 'WHILE_DRY',
	urgent: false,
	variety: 'Threshold',
	crop: 'Flour maize',
	plot: 'Plot 12',
	plantingId: 'p1',
	...parts
});
const NOW = '2026-08-14T07:10:00';

describe('acts in words', () => {
	it('says how many more to look at, and what is known so far', () => {
		const said = say(act({ count: 440, share: 0.029, limit: 0.01 }), NOW, 'METRIC');
		expect(said.act).toBe('Walk the Threshold flour maize');
		expect(said.why).toContain('2.9 %');
		expect(said.number).toBe('look at 440 more');
		expect(say(act({}), NOW, 'METRIC').why).toContain('Nobody has walked it');
	});
	it('tells a ferment that will be over from one that is', () => {
		const rinse = { kind: 'RINSE', lot: '26-TOM-02-T', temperature: 26.5 } as const;
		expect(say(act({ ...rinse, at: '2026-08-14T11:19:33' }), NOW, 'METRIC').number).toBe('over-runs 11:19');
		expect(say(act({ ...rinse, at: '2026-08-14T05:00:00' }), NOW, 'METRIC').number).toBe(
			'over-run since 05:00'
		);
		expect(say(act({ ...rinse, at: '2026-08-14T05:00:00' }), NOW, 'US').why).toContain('80 °F');
	});
	it('says of a tray what is most pressing', () => {
		const tray = { kind: 'WEIGH_TRAY', lot: '26-CUC-01-R', share: 0.19, limit: 0.06, count: 1 } as const;
		const why = (more: Partial<Schemas['Act']>) => say(act({ ...tray, ...more }), NOW, 'METRIC').why;
		expect(why({})).toContain('19 % moist; 6 % is wanted');
		expect(why({ count: 9 })).toContain('nobody weighed it for 9 days. Forgotten?');
		expect(why({ count: 9, other: 'REWETTED' })).toContain('took up water again');
		expect(why({ other: 'TOO_WARM' })).toContain('warmer than it bears');
		expect(say(act({ ...tray, at: '2026-08-15T09:00:00' }), NOW, 'METRIC').number).toMatch(/^dry /);
	});
	it('sends bored seed to the freezer and has it looked at again', () => {
		const bored = { lot: '25-BEA-01-P', share: 0.015, limit: 0.029 } as const;
		const freeze = say(act({ kind: 'FREEZE', ...bored }), NOW, 'METRIC');
		expect(freeze.why).toContain('1.5 %');
		expect(freeze.number).toBe('up to 2.9 %');
		expect(freeze.path).toBe('/lot/25-BEA-01-P/tests');
		const again = say(act({ kind: 'LOOK_FOR_WEEVILS', ...bored, at: '2026-08-07T00:00:00' }), NOW, 'METRIC');
		expect(again.number).toBe('since 7 Aug');
	});
	it('leads watching to the ripening and picking to the harvest', () => {
		expect(say(act({ kind: 'WATCH_RIPENING' }), NOW, 'METRIC').path).toBe('/ripening/p1');
		expect(say(act({ kind: 'PICK' }), NOW, 'METRIC').path).toBe('/harvest/p1');
		expect(say(act({ kind: 'CHECK_STORE' }), NOW, 'METRIC').path).toBe('/stand/p1');
	});
	it('leads every act to where it is done', () => {
		expect(say(act({ kind: 'PACK', lot: '26-TOM-01-X' }), NOW, 'METRIC').path).toBe('/stall/26-TOM-01-X');
		expect(say(act({}), NOW, 'METRIC').path).toBe('/walk/p1');
	});
	it('counts in words while words are short', () => {
		const calm = (count: number) => Array.from({ length: count }, () => act({}));
		expect(waiting([])).toBe('nothing waits');
		expect(waiting(calm(9))).toBe('nine things wait');
		expect(waiting(calm(21))).toBe('21 things wait');
		expect(waiting([...calm(1), act({ urgent: true })])).toBe(
			'two things wait; the Threshold flour maize cannot'
		);
	});
});
