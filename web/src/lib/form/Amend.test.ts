import { fireEvent, render, screen, waitFor, within } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { Problem } from '$lib/api/api';
import Amend from './Amend.svelte';
import { count, text } from './kinds';

const fields = {
	plants: count('How many', { needed: true }),
	note: text('Note'),
	much: text('How much', { refusedAs: ['mass', 'packets'] })
};
const was = { plants: 110, note: 'two trays', version: 3 };

describe('correcting a record where it stands', () => {
	const save = vi.fn(async (body: object): Promise<unknown> => body);
	const done = vi.fn();
	const open = () => fireEvent.click(screen.getByRole('button', { name: 'Correct: the count' }));
	const dialog = () => within(screen.getByRole('dialog', { name: 'Correct: the count' }));
	const type = (label: string, value: string) =>
		fireEvent.input(dialog().getByLabelText(label), { target: { value } });
	const keep = () => fireEvent.click(dialog().getByRole('button', { name: 'Save correction' }));

	beforeEach(() => {
		save.mockReset();
		save.mockResolvedValue(undefined);
		done.mockReset();
		render(Amend, { what: 'the count', fields, was, save, done });
	});

	it('sends what was typed with the version it was made from and the reason', async () => {
		await open();
		await type('How many', '101');
		await type('Why it is corrected', 'one tray twice');
		await keep();
		expect(save).toHaveBeenCalledWith({
			...{ plants: 101, note: 'two trays', much: '' },
			...{ version: 3, reason: 'one tray twice' }
		});
		await waitFor(() => expect(done).toHaveBeenCalledOnce());
		await waitFor(() => expect(screen.queryByLabelText('How many')).toBeNull());
	});

	it('keeps what was typed when the server refuses it, and says at which field', async () => {
		save.mockRejectedValue(
			new Problem('plants: -1 is outside the valid range', 400, 'plants', '-1', {
				kind: 'Outside',
				low: 0,
				lowIncluded: true,
				high: 10,
				highIncluded: true,
				unit: 'plants'
			})
		);
		await open();
		await type('How many', '-1');
		await keep();
		await waitFor(() =>
			expect(dialog().getByLabelText('How many').getAttribute('aria-invalid')).toBe('true')
		);
		expect((dialog().getByLabelText('How many') as HTMLInputElement).value).toBe('-1');
		expect(done).not.toHaveBeenCalled();
	});

	it('marks a field by whatever the server calls it', async () => {
		save.mockRejectedValue(
			new Problem('packets: 9 is too many', 400, 'packets', '9', {
				kind: 'Outside',
				low: 1,
				lowIncluded: true,
				high: 4,
				highIncluded: true,
				unit: 'packets'
			})
		);
		await open();
		await type('How much', '9');
		await keep();
		await waitFor(() =>
			expect(dialog().getByLabelText('How much').getAttribute('aria-invalid')).toBe('true')
		);
		expect(dialog().getByRole('alert').textContent).toContain(
			'How much: 9 is not allowed. Allowed is at least 1 and at most 4 packets.'
		);
	});

	it('shows both versions of a clash and keeps mine over theirs', async () => {
		save.mockRejectedValueOnce(
			new Problem('changed', 409, undefined, undefined, undefined, {
				plants: 99,
				note: 'two trays',
				version: 4
			})
		);
		await open();
		await type('How many', '101');
		await keep();
		await waitFor(() => expect(dialog().getByText('99')).toBeTruthy());
		expect(dialog().queryByRole('rowheader', { name: 'Note' })).toBeNull();
		await fireEvent.click(dialog().getByRole('button', { name: 'Save mine' }));
		await waitFor(() => expect(save.mock.lastCall![0]).toMatchObject({ version: 4 }));
	});

	it('starts from the record again when it is opened again', async () => {
		await open();
		await type('How many', '7');
		await fireEvent.click(dialog().getByRole('button', { name: 'Leave it as it was' }));
		await open();
		expect((dialog().getByLabelText('How many') as HTMLInputElement).value).toBe('110');
	});
});
