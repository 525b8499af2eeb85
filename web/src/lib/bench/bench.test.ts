import { describe, expect, it } from 'vitest';
import type { Schemas } from '$lib/api/api';
import { standing } from './bench';

type Ferment = Schemas['Ferment'];
const ZONE = 'UTC';
const NOW = '2026-08-14T07:10';

function lot(bench?: Partial<Schemas['BenchView']>) {
	return { known: { bench } } as unknown as Schemas['Shelved'];
}
function ferment(state: Ferment['state'], over: string, soonOver = false) {
	const clock = {
		state,
		equivalentHours: 60,
		readyFrom: 48,
		readyTo: 96,
		temperature: 26,
		readyAt: '2026-08-14T12:10:00Z',
		overAt: over,
		soonOver
	};
	return lot({
		underWay: { kind: 'FERMENT', begunAt: '2026-08-12T07:10:00Z', ferment: clock } as Schemas['StepView']
	});
}

describe('how a lot stands at the bench', () => {
	it('says when weights of a step cannot be', () => {
		const stands = standing(lot({ wrong: 'THRESH', steps: [] }), NOW, ZONE);
		expect(stands).toMatchObject({ shelf: 'cleaning', alarm: true, next: 'Put them right' });
	});
	it('says when a ferment will be ready', () => {
		const stands = standing(ferment('NOT_READY', '2026-08-16T07:10:00Z'), NOW, ZONE);
		expect(stands).toMatchObject({ shelf: 'wet', small: 'ready in', large: '5 h', alarm: false });
	});
	it('raises the alarm when a ready ferment is soon over', () => {
		expect(standing(ferment('READY', '2026-08-14T13:10:00Z', true), NOW, ZONE)).toMatchObject({
			large: '6 h',
			alarm: true,
			next: 'Rinse before 13:10'
		});
	});
	it('says first that a ferment is ready while there is time', () => {
		expect(standing(ferment('READY', '2026-08-15T13:10:00Z'), NOW, ZONE)).toMatchObject({
			large: 'ready',
			alarm: false
		});
	});
	it('says by how much it is over', () => {
		expect(standing(ferment('OVER_RUN', '2026-08-14T04:10:00Z'), NOW, ZONE)).toMatchObject({
			small: 'too long by',
			large: '3 h',
			alarm: true
		});
	});
	it('stands a lot on the shelf of its next step', () => {
		expect(standing(lot({ steps: [], next: 'THRESH', shelf: 'CLEANING' }), NOW, ZONE)).toMatchObject({
			shelf: 'cleaning',
			large: 'thresh',
			doing: 'picked'
		});
		expect(standing(lot({ steps: [], next: 'DRY', shelf: 'DRYING' }), NOW, ZONE).shelf).toBe('drying');
		expect(standing(lot(), NOW, ZONE)).toMatchObject({ small: 'empty', next: 'Weigh the harvest' });
	});

	it('says when a tray is dry, when it is too warm, and when nobody weighed it for days', () => {
		const tray = {
			moisture: 14.2,
			target: 6,
			dry: false,
			dryAt: '2026-08-14T21:10:00Z',
			sinceWeighed: 10,
			forgotten: false,
			tooWarm: false
		};
		const on = (drying: object) =>
			standing(
				lot({
					underWay: { kind: 'DRY', begunAt: '2026-08-12T07:10:00Z', drying } as Schemas['StepView']
				}),
				NOW,
				ZONE
			);
		expect(on(tray)).toMatchObject({
			shelf: 'drying',
			small: 'dry in',
			large: '14 h',
			alarm: false,
			doing: '14 % moist, 6 % wanted'
		});
		expect(on({ ...tray, moisture: 6, dry: true })).toMatchObject({
			large: 'dry',
			alarm: true,
			next: 'Weigh out'
		});
		expect(on({ ...tray, tooWarm: true })).toMatchObject({ alarm: true, next: 'Too warm: move it' });
		expect(on({ ...tray, dryAt: undefined, sinceWeighed: 120, forgotten: true })).toMatchObject({
			large: '2 days',
			alarm: true,
			next: 'Weigh it: forgotten?'
		});
	});
});
