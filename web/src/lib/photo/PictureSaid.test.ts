import { fireEvent, render, screen, waitFor, within } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { answers, forget, sent } from '$lib/api/pretend';
import PictureSaid from './PictureSaid.svelte';

vi.mock('$lib/api/session.svelte', () => ({
	session: { units: 'METRIC', today: '2026-08-14', farm: { timeZone: 'UTC' } }
}));
vi.mock('$lib/api/api', async (actual) =>
	(await import('$lib/api/pretend')).pretend(await actual<typeof import('$lib/api/api')>())
);

describe('one picture', () => {
	const picture = {
		...{ id: 'a', version: 2, subjectId: 'test-1', width: 40, height: 30 },
		...{ caption: '', struckOut: false, recordedAt: '2026-08-03T09:00:00Z', recordedBy: 'hand' }
	};
	const said = vi.fn();
	const show = (more: object = {}, works = true) =>
		render(PictureSaid, { picture: { ...picture, ...more }, what: 'the test', works, said });
	const type = (within: ReturnType<typeof screen.getByLabelText>, value: string) =>
		fireEvent.input(within, { target: { value } });
	const press = (name: string) => fireEvent.click(screen.getByText(name));

	beforeEach(() => {
		forget();
		said.mockReset();
		answers.set('PUT /api/photos/{id}/said', picture);
	});

	it('tells who took it, and takes the first words without a reason', async () => {
		show();
		expect(screen.getByText('By hand, 3 Aug.')).toBeTruthy();
		await type(screen.getByLabelText('What it shows'), 'sprouts');
		await press('Save');
		await waitFor(() => expect(said).toHaveBeenCalledOnce());
		expect(sent().at(-1)?.body).toEqual({ caption: 'sprouts', struckOut: false, version: 2 });
	});

	it('is struck out with a reason, and keeps its words', async () => {
		show({ caption: 'mouldy seed' });
		const mistake = within(screen.getByText('Does it show something else?').closest('details')!);
		await type(mistake.getByLabelText('Why it is struck out'), 'another test');
		await press('Strike the picture out');
		await waitFor(() => expect(said).toHaveBeenCalledOnce());
		expect(sent().at(-1)?.body).toEqual({
			...{ caption: 'mouldy seed', struckOut: true },
			...{ version: 2, reason: 'another test' }
		});
	});

	it('is put back with a reason', async () => {
		show({ struckOut: true });
		await type(screen.getByLabelText('Why it is put back'), 'it is ours');
		await press('Put it back');
		await waitFor(() => expect(said).toHaveBeenCalledOnce());
		expect(sent().at(-1)?.body).toMatchObject({ struckOut: false, reason: 'it is ours' });
	});

	it('is only looked at by whoever only looks', () => {
		show({}, false);
		expect(screen.getByRole('img')).toBeTruthy();
		expect(screen.queryByLabelText('What it shows')).toBeNull();
	});
});
