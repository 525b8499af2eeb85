import { ask, GET, POST, type Schemas } from '$lib/api/api';
import { Steady } from '$lib/form/steady.svelte';
import { asRequest } from '$lib/season/request';

type Planting = Schemas['PlantingView'];
type Place = Schemas['PlaceView'];

/** A planting that is tried elsewhere on the map: where it could stand, and what it would be there. */
export class Elsewhere {
	/** Where the chosen planting could stand instead. */
	places = $state.raw<Place[]>([]);
	/** The place that is looked at. */
	at = $state.raw<Place>();
	/** Why it cannot stand where it was dropped. */
	nowhere = $state('');
	/** Whether it was dragged from where it is planned. */
	moving = $state(false);
	/** The season's plantings as they would be. */
	readonly tried = new Steady<Planting[]>();
	#asked?: string;

	/** It stands where it is planned again. */
	leave() {
		this.tried.forget();
		this.at = undefined;
		this.nowhere = '';
		this.moving = false;
	}

	/** Looks where a planting could stand; nothing looks for no other place any more. */
	async lookFor(id: string | undefined) {
		this.#asked = id;
		this.places = [];
		if (!id) return;
		const there = await ask(GET('/api/plantings/{id}/places', { params: { path: { id } } }));
		if (this.#asked === id) this.places = there;
	}

	dragged(planting: Planting | undefined, east: number, north: number) {
		if (!planting) return;
		this.at = undefined;
		this.nowhere = '';
		this.moving = true;
		this.#try(planting, asRequest(planting), east, north);
	}

	dropped(planting: Planting | undefined, plot: string | undefined) {
		if (!planting) return;
		const place = this.places.find((one) => one.plotId === plot);
		if (place) this.look(planting, place);
		else if (plot !== planting.plotId) {
			this.nowhere = plot
				? 'There is no free room for it on that plot, or the ground must rest from its family.'
				: 'That is no plot. Drop it on one, or choose from the list.';
		}
	}

	look(planting: Planting, place: Place | undefined) {
		this.at = place;
		this.nowhere = '';
		this.moving = false;
		if (place) this.#try(planting, place.then, 0, 0);
		else this.tried.forget();
	}

	#try({ id = '' }: Planting, planting: Schemas['PlantingRequest'], east: number, north: number) {
		this.tried.ask(() =>
			ask(POST('/api/plantings/{id}/tried', { params: { path: { id } }, body: { planting, east, north } }))
		);
	}
}
