import { render, screen } from '@testing-library/svelte';
import { describe, expect, it } from 'vitest';
import type { Schemas } from '$lib/api/api';
import Compared from './Compared.svelte';

const sum = (crosses: number, clear: number, plants: number) => ({
	seedCrops: 10,
	crosses,
	tight: 1,
	clear,
	shortOfPlants: 0,
	plants,
	hours: 31.4
});

describe('a scheme beside the plan', () => {
	it('says of each figure whether it is better', () => {
		const compared = {
			scheme: { id: 's', version: 0, name: 'no chard', season: 2027 },
			plan: sum(4, 5, 700),
			tried: sum(2, 7, 640),
			plantings: []
		} as Schemas['Compared'];
		render(Compared, { compared });
		const row = (name: string) => screen.getByText(name).closest('tr')?.textContent;
		expect(row('would cross')).toContain('2 fewer: better');
		expect(row('clear')).toContain('2 more: better');
		expect(row('plants in all')).toContain('60 fewer');
		expect(row('plants in all')).not.toContain('better');
		expect(row('tight')).toContain('the same');
	});
});
