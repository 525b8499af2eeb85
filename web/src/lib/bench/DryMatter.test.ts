import { render, screen } from '@testing-library/svelte';
import { expect, it, vi } from 'vitest';
import type { Schemas } from '$lib/api/api';
import DryMatter from './DryMatter.svelte';

vi.mock('$lib/api/session.svelte', () => ({ session: { units: 'METRIC' } }));

const step = (id: string, kind: string, dry: object | undefined, more: object = {}) =>
	({ id, kind, alarm: false, dry, ...more }) as unknown as Schemas['StepView'];
const bench = (...steps: Schemas['StepView'][]) =>
	({ steps, dryPicked: 1000 }) as unknown as Schemas['BenchView'];
const cells = (row: string) =>
	[...screen.getByRole('rowheader', { name: row }).closest('tr')!.querySelectorAll('td')].map((cell) =>
		cell.textContent?.trim()
	);

it('tells step by step what was kept, weighed apart and unseen, and marks what was never measured', () => {
	render(DryMatter, {
		bench: bench(
			step('a', 'DRY', { in: 1000, out: 1000, left: 0, unseen: 0, measured: true }),
			step('b', 'THRESH', { in: 1000, out: 600, left: 300, unseen: 100, measured: false }, { alarm: true })
		)
	});
	expect(cells('threshed')).toEqual(['1 kg', '≈ 600 g', '≈ 300 g', '≈ 10 %', '60 %']);
	expect(cells('dried').slice(1, 3)).toEqual(['1 kg', '–']);
	expect(screen.getByText('≈ 10 %').className).toContain('text-alarm');
});

it('takes what went unseen for measured only when both sides of the step were', () => {
	const sound = { in: 1000, out: 900, left: 50, unseen: 50, measured: true };
	render(DryMatter, {
		bench: bench(step('a', 'DRY', sound), step('b', 'THRESH', { ...sound, out: 905, unseen: 45 }))
	});
	expect(cells('dried').at(3)).toBe('≈ 5 %');
	expect(cells('threshed').at(3)).toBe('4.5 %');
});

it('shows nothing while nothing has ended', () => {
	render(DryMatter, { bench: bench(step('a', 'DRY', undefined)) });
	expect(screen.queryByRole('table')).toBeNull();
});
