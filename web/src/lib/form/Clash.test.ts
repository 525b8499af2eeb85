import { fireEvent, render, screen } from '@testing-library/svelte';
import { describe, expect, it, vi } from 'vitest';
import { Problem } from '$lib/api/api';
import { Attempt } from './attempt.svelte';
import Clash from './Clash.svelte';

async function clashed(problem: Problem) {
	const attempt = new Attempt();
	const keepMine = vi.fn();
	const takeTheirs = vi.fn();
	render(Clash, {
		attempt,
		rows: (theirs) => [
			{ label: 'Plants', mine: '250', theirs: String(theirs.plants) },
			{ label: 'Plot', mine: 'Plot 2', theirs: String(theirs.plotName) }
		],
		keepMine,
		takeTheirs
	});
	await attempt.run(() => Promise.reject(problem));
	return { keepMine, takeTheirs };
}

describe('two people who change one record', () => {
	const theirs = { plants: 280, plotName: 'Plot 2', version: 4 };
	const clash = new Problem('Somebody else changed this.', 409, undefined, undefined, undefined, theirs);

	it('see both versions of what differs, and nothing of what does not', async () => {
		await clashed(clash);
		const row = (await screen.findByText('Plants')).closest('tr');
		expect(row?.textContent).toContain('250');
		expect(row?.textContent).toContain('280');
		expect(screen.queryByText('Plot')).toBeNull();
	});
	it('choose which stands, from the version that stands now', async () => {
		const { keepMine, takeTheirs } = await clashed(clash);
		await fireEvent.click(await screen.findByText('Save mine'));
		expect(keepMine).toHaveBeenCalledWith(4);
		await fireEvent.click(screen.getByText('Take theirs'));
		expect(takeTheirs).toHaveBeenCalledOnce();
	});
	it('are not bothered by any other refusal', async () => {
		await clashed(
			new Problem('plants: 0 is too few', 400, 'plants', '0', {
				kind: 'Outside',
				low: 1,
				lowIncluded: true,
				high: 9,
				highIncluded: true,
				unit: ''
			})
		);
		expect(screen.queryByRole('alert')).toBeNull();
	});
});
