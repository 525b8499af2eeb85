import { fireEvent, render, screen, waitFor } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Schemas } from '$lib/api/api';
import { answers, forget } from '$lib/api/pretend';
import { Attempt } from '$lib/form/attempt.svelte';
import { live } from '$lib/instruments/live.svelte';
import StepForm from './StepForm.svelte';

vi.mock('$lib/api/session.svelte', () => ({
	session: { units: 'METRIC', now: '2026-08-14T07:10', farm: { timeZone: 'UTC' } }
}));

vi.mock('$lib/api/api', async (actual) =>
	(await import('$lib/api/pretend')).pretend(await actual<typeof import('$lib/api/api')>())
);

type Kind = Schemas['StepRequest']['kind'];

const KINDS: Schemas['StepKindView'][] = [
	{ kind: 'DRY', wet: false, takesTime: true },
	{ kind: 'THRESH', wet: false, takesTime: false },
	{ kind: 'SCREEN', wet: false, takesTime: false },
	{ kind: 'FERMENT', wet: true, takesTime: true },
	{ kind: 'EXTRACT', wet: true, takesTime: false },
	{ kind: 'RINSE', wet: true, takesTime: false }
];

describe('a step at the bench', () => {
	const finish = vi.fn<(request: Schemas['StepRequest']) => Promise<void>>(async () => {});
	const begin = vi.fn<(request: Schemas['StepRequest']) => Promise<void>>(async () => {});
	const show = (kind: Kind, more: object = {}) =>
		render(StepForm, {
			attempt: new Attempt(),
			chain: ['DRY', 'THRESH', 'SCREEN'] as Kind[],
			kind,
			kinds: KINDS,
			massBefore: 5000,
			floating: 'SAYS_NOTHING' as const,
			ways: ['SCOOP' as const, 'GRIND_AND_SIEVE' as const],
			tried: () => {},
			begin,
			finish,
			taken: () => {},
			...more
		});
	const says = (step: object, more: object = {}) =>
		({
			step: { massOut: 2000, ...step },
			changes: { steps: [] },
			...more
		}) as unknown as Schemas['StepTried'];
	const type = (label: string, value: string) =>
		fireEvent.input(screen.getByLabelText(label), { target: { value } });

	beforeEach(() => {
		finish.mockClear();
		begin.mockClear();
		live.shown = [];
		forget();
		answers.set('GET /api/cautions', []);
	});

	it('begins what takes time and keeps what is done at once', async () => {
		show('DRY');
		await type('Dry it to', '9');
		await fireEvent.click(screen.getByRole('button', { name: /^Begin/ }));
		await waitFor(() => expect(begin).toHaveBeenCalledOnce());
		expect(begin.mock.lastCall![0]).toMatchObject({ kind: 'DRY', massIn: 5000, target: 9, people: 1 });
		expect('massOut' in begin.mock.lastCall![0]).toBe(false);
	});
	it('says how the seed of the crop is usually got out', () => {
		show('EXTRACT');
		expect(screen.getByText('usual for this crop: scooped; ground and sieved')).toBeTruthy();
	});
	it('remembers the screen of last time beside the field', async () => {
		show('SCREEN', { last: [{ kind: 'SCREEN', way: 'round holes', hole: 4.5 }] });
		expect(screen.getByText('last time: 4.5 mm')).toBeTruthy();
		await type('Holes of the screen', '4.2');
		await type('Mass out', '4.8');
		await type('People', '2');
		await fireEvent.click(screen.getByRole('button', { name: 'Save step' }));
		await waitFor(() => expect(finish).toHaveBeenCalledOnce());
		expect(finish.mock.lastCall![0]).toMatchObject({ hole: 4.2, people: 2, massOut: 4800 });
	});
	it('says at the rinse that good seed of this crop floats, and counts the rounds', async () => {
		show('RINSE');
		expect(screen.getByText(/Good seed of this crop floats too/)).toBeTruthy();
		await type('Rounds until clear', '4');
		await type('Mass out', '0.5');
		await fireEvent.click(screen.getByRole('button', { name: 'Save step' }));
		await waitFor(() => expect(finish.mock.lastCall?.[0].rounds).toBe(4));
	});
	it('takes what came out from the scale once it has settled', async () => {
		live.shown = [
			{ kind: 'SCALE', name: 'simulated scale', simulated: true, unit: 'g', value: 812.4, steady: false }
		];
		show('THRESH');
		expect(screen.queryByRole('button', { name: /from the scale/ })).toBeNull();
		live.shown = [
			{ kind: 'SCALE', name: 'simulated scale', simulated: true, unit: 'g', value: 812.4, steady: true }
		];
		await waitFor(() =>
			expect(screen.getAllByRole('button', { name: /from the scale/ }).length).toBeGreaterThan(0)
		);
		await fireEvent.click(screen.getAllByRole('button', { name: /from the scale/ })[0]);
		await fireEvent.click(screen.getByRole('button', { name: 'Save step' }));
		await waitFor(() => expect(finish.mock.lastCall?.[0].massOut).toBe(812.4));
	});
	it('asks why when mass went missing, in kinds that can be counted', async () => {
		show('THRESH', { seen: says({ share: 0.4, unaccounted: 31.2, alarm: true }) });
		await type('Mass out', '2');
		await fireEvent.change(screen.getByLabelText('Why is mass missing?'), { target: { value: 'EATEN' } });
		await type('In words', 'mice in the shed');
		await fireEvent.click(screen.getByRole('button', { name: 'Save step' }));
		await waitFor(() =>
			expect(finish.mock.lastCall?.[0]).toMatchObject({
				missingReason: 'EATEN',
				missingBecause: 'mice in the shed'
			})
		);
	});
	it('says beforehand what other lots gave, and afterwards when this one gave far less', async () => {
		const shares = [
			{ after: 'DRY', share: { kind: 'THRESH', steps: 2, low: 0.7, median: 0.7, high: 0.7 } },
			{ share: { kind: 'THRESH', steps: 6, low: 0.3, median: 0.35, high: 0.4 } }
		];
		show('THRESH', {
			shares,
			toKeep: { low: 0.1, high: 0.2 },
			seen: says({ share: 0.1 }, { place: 'BELOW' })
		});
		expect(screen.getByText(/Expect 1.5 kg to 2 kg out/)).toBeTruthy();
		expect(screen.getByText(/usually keep 10 % to 20 %/)).toBeTruthy();
		await type('Mass out', '0.5');
		expect(screen.getByText(/Far less than your other lots gave here/)).toBeTruthy();
		expect(screen.getByLabelText('Why is mass missing?')).toBeTruthy();
	});
	it('asks before it keeps a weight in the wrong unit, and puts it right at a touch', async () => {
		show('THRESH', { seen: says({ massOut: 2.1, share: 0.0004 }, { meant: 2100 }) });
		await type('Mass out', '0.0021');
		expect(screen.getByRole('button', { name: '2.1 g is right: keep it' })).toBeTruthy();
		await fireEvent.click(screen.getByRole('button', { name: 'It was 2.1 kg' }));
		expect((screen.getByLabelText('Mass out') as HTMLInputElement).value).toBe('2.1');
	});
	it('keeps each thing that left, and none of them is lost when the step is corrected', async () => {
		const step = {
			kind: 'THRESH',
			begunAt: '2026-08-13T08:00:00Z',
			massIn: 5000,
			waterAdded: 0,
			massOut: 3000,
			people: 1,
			byProducts: [
				{ what: 'haulm', mass: 1500, goneTo: 'compost' },
				{ what: 'broken seed', mass: 100, goneTo: 'feed' }
			]
		} as unknown as Schemas['StepView'];
		show('THRESH', { step, correcting: true, begin: undefined });
		await fireEvent.click(screen.getByRole('button', { name: 'something else was removed too' }));
		await type('Removed (3)', '0.05');
		await type('What it was (3)', 'stones');
		await fireEvent.click(screen.getByRole('button', { name: 'Save correction' }));
		await waitFor(() =>
			expect(finish.mock.lastCall?.[0].byProducts.map((gone) => `${gone.mass} ${gone.what}`)).toEqual([
				'1500 haulm',
				'100 broken seed',
				'50 stones'
			])
		);
	});
});
