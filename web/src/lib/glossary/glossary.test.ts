import { fireEvent, render, screen, waitFor } from '@testing-library/svelte';
import { describe, expect, it } from 'vitest';
import Term from './Term.svelte';
import { BY_NAME, TERMS, termsCalled } from './terms';

describe('the glossary', () => {
	it('is in the order of its names, with no name twice', () => {
		const names = BY_NAME.map(([, { term }]) => term);
		expect(names).toEqual([...names].sort((a, b) => a.localeCompare(b)));
		expect(new Set(names).size).toBe(names.length);
	});

	it('finds a term by its symbol and by what people call it', () => {
		const found = (typed: string) => termsCalled(typed).map(([, { term }]) => term);
		expect(found('tsw')).toEqual(['Thousand-seed weight']);
		expect(found('regrow')).toEqual(['Regenerate']);
		expect(found('xyz')).toEqual([]);
	});

	it('opens from a term on the page, and leads to all of them', async () => {
		render(Term, { of: 'effectiveSize' });
		const term = screen.getByRole('button', { name: 'Effective population size' });
		expect(term.getAttribute('title')).toBe(TERMS.effectiveSize.means);
		await fireEvent.click(term);
		const gloss = await screen.findByRole('dialog', { name: 'Effective population size' });
		expect(gloss.textContent).toContain('(Nₑ)');
		expect(gloss.querySelector('a')?.getAttribute('href')).toBe('/handbook/glossary#effectiveSize');
		await fireEvent.keyDown(document.activeElement ?? gloss, { key: 'Escape' });
		await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull());
	});
});
