import { describe, expect, it } from 'vitest';
import { Problem } from '$lib/api/api';
import { refusal } from './refusal';

const outOfRange = (field: string, value: string, valid: string) =>
	new Problem(`${field}: ${value} is outside the valid range ${valid}`, 400, field, value, valid);

describe('refusals', () => {
	it('names the field by its label, with what would be taken', () => {
		expect(refusal(outOfRange('counts', '104', '[0, 100] seeds'), 'Second count', 'METRIC')).toBe(
			'Second count: 104 cannot be. It takes at least 0, at most 100 seeds.'
		);
	});
	it('says masses in the reader’s units', () => {
		expect(refusal(outOfRange('mass', '36200000', '(0, 1408000] g'), 'Mass', 'METRIC')).toBe(
			'Mass: 36,200 kg cannot be. It takes more than 0 g, at most 1,408 kg.'
		);
	});
	it('keeps the reason that stands behind the unit', () => {
		expect(
			refusal(outOfRange('massOut', '7', 'at least 8000 g, which the next step took'), 'Came out', 'METRIC')
		).toBe('Came out: 7 g cannot be. It takes at least 8 kg, which the next step took.');
		expect(refusal(outOfRange('bulk', '900', '(0, 524.5] g, which is left'), 'Bulk', 'US')).toBe(
			'Bulk: 1.98 lb cannot be. It takes more than 0 oz, at most 1.16 lb, which is left.'
		);
	});
	it('says lengths and warmth in them too', () => {
		expect(refusal(outOfRange('east', '6000', '[-5000, 5000] m'), 'East', 'METRIC')).toBe(
			'East: 6 km cannot be. It takes at least -5 km, at most 5 km.'
		);
		expect(refusal(outOfRange('temperature', '60', '[5, 40] C'), 'Temperature', 'US')).toBe(
			'Temperature: 140 °F cannot be. It takes at least 41 °F, at most 104 °F.'
		);
	});
	it('leaves a whole sentence as it is', () => {
		const hybrid = new Problem('It is a hybrid.', 400, 'varietyId', 'x', 'open-pollinated');
		expect(refusal(hybrid, 'Variety', 'METRIC')).toBe('It is a hybrid.');
	});
	it('says what is missing', () => {
		expect(
			refusal(new Problem('name: must not be blank', 400, 'name', 'nothing', 'a value'), 'Name', 'METRIC')
		).toBe('Name is needed.');
	});
});
