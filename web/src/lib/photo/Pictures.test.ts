import 'fake-indexeddb/auto';
import { fireEvent, render, screen, waitFor } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { box } from '$lib/offline/box';
import Pictures from './Pictures.svelte';

const me = vi.hoisted(() => ({ works: true }));
vi.mock('$app/state', () => ({ page: { url: new URL('http://farm/lot/26-PEA-01-V/tests') } }));
vi.mock('$lib/api/session.svelte', () => ({
	session: {
		units: 'METRIC',
		account: { name: 'hand' },
		get works() {
			return me.works;
		}
	}
}));
vi.mock('./small', () => ({
	eachSmall: async (files: File[], take: (picture: { id: string; file: Blob }) => unknown) => {
		for (const file of files) {
			if (file.type !== 'image/jpeg') return `${file.name} is not a picture that can be read.`;
			await take({ id: file.name, file });
		}
		return '';
	}
}));

describe('pictures of a record', () => {
	beforeEach(async () => {
		me.works = true;
		await box.waiting.clear();
		vi.stubGlobal('fetch', () => Promise.reject(new TypeError('no network')));
	});
	const picture = (id: string, caption = '', struckOut = false) => ({
		...{ id, version: 2, subjectId: 'test-1', width: 40, height: 30, caption, struckOut },
		...{ recordedAt: '2026-08-03T09:00:00Z', recordedBy: 'hand' }
	});
	const changed = vi.fn();
	const shown = {
		of: 'test-1',
		what: 'the test of 3 Aug',
		pictures: [picture('a', 'mouldy seed'), picture('b')],
		changed
	};
	const look = (name: string) => fireEvent.click(screen.getByRole('button', { name }));
	const add = (...files: File[]) =>
		fireEvent.change(screen.getByLabelText('Add a picture of the test of 3 Aug'), { target: { files } });

	it('are shown with what they are of, and kept on the phone until they are sent', async () => {
		render(Pictures, shown);
		expect(screen.getByAltText('Picture 2 of the test of 3 Aug').getAttribute('src')).toBe('/api/photos/b');
		await add(new File(['x'], 'one', { type: 'image/jpeg' }));
		await waitFor(async () => expect(await box.waiting.count()).toBe(1));
		expect(await box.waiting.toCollection().first()).toMatchObject({
			method: 'PUT',
			path: '/api/photos/one?of=test-1',
			says: 'picture of the test of 3 Aug',
			from: '/lot/26-PEA-01-V/tests'
		});
	});

	it('say what was no picture', async () => {
		render(Pictures, shown);
		await add(new File(['x'], 'notes.txt', { type: 'text/plain' }));
		await waitFor(() =>
			expect(screen.getByRole('alert').textContent).toContain('notes.txt is not a picture')
		);
	});

	it('are only looked at by whoever only looks', () => {
		me.works = false;
		render(Pictures, shown);
		expect(screen.getAllByRole('img')).toHaveLength(2);
		expect(screen.queryByLabelText(/Add a picture/)).toBeNull();
	});

	it('open large, with what they show; what was struck out is only named', async () => {
		render(Pictures, {
			...shown,
			pictures: [...shown.pictures, picture('c', 'another lot', true)]
		});
		expect(screen.getByText('mouldy seed').tagName).toBe('FIGCAPTION');
		expect(screen.getAllByRole('img')).toHaveLength(2);
		await look('another lot');
		expect(screen.getByRole('dialog', { name: 'another lot' }).textContent).toContain('Struck out.');
	});
});
