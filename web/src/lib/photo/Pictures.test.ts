import 'fake-indexeddb/auto';
import { fireEvent, render, screen, waitFor } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { box } from '$lib/rows/box';
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
	const shown = { of: 'test-1', what: 'the test of 3 Aug', ids: ['a', 'b'] };
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
});
