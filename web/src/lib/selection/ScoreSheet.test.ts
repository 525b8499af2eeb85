import 'fake-indexeddb/auto';
import { fireEvent, render, screen, waitFor } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { Problem } from '$lib/api/api';
import { box } from '$lib/offline/box';
import ScoreSheet from './ScoreSheet.svelte';

const traits = [
	{ id: 't1', name: 'vigour', low: 1, high: 9, moreIsBetter: true },
	{ id: 't2', name: 'bolting', low: 0, high: 3, moreIsBetter: false }
];
const subjects = [
	{ id: 'a', name: 'row 1' },
	{ id: 'b', name: 'row 2' }
];

describe('a sheet of scores', () => {
	const record = vi.fn(async () => {});
	const sheet = () => render(ScoreSheet, { draft: 'scores x', traits, subjects, record });

	beforeEach(async () => {
		record.mockClear();
		await box.drafts.clear();
	});

	it('goes on to the next plot by itself and leaves out what is empty', async () => {
		sheet();
		const first = screen.getByLabelText('row 1');
		first.focus();
		await fireEvent.input(first, { target: { value: '7' } });
		await fireEvent.keyDown(first, { key: 'Enter' });
		expect(document.activeElement).toBe(screen.getByLabelText('row 2'));
		await fireEvent.click(screen.getByRole('button', { name: 'Record 1 score' }));
		expect(record).toHaveBeenCalledWith('t1', [{ subjectId: 'a', value: 7 }]);
	});
	it('is not recorded while a number is off its scale, which it names', async () => {
		sheet();
		await fireEvent.input(screen.getByLabelText('row 2'), { target: { value: '10' } });
		expect(screen.getByText(/vigour goes from 1 to 9/)).toBeTruthy();
		expect(screen.getByRole('button').hasAttribute('disabled')).toBe(true);
	});
	it('is still there after the page was lost, and empty once recorded', async () => {
		const { unmount } = sheet();
		await fireEvent.input(screen.getByLabelText('row 1'), { target: { value: '4' } });
		await waitFor(async () => expect(await box.drafts.get('scores x')).toBeTruthy());
		unmount();
		sheet();
		await waitFor(() => expect((screen.getByLabelText('row 1') as HTMLInputElement).value).toBe('4'));
		await fireEvent.click(screen.getByRole('button', { name: 'Record 1 score' }));
		await waitFor(() => expect((screen.getByLabelText('row 1') as HTMLInputElement).value).toBe(''));
	});
	it('stays, and says why, when it cannot be recorded', async () => {
		record.mockRejectedValueOnce(new Problem('This phone has no room left', 507));
		sheet();
		await fireEvent.input(screen.getByLabelText('row 1'), { target: { value: '4' } });
		await fireEvent.click(screen.getByRole('button', { name: 'Record 1 score' }));
		await waitFor(() => expect(screen.getByText(/no room left/)).toBeTruthy());
		expect((screen.getByLabelText('row 1') as HTMLInputElement).value).toBe('4');
	});
});
