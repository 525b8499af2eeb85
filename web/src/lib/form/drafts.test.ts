import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { box } from '$lib/offline/box';
import { draftOf, forgetDraft, keepDraft, typedInto, typeInto } from './drafts';

function form(inside: string): HTMLFormElement {
	document.body.innerHTML = `<form>${inside}</form>`;
	return document.querySelector('form')!;
}
const FIELDS = `
	<input name="plants" value="300"><input type="checkbox" name="stored">
	<select name="grade"><option value="MARKET">market</option><option value="STOCK">stock</option></select>
	<input name="what" value="chaff"><input name="what" value="straw">
	<select aria-label="Unit of came out"><option>g</option><option>kg</option></select>
	<input type="password" name="password" value="geheim"><textarea name="note"></textarea>`;

describe('what is typed into a form and not sent', () => {
	beforeEach(async () => void (await box.drafts.clear()));
	afterEach(() => document.body.replaceChildren());

	it('is told by field, the same name twice apart, and no password', () => {
		expect(typedInto(form(FIELDS))).toEqual({
			plants: '300',
			stored: '',
			grade: 'MARKET',
			what: 'chaff',
			'what 2': 'straw',
			'Unit of came out': 'g',
			note: ''
		});
	});
	it('is typed again, which the page hears, and what is not there yet is left for later', () => {
		const there = form(FIELDS);
		const heard = vi.fn();
		there.addEventListener('input', (event) => heard((event.target as HTMLInputElement).name));
		const missing = typeInto(there, { plants: '24', stored: 'yes', grade: 'GONE', liftedOn: '2026-11-01' });
		expect(typedInto(there)).toMatchObject({ plants: '24', stored: 'yes' });
		expect(heard.mock.calls.flat()).toEqual(['plants', 'stored']);
		expect(missing).toEqual({ grade: 'GONE', liftedOn: '2026-11-01' });
	});
	it('waits for whoever typed it, for two weeks', async () => {
		await keepDraft('/desk planting', 'ann', { plants: '24' });
		expect(await draftOf('/desk planting', 'ann')).toEqual({ plants: '24' });
		expect(await draftOf('/desk planting', 'ben')).toBeUndefined();
		expect(await draftOf('/desk variety', 'ann')).toBeUndefined();
		vi.spyOn(Date, 'now').mockReturnValue(Date.now() + 15 * 24 * 3600 * 1000);
		expect(await draftOf('/desk planting', 'ann')).toBeUndefined();
		vi.restoreAllMocks();
		expect(await box.drafts.count()).toBe(0);
	});
	it('is forgotten once it was sent', async () => {
		await keepDraft('/desk planting', 'ann', { plants: '24' });
		await forgetDraft('/desk planting');
		expect(await draftOf('/desk planting', 'ann')).toBeUndefined();
	});
});
