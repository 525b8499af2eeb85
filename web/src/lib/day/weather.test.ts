import { render, screen, within } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Schemas } from '$lib/api/api';
import Weather from './Weather.svelte';

vi.mock('$lib/api/session.svelte', () => ({
	session: { units: 'METRIC', today: '2026-08-14', works: true }
}));

const TODAY = '2026-08-14';
const coming = (on: string, over: Partial<Schemas['ComingDay']> = {}): Schemas['ComingDay'] => ({
	on,
	low: 11,
	high: 21.9,
	rain: 0,
	chance: 0.2,
	from: 13,
	dryHours: 7,
	fitChance: 0.8,
	...over
});
const view = (over: Partial<Schemas['TodayView']> = {}): Schemas['TodayView'] => ({
	now: `${TODAY}T07:10:00`,
	day: {
		sunrise: 6.2,
		sunset: 21.2,
		dewOff: 9.2,
		temperatures: Array.from({ length: 25 }, (_, i) => 10 + i / 3)
	},
	coming: [coming(TODAY), coming('2026-08-15', { chance: 0.8, rain: 6, from: undefined, dryHours: 0 })],
	simulated: false,
	measured: { day: '2026-08-13', low: 12.5, high: 20.4, source: 'weather folder' },
	tasks: [],
	wrongLots: [],
	wrongPlantings: [],
	notForEating: [],
	...over
});
const shown = (over?: Partial<Schemas['TodayView']>) =>
	render(Weather, { view: view(over), changed: () => {} }).container.textContent!.replace(/\s+/g, ' ');

describe('the weather above the tasks', () => {
	beforeEach(() => {
		vi.stubGlobal(
			'ResizeObserver',
			class {
				observe() {}
				unobserve() {}
				disconnect() {}
			}
		);
	});

	it('says when it is dry enough to cut seed, what the day before was, and the days after', () => {
		const text = shown();
		expect(text).toContain('20 % rain; dry enough to cut seed from 13:00 for 7 hours, if no rain comes');
		expect(text).toContain('Thursday was 12.5 °C to 20.4 °C (weather folder)');
		const days = within(screen.getByRole('list', { name: 'The days after' })).getAllByRole('listitem');
		expect(days).toHaveLength(1);
		expect(days[0].textContent!.replace(/\s+/g, ' ')).toContain('Sat 21.9 °C 80 % rain, 6 mm no dry hours');
	});

	it('says that nobody typed a forecast, and nothing of a station that is silent', () => {
		const text = shown({
			coming: [],
			measured: { day: '2026-08-10', low: 1, high: 2, source: 'weather folder' }
		});
		expect(text).toContain('No forecast has been typed: rain is not counted.');
		expect(text).not.toContain('weather folder');
		expect(screen.getByText('Type the forecast')).toBeTruthy();
	});

	it('of a simulated one that it knows nothing', () => {
		expect(shown({ simulated: true })).toContain('simulated: it knows nothing of the weather');
		expect(screen.queryByText('Type the forecast')).toBeNull();
	});
});
