import { describe, expect, it } from 'vitest';
import type { Schemas } from '$lib/api/api';
import sentences from '$lib/words/en.tasks.json';
import { WORK, yearOf } from './yearOfWork';

const entry = (kind: Schemas['Entry']['kind'], from: string, to: string) =>
	({ kind, from, to }) as Schemas['Entry'];

describe('the year of work', () => {
	it('counts a task in every week it is due in, and once in its month', () => {
		const [july, august] = yearOf(
			[entry('PICK', '2026-07-20', '2026-08-09'), entry('LIFT', '2026-08-09', '2026-08-09')],
			['PICK', 'LIFT'],
			['2026-07', '2026-08']
		);
		expect(july).toEqual({ month: '2026-07', tasks: 1, weeks: [0, 0, 1, 1] });
		expect(august).toEqual({ month: '2026-08', tasks: 2, weeks: [1, 2, 0, 0] });
	});
	it('leaves out what is other work, or of another time', () => {
		const [july] = yearOf([entry('SOW', '2026-07-01', '2026-07-01')], ['PICK'], ['2026-07']);
		expect(july.tasks).toBe(0);
	});
	it('knows each kind of work there are words for, once', () => {
		const known = WORK.flatMap((work) => work.kinds).sort();
		expect(known).toEqual([...new Set(known)]);
		expect(Object.keys(sentences.work)).toEqual(expect.arrayContaining(known));
	});
});
