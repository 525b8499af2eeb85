import { render, screen } from '@testing-library/svelte';
import { describe, expect, it } from 'vitest';
import type { Schemas } from '$lib/api/api';
import Mark from './Mark.svelte';
import { ofGate, ofPopulation, ofVerdict, ofWalk } from './mark';

const gate = (mayBeSold: boolean, ...reasons: Schemas['GateView']['reasons']) =>
	({ mayBeSold, reasons, against: [], atGrades: [], cautions: [], standard: 75 }) as Schemas['GateView'];

describe('the three marks', () => {
	it.each([
		[ofVerdict('CLEAR'), 'clear', true],
		[ofVerdict('TIGHT'), 'tight', false],
		[ofVerdict('CROSSES'), 'crosses', false]
	] as const)('never speak by colour alone', (marked, words, ticked) => {
		const { container } = render(Mark, marked);
		expect(screen.getByText(words)).toBeTruthy();
		expect(container.textContent?.includes('✓')).toBe(ticked);
		expect(container.querySelector('.mark')?.classList.contains(marked.state)).toBe(true);
	});
	it('are the same for plants, walks and the gate', () => {
		expect(ofPopulation('SHORT')).toEqual({ state: 'crosses', label: 'too few' });
		expect(ofWalk('NOT_YET')).toEqual({ state: 'tight', label: 'not shown yet' });
		expect(ofWalk('OVER').state).toBe('crosses');
		expect(ofGate(gate(true), 'market')).toEqual({ state: 'clear', label: 'may be sold as market seed' });
		expect(ofGate(gate(false, 'UNTESTED'), 'market').state).toBe('tight');
		expect(ofGate(gate(false, 'UNTESTED', 'ON_HOLD'), 'market')).toEqual({
			state: 'crosses',
			label: 'on hold'
		});
	});
});
