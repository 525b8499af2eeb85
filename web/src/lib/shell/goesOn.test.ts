import { waitFor } from '@testing-library/svelte';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { goesOn } from './goesOn';

describe('where the focus goes when what had it is gone', () => {
	let page: HTMLElement;
	let stop: () => void;
	const focused = () => document.activeElement?.textContent;

	beforeEach(() => {
		document.body.innerHTML =
			'<main><h1>Bench</h1><section id="card"><div id="step"><h2>Next: rinse</h2><button>Save step</button></div></section><button id="other">Other</button></main>';
		page = document.querySelector('main')!;
		stop = goesOn(page);
	});
	afterEach(() => {
		stop();
		document.body.innerHTML = '';
	});
	const replace = (html: string) => (document.querySelector('#card')!.innerHTML = html);

	it('is the heading of what has come in its place, not that of the page', async () => {
		document.querySelector<HTMLElement>('#step button')!.focus();
		replace('<div><h2>Next: dry</h2><input /></div>');
		await waitFor(() => expect(focused()).toBe('Next: dry'));
	});
	it('is the heading around it where nothing comes in its place', async () => {
		replace('<h2>Pictures</h2><div><figure><button>moths</button></figure><p>add a picture</p></div>');
		document.querySelector<HTMLElement>('figure button')!.focus();
		document.querySelector('figure')!.remove();
		await waitFor(() => expect(focused()).toBe('Pictures'));
	});
	it('waits while it is looked up', async () => {
		document.querySelector<HTMLElement>('#step button')!.focus();
		replace('<p aria-busy="true">Looking it up …</p>');
		await new Promise(requestAnimationFrame);
		expect(document.activeElement).toBe(document.body);
		replace('<h2>Clean</h2>');
		await waitFor(() => expect(focused()).toBe('Clean'));
	});
	it('waits until something has come', async () => {
		document.querySelector<HTMLElement>('#step button')!.focus();
		replace('');
		await new Promise(requestAnimationFrame);
		replace('<h2>Clean</h2>');
		await waitFor(() => expect(focused()).toBe('Clean'));
	});
	it('stays where somebody went meanwhile', async () => {
		document.querySelector<HTMLElement>('#step button')!.focus();
		document.querySelector<HTMLElement>('#other')!.focus();
		replace('<h2>Next: dry</h2>');
		await new Promise(requestAnimationFrame);
		expect(focused()).toBe('Other');
	});
});
