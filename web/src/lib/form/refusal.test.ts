import { afterEach, describe, expect, it } from 'vitest';
import { Problem, type Refusal } from '$lib/api/api';
import { reader } from '$lib/words/reader.svelte';
import { refusal } from './refusal';

const outside = (field: string, value: string, low: number, high: number, unit: string, rest: object = {}) =>
	new Problem('said by the server', 400, field, value, {
		kind: 'Outside',
		low,
		lowIncluded: true,
		high,
		highIncluded: true,
		unit,
		...rest
	});

describe('refusals', () => {
	afterEach(() => {
		reader.units = 'METRIC';
		reader.locale = 'en-GB';
	});
	it('name the field by its label, with what is allowed', () => {
		expect(refusal(outside('counts', '104', 0, 100, 'seeds'), 'Second count')).toBe(
			'Second count: 104 is not allowed. Allowed is at least 0 and at most 100 seeds.'
		);
	});
	it('say measures in the reader’s units', () => {
		const tooMuch = outside('mass', '36200000', 0, 1408000, 'g', { lowIncluded: false });
		expect(refusal(tooMuch, 'Mass')).toBe(
			'Mass: 36,200 kg is not allowed. Allowed is more than 0 g and at most 1,408 kg.'
		);
		reader.units = 'US';
		reader.locale = 'en-US';
		expect(refusal(outside('temperature', '60', 5, 40, 'C'), 'Temperature')).toBe(
			'Temperature: 140 °F is not allowed. Allowed is at least 41 °F and at most 104 °F.'
		);
		const more = outside('bulk', '900', 0, 524.5, 'g', { lowIncluded: false, because: 'IS_LEFT' });
		expect(refusal(more, 'Bulk')).toBe(
			'Bulk: 1.98 lb is not allowed. Allowed is more than 0 oz and at most 1.16 lb, which is left.'
		);
	});
	it('say what sets a limit, and only the ends there are', () => {
		const open = { highIncluded: false, because: 'NEXT_STEP_TOOK' };
		expect(refusal(outside('massOut', '7', 8000, Infinity, 'g', open), 'Mass out')).toBe(
			'Mass out: 7 g is not allowed. Allowed is at least 8 kg, which the next step took.'
		);
		const asSent = { ...open, high: 'Infinity' };
		expect(refusal(outside('massOut', '7', 8000, 0, 'g', asSent), 'Mass out')).toContain(
			'at least 8 kg, which'
		);
		expect(refusal(outside('replicates', '4', 1, 1, 'sheet', { because: 'HOME_TEST' }), 'Replicates')).toBe(
			'Replicates: 4 is not allowed. Allowed is only 1 sheet of a home test.'
		);
	});
	it.each<[Refusal, string]>([
		[
			{ kind: 'OutsideDays', low: '2026-04-01', high: '2026-08-14' },
			'Sown: 1 Sept 2026 is not allowed. Allowed is from 1 Apr 2026 to 14 Aug 2026.'
		],
		[
			{ kind: 'OutsideDays', low: '2026-10-01' },
			'Sown: 1 Sept 2026 is not allowed. Allowed is from 1 Oct 2026 on.'
		],
		[
			{ kind: 'OutsideDays', high: '2026-08-14' },
			'Sown: 1 Sept 2026 is not allowed. Allowed is until 14 Aug 2026.'
		]
	])('say days as the reader writes them', (why, says) => {
		expect(refusal(new Problem('', 400, 'sownOn', '2026-09-01', why), 'Sown')).toBe(says);
	});
	it('say what a rule says, with its figures', () => {
		const why: Refusal = {
			kind: 'AgainstRule',
			rule: 'gate.shut',
			figures: {
				lot: '26-PEA-01-V',
				findings: [
					{ kind: 'NotClean' },
					{ kind: 'BelowStandard', germination: 65, grade: 'MARKET', needed: 70 }
				]
			}
		};
		expect(refusal(new Problem('', 400, 'number', '26-PEA-01-V', why), 'Lot')).toBe(
			'26-PEA-01-V may not be packed or sold: not clean yet; germinates 65 %; market grade needs 70 %.'
		);
	});
	it('say what is missing, and leave a sentence as it is', () => {
		expect(refusal(new Problem('', 400, 'name', 'nothing', { kind: 'Missing' }), 'Name')).toBe(
			'Name is needed.'
		);
		expect(refusal(new Problem('The server does not answer.', 0), 'Name')).toBe(
			'The server does not answer.'
		);
	});
});
