import { fireEvent, render, screen, waitFor } from '@testing-library/svelte';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Schemas } from '$lib/api/api';
import { answers, forget, sent } from '$lib/api/pretend';
import GroundFile from './GroundFile.svelte';
import ShapeForm from './ShapeForm.svelte';
import { rectangleOf, type Metres, type Shape } from './shape';

vi.mock('$lib/api/session.svelte', () => ({ session: { units: 'METRIC', today: '2026-08-14' } }));
vi.mock('$lib/api/api', async (actual) =>
	(await import('$lib/api/pretend')).pretend(await actual<typeof import('$lib/api/api')>())
);

const type = (label: string, value: string) =>
	fireEvent.input(screen.getByLabelText(label), { target: { value } });

beforeEach(forget);

describe('a shape by its numbers', () => {
	const crops = [{ key: 'kale', name: 'Kale', species: 'Brassica oleracea' }] as Schemas['CropLine'][];
	const plots = [
		{ id: 'p1', name: 'Plot 1' },
		{ id: 'p2', name: 'Plot 2' }
	] as Schemas['PlotView'][];

	function form(kind: Shape['kind'], more: object = {}) {
		const sketched = vi.fn<(corners: Metres[]) => void>();
		const kept = vi.fn();
		render(ShapeForm, {
			kind,
			corners: [],
			suggested: (plotId: string) => ({
				name: `next of ${plotId}`,
				place: { east: plotId === 'p2' ? 100 : 10, north: 5, width: 40, length: 12, turned: 0 }
			}),
			plots,
			plotId: 'p1',
			crops,
			season: 2026,
			sketched,
			kept,
			...more
		});
		return { sketched, kept };
	}
	const body = () => sent()[0].body as Record<string, unknown>;

	it('is seen on the map as it is typed, with a decimal comma too, and not while it is no number', async () => {
		const { sketched } = form('PLOT');
		await type('Turned', '12,5');
		await waitFor(() => expect(rectangleOf(sketched.mock.lastCall![0])?.turned).toBeCloseTo(12.5));
		await type('Turned', 'a bit');
		await waitFor(() => expect(sketched.mock.lastCall![0]).toEqual([]));
	});

	it('turns by what was typed, round past the south, and leaves alone what is no number', async () => {
		form('PLOT');
		const turned = screen.getByLabelText<HTMLInputElement>('Turned');
		await type('Turned', '177,5');
		await fireEvent.click(screen.getByText('Turn right 5°'));
		expect(turned.value).toBe('-177.5');
		await type('Turned', 'a bit');
		await fireEvent.click(screen.getByText('Turn left 5°'));
		expect(turned.value).toBe('a bit');
	});

	it('is sent as what it is', async () => {
		answers.set('POST /api/barriers', { id: 'b', version: 0 });
		const { kept } = form('BARRIER');
		await type('Name', 'Hedge, west');
		await type('Height', '3,2');
		await type('Pollen it holds back', '30');
		await fireEvent.click(screen.getByText('Save barrier'));
		await waitFor(() => expect(kept).toHaveBeenCalled());
		expect(body()).toMatchObject({ name: 'Hedge, west', kind: 'HEDGE', height: 3.2, held: 0.3 });
		expect(kept.mock.lastCall).toEqual([
			'Hedge, west is on the map.',
			{ kind: 'BARRIER', id: 'b', version: 0, plotId: undefined }
		]);
	});

	it('leaves out how much pollen a barrier holds back where nobody says', async () => {
		answers.set('POST /api/barriers', { id: 'b', version: 0 });
		form('BARRIER');
		await fireEvent.click(screen.getByText('Save barrier'));
		await waitFor(() => expect(sent()).toHaveLength(1));
		expect(body().held).toBeUndefined();
	});

	it('moves a suggested bed with its plot, until its numbers are typed over', async () => {
		answers.set('POST /api/beds', { id: 'b', version: 0 });
		form('BED');
		const choose = (value: string) => fireEvent.change(screen.getByLabelText('Plot'), { target: { value } });
		const east = screen.getByLabelText<HTMLInputElement>('Middle, east of the farm’s spot');
		expect(east.value).toBe('10');
		await choose('p2');
		expect(east.value).toBe('100');
		expect(screen.getByLabelText<HTMLInputElement>('Name').value).toBe('next of p2');
		await type('Middle, east of the farm’s spot', '103');
		await choose('p1');
		expect(east.value).toBe('103');
		await fireEvent.click(screen.getByText('Save bed'));
		await waitFor(() => expect(sent()).toHaveLength(1));
		expect(body()).toMatchObject({ plotId: 'p1', outline: { east: 103, north: 5 } });
	});

	it('notes what a neighbour grows at a spot, sure or not, without bloom nobody knows', async () => {
		answers.set('POST /api/neighbours', { id: 'n', version: 0 });
		form('NEIGHBOUR', { corners: [{ east: -200, north: 80 }], suggested: () => ({ name: '' }) });
		await type('Whose, or where', 'field by the ford');
		await fireEvent.change(screen.getByLabelText('Crop'), { target: { value: 'kale' } });
		await type('Ground it takes', '900');
		await fireEvent.click(screen.getByLabelText('I am sure of it'));
		await fireEvent.click(screen.getByText('Save note'));
		await waitFor(() => expect(sent()).toHaveLength(1));
		expect(body()).toMatchObject({
			cropKey: 'kale',
			outline: { east: -200, north: 80 },
			area: 900,
			season: 2026,
			seenOn: '2026-08-14',
			sure: false
		});
		expect(body()).not.toHaveProperty('bloomFirst');
	});

	it('is drawn otherwise corner by corner, with its version and why', async () => {
		answers.set('PUT /api/plots/{id}', { id: 'x', version: 5 });
		const corners = [
			{ east: 0, north: 0 },
			{ east: 30, north: 0 },
			{ east: 20, north: 15 }
		];
		const shape = {
			kind: 'PLOT',
			id: 'x',
			version: 4,
			name: 'Wedge',
			corners,
			plot: { positionError: 2 }
		} as unknown as Shape;
		const { sketched } = form('PLOT', { shape, corners });
		expect(sketched.mock.lastCall![0]).toEqual([]);
		await type('Corner 3, north', 'far');
		await fireEvent.click(screen.getByText('Turn left 5°'));
		expect(screen.getByLabelText<HTMLInputElement>('Corner 3, north').value).toBe('far');
		await type('Corner 3, north', '18');
		await waitFor(() => expect(sketched.mock.lastCall![0][2].north).toBe(18));
		await type('Why it is drawn otherwise', 'paced it again');
		await fireEvent.click(screen.getByText('Save plot'));
		await waitFor(() => expect(sent()).toHaveLength(1));
		expect(sent()[0].path).toBe('/api/plots/x');
		expect(body()).toMatchObject({
			positionError: 2,
			outline: { corners: [corners[0], corners[1], { east: 20, north: 18 }] },
			changed: { version: 4, reason: 'paced it again' }
		});
	});
});

describe('the ground as a file', () => {
	const line = (effect: string, more: object = {}) => ({
		place: 1,
		kind: 'PLOT',
		name: 'Strip',
		effect,
		notes: [],
		...more
	});
	const how = { withoutKind: 0, named: 'name', properties: ['name'], gridGuessed: false };
	async function read(lines: object[], kept = false) {
		answers.set('POST /api/ground/file', { lines, kept, how });
		const file = { size: 2, text: async () => '{}' };
		await fireEvent.change(screen.getByLabelText(/Read a GeoJSON file/), { target: { files: [file] } });
		await waitFor(() => expect(sent()).not.toHaveLength(0));
	}

	it('is kept only when it is told so, after what it would change was shown', async () => {
		const done = vi.fn();
		render(GroundFile, { done });
		await read([line('NEW'), line('SAME', { place: 2 })]);
		await waitFor(() => expect(screen.getByText(/2 shapes: 1 would change/)).toBeTruthy());
		expect(done).not.toHaveBeenCalled();
		answers.set('POST /api/ground/file', { lines: [line('NEW')], kept: true, how });
		await fireEvent.click(screen.getByText('Read it in'));
		await waitFor(() => expect(done).toHaveBeenCalled());
	});

	it('cannot be kept while a shape is refused, and says why it is', async () => {
		render(GroundFile, { done: vi.fn() });
		await read([line('NEW'), line('REFUSED', { place: 2, name: '', why: 'its sides cross' })]);
		await waitFor(() => expect(screen.getByText('refused: its sides cross')).toBeTruthy());
		expect(screen.getByText(/number 2/)).toBeTruthy();
		expect(screen.queryByText('Read it in')).toBeNull();
	});

	it('changes nothing where all is as the file says', async () => {
		render(GroundFile, { done: vi.fn() });
		await read([line('SAME')]);
		await waitFor(() => expect(screen.getByText(/nothing would change/)).toBeTruthy());
		expect(screen.queryByText('Read it in')).toBeNull();
	});

	it('asks what the shapes of a GIS are, and says what it takes otherwise', async () => {
		render(GroundFile, { done: vi.fn() });
		answers.set('POST /api/ground/file', {
			lines: [line('REFUSED', { why: 'what is it?' })],
			kept: false,
			how: { ...how, withoutKind: 1, grid: '32626', gridGuessed: true }
		});
		const file = { size: 2, text: async () => '{}' };
		await fireEvent.change(screen.getByLabelText(/Read a GeoJSON file/), { target: { files: [file] } });
		await waitFor(() => screen.getByText(/this is the zone the farm lies in/));
		answers.set('POST /api/ground/file', {
			lines: [line('NEW', { notes: ['a hole of 9 m² in it is taken as ground'] })],
			kept: false,
			how: { ...how, withoutKind: 1 }
		});
		await fireEvent.change(screen.getByLabelText('What the shape is'), {
			target: { value: 'PLOT' }
		});
		await waitFor(() => screen.getByText('Read it in'));
		screen.getByText('a hole of 9 m² in it is taken as ground');
	});
});
