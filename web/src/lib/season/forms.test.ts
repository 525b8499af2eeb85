import { fireEvent, render, screen, waitFor } from '@testing-library/svelte';
import { describe, expect, it, vi } from 'vitest';
import { Problem, type Schemas } from '$lib/api/api';
import { Attempt } from '$lib/form/attempt.svelte';
import PlantingForm from './PlantingForm.svelte';
import VarietyForm from './VarietyForm.svelte';

vi.mock('$lib/api/session.svelte', () => ({
	session: { units: 'METRIC', today: '2026-08-14', season: 2026 }
}));

const type = (label: string | RegExp, value: string) =>
	fireEvent.input(screen.getByLabelText(label), { target: { value } });
const choose = (label: string, value: string) =>
	fireEvent.change(screen.getByLabelText(label), { target: { value } });

describe('planning a planting', () => {
	const varieties = [
		{ id: 'pea', name: 'Fog Bell', cropName: 'Pea', lifeCycle: 'ANNUAL' },
		{ id: 'beet', name: 'Brine', cropName: 'Beetroot', lifeCycle: 'BIENNIAL' },
		{ id: 'garlic', name: 'Ballast', cropName: 'Garlic', lifeCycle: 'CLONAL' }
	] as Schemas['VarietyView'][];
	const plots = [
		{ id: 'p1', name: 'Plot 1' },
		{ id: 'p2', name: 'Plot 2' }
	] as Schemas['PlotView'][];
	const beds = [
		{ id: 'b1', plotId: 'p1', name: 'Bed 1', length: 30 },
		{ id: 'b2', plotId: 'p2', name: 'Bed 2', length: 20 }
	] as unknown as Schemas['BedView'][];

	function form(more: object = {}) {
		const tried = vi.fn<(request: Schemas['PlantingRequest']) => void>();
		const save = vi.fn<(request: Schemas['PlantingRequest']) => Promise<void>>(async () => undefined);
		const attempt = new Attempt();
		render(PlantingForm, { attempt, varieties, plots, beds, tried, save, ...more });
		return { tried, save, attempt };
	}
	async function whole(variety = 'pea') {
		await choose('Variety', variety);
		await type(/Sown on|Planted on/, '2026-03-20');
		await type('Plants', '300');
	}

	it('shows what it would mean as soon as it is whole, and not while a number is none', async () => {
		const { tried } = form();
		await choose('Variety', 'pea');
		await type('Sown on', '2026-03-20');
		expect(tried).not.toHaveBeenCalled();
		await type('Plants', '300');
		await waitFor(() => expect(tried.mock.lastCall?.[0]).toMatchObject({ varietyId: 'pea', plants: 300 }));
		const asked = tried.mock.calls.length;
		await type('Plants', 'three hundred');
		expect(tried.mock.calls.length).toBe(asked);
	});

	it('types over what is proposed while somebody stands in the field', async () => {
		const propose = vi.fn(async () => ({ sownOn: '2027-03-17', plants: 10 }) as Schemas['ProposalView']);
		form({ propose });
		const plants = screen.getByLabelText<HTMLInputElement>('Plants');
		plants.focus();
		await choose('Variety', 'pea');
		await waitFor(() => expect(plants.value).toBe('10'));
		await waitFor(() => expect([plants.selectionStart, plants.selectionEnd]).toEqual([0, 2]));
	});

	it('proposes days and plants, and leaves what was typed', async () => {
		const days = { sownOn: '2027-03-17', setOutOn: '2027-05-12', plants: 20 };
		const propose = vi.fn(async () => days);
		form({ propose });
		await choose('Variety', 'pea');
		const field = (label: string) => screen.getByLabelText<HTMLInputElement>(label);
		await waitFor(() => expect(field('Sown on').value).toBe('17/03/2027'));
		expect(propose).toHaveBeenLastCalledWith('pea', 2026, 'MARKET');
		expect(field('Plants').value).toBe('20');
		expect(screen.getByText(/Days are proposed from the crop/)).toBeTruthy();
		await type('Set out on', '2027-05-20');
		expect(screen.queryByText(/Days are proposed from the crop/)).toBeNull();
		propose.mockResolvedValue({
			sownOn: '2027-06-15',
			liftedOn: '2027-11-10',
			replantedOn: '2028-04-01',
			plants: 60
		} as never);
		await choose('Variety', 'beet');
		await waitFor(() => expect(field('Plants').value).toBe('60'));
		expect(field('Sown on').value).toBe('15/06/2027');
		expect(field('Set out on').value).toBe('2027-05-20');
		expect(screen.getByLabelText<HTMLInputElement>(/roots are lifted/).checked).toBe(true);
		expect(field('Replanted on').value).toBe('01/04/2028');
	});

	it('begins with the next season where the usual day is past, unless one is asked for', async () => {
		const propose = vi.fn(async (_: string, year: number) => ({ sownOn: `${year}-03-17`, plants: 20 }));
		form({ propose });
		await choose('Variety', 'pea');
		await waitFor(() => expect(screen.getByLabelText<HTMLInputElement>('Season').value).toBe('2027'));
		await waitFor(() => expect(screen.getByLabelText<HTMLInputElement>('Sown on').value).toBe('17/03/2027'));
		await type('Season', '2026');
		await waitFor(() => expect(screen.getByLabelText<HTMLInputElement>('Sown on').value).toBe('17/03/2026'));
		expect(screen.getByText(/The usual day of sowing is past/)).toBeTruthy();
	});

	it('says at which field a word stands for a number, and sends nothing', async () => {
		const { save, attempt } = form();
		await whole();
		await type('Germination', 'good');
		await fireEvent.click(screen.getByText('Save planting'));
		await waitFor(() => expect(attempt.problem?.field).toBe('germination'));
		expect(save).not.toHaveBeenCalled();
		expect(screen.getByLabelText<HTMLInputElement>('Germination').value).toBe('good');
	});

	it('sends the share that is kept as a share, measures empty as not said, and a decimal comma as a point', async () => {
		const { save } = form();
		await whole();
		await type('Kept when the best are chosen', '40');
		await type('Between plants', '12,5');
		await fireEvent.click(screen.getByText('Save planting'));
		await waitFor(() => expect(save).toHaveBeenCalled());
		expect(save.mock.calls[0][0]).toMatchObject({
			season: 2026,
			purpose: 'SEED',
			grade: 'MARKET',
			flowers: true,
			germination: 85,
			selected: 0.4,
			inRow: 12.5,
			betweenRows: undefined
		});
		expect(save.mock.calls[0][0]).not.toHaveProperty('version');
		expect(save.mock.calls[0][0]).not.toHaveProperty('clearedOn');
	});

	it('grows what is multiplied by its tubers for planting stock, and asks no germination of it', async () => {
		const { save } = form();
		await whole('garlic');
		expect(screen.queryByLabelText('Germination')).toBeNull();
		await type('Lifted on', '2026-07-15');
		await fireEvent.click(screen.getByText('Save planting'));
		await waitFor(() => expect(save).toHaveBeenCalled());
		expect(save.mock.calls[0][0]).toMatchObject({ purpose: 'PLANTING_STOCK', clearedOn: '2026-07-15' });
	});

	it('sends when roots are lifted and replanted only where they are stored', async () => {
		const { save } = form();
		await whole('beet');
		const stored = screen.getByLabelText(/roots are lifted/);
		await fireEvent.click(stored);
		await type('Roots lifted on', '2026-10-20');
		await type('Replanted on', '2027-04-05');
		await choose('Roots grow on', 'p2');
		await fireEvent.click(screen.getByText('Save planting'));
		await waitFor(() => expect(save).toHaveBeenCalledOnce());
		expect(save.mock.lastCall![0]).toMatchObject({
			liftedOn: '2026-10-20',
			replantedOn: '2027-04-05',
			rootPlotId: 'p2'
		});
		await fireEvent.click(stored);
		await fireEvent.click(screen.getByText('Save planting'));
		await waitFor(() => expect(save).toHaveBeenCalledTimes(2));
		expect(save.mock.lastCall![0]).not.toHaveProperty('liftedOn');
		expect(save.mock.lastCall![0]).not.toHaveProperty('rootPlotId');
	});

	it('sends a change with the version it was read at and its reason, and only beds of its plot', async () => {
		const planting = {
			id: 'x',
			version: 3,
			season: 2026,
			variety: varieties[0],
			plotId: 'p1',
			purpose: 'SEED',
			grade: 'STOCK',
			flowers: true,
			sownOn: '2026-03-20',
			plants: 300,
			germination: 90,
			stretches: [{ bedId: 'b1', from: 2, to: 12 }],
			rootStretches: [],
			inRow: 0.05,
			betweenRows: 0.7,
			selected: 0.25,
			control: 'CAGED',
			everyFlower: false,
			dropped: 0.5,
			volunteersPulled: true,
			restOverruled: ''
		} as unknown as Schemas['PlantingView'];
		const { save } = form({ planting });
		expect(screen.getByLabelText<HTMLInputElement>('Kept when the best are chosen').value).toBe('25');
		await type('Plants', '280');
		await type('Why it is changed', 'slugs');
		await fireEvent.click(screen.getByText('Save change'));
		await waitFor(() => expect(save).toHaveBeenCalledOnce());
		expect(save.mock.lastCall![0]).toMatchObject({
			version: 3,
			reason: 'slugs',
			plants: 280,
			selected: 0.25,
			dropped: 0.5,
			volunteersPulled: true,
			stretches: [{ bedId: 'b1', from: 2, to: 12 }]
		});
		await choose('Plot', 'p2');
		await fireEvent.click(screen.getByText('Save change'));
		await waitFor(() => expect(save).toHaveBeenCalledTimes(2));
		expect(save.mock.lastCall![0]).toMatchObject({ plotId: 'p2', stretches: [] });
	});

	it('asks why it may stand where its family stood once it is refused for that', async () => {
		form({ refused: 'restOverruled' });
		expect(screen.getByLabelText('Why it may stand here all the same')).toBeTruthy();
	});
});

describe('a variety', () => {
	const crops = [{ key: 'pea', name: 'Pea', species: 'Pisum sativum' }] as Schemas['CropLine'][];
	const save = vi.fn<(request: Schemas['VarietyRequest']) => Promise<void>>(async () => undefined);

	it('is a breeding-out project only while it came as a hybrid', async () => {
		render(VarietyForm, { attempt: new Attempt(), crops, save });
		await choose('Crop', 'pea');
		await type('Name', 'Fog Bell');
		await type('Source', 'a neighbour');
		await fireEvent.click(screen.getByLabelText(/F1 hybrid/));
		await fireEvent.click(screen.getByLabelText(/breeding-out project/));
		await type('Leaf', 'grey, waxy');
		await fireEvent.click(screen.getByText('Save variety'));
		await waitFor(() => expect(save).toHaveBeenCalledOnce());
		expect(save.mock.lastCall![0]).toMatchObject({
			cropKey: 'pea',
			name: 'Fog Bell',
			yearReceived: 2026,
			hybrid: true,
			breedingOut: true,
			trueToType: { leaf: 'grey, waxy', root: '' }
		});
		await fireEvent.click(screen.getByLabelText(/F1 hybrid/));
		await fireEvent.click(screen.getByText('Save variety'));
		await waitFor(() => expect(save).toHaveBeenCalledTimes(2));
		expect(save.mock.lastCall![0]).toMatchObject({ hybrid: false, breedingOut: false });
	});

	it('shows both sides when somebody else corrected it, and keeps mine over theirs', async () => {
		const variety = {
			id: 'v',
			version: 1,
			cropKey: 'pea',
			name: 'Fog Bell',
			source: 'a neighbour',
			yearReceived: 2023,
			treated: false,
			hybrid: false,
			breedingOut: false,
			trueToType: { leaf: '', habit: '', colour: '', maturity: '', root: '', fruit: '' }
		} as unknown as Schemas['VarietyView'];
		const theirs = { ...variety, name: 'Fog Horn', treated: true, version: 2 };
		const keep = vi.fn<(request: Schemas['VarietyRequest']) => Promise<void>>(async () => undefined);
		keep.mockRejectedValueOnce(new Problem('changed', 409, undefined, undefined, undefined, theirs));
		render(VarietyForm, { attempt: new Attempt(), crops, variety, save: keep });
		await type('Name', 'Fog Bells');
		await type('Why it is corrected', 'misread');
		await fireEvent.click(screen.getByText('Save correction'));
		await waitFor(() => expect(screen.getByText('Fog Horn')).toBeTruthy());
		expect(screen.getByRole('rowheader', { name: /^treated seed/ })).toBeTruthy();
		expect(screen.queryByRole('rowheader', { name: 'Source' })).toBeNull();
		await fireEvent.click(screen.getByRole('button', { name: 'Save mine' }));
		await waitFor(() => expect(keep).toHaveBeenCalledTimes(2));
		expect(keep.mock.lastCall![0]).toMatchObject({ name: 'Fog Bells', version: 2, reason: 'misread' });
	});
});
