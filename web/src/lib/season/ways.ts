import type { Schemas } from '$lib/api/api';
import { area, distance, percent, type Units } from '$lib/units/units';
import { dayMonth } from '$lib/words/dates';
import { GRADE, many } from '$lib/words/words';

type Way = Schemas['WayView'];

/** A way out as it is said: the act, and what it means. */
export function wayWords(way: Way, units: Units, season: number): { act: string; means: string } {
	const { figures, targetName } = way;
	const by = figures.by ? dayMonth(figures.by, String(season)) : '';
	switch (way.kind) {
		case 'MOVE':
			return {
				act: `Move ${targetName} to ${lower(figures.place)}`,
				means: `${distance(figures.metres ?? 0, units)} from what threatens it`
			};
		case 'SHIFT':
			return {
				act: `${way.then?.replantedOn ? 'Replant' : 'Sow'} ${targetName} ${many(Math.abs(figures.days ?? 0), 'day')} ${(figures.days ?? 0) > 0 ? 'later' : 'earlier'}`,
				means: `on ${by}: their blooms move apart`
			};
		case 'CAGE':
			return {
				act: `Cage ${targetName}`,
				means: [
					`${area(figures.area ?? 0, units)} of net for ${many(figures.weeks ?? 0, 'week')}`,
					...(figures.count ? [`${many(figures.count, 'box', 'boxes')} of insects`] : [])
				].join(', ')
			};
		case 'BAG':
			return {
				act: `Bag ${many(figures.count ?? 0, 'cluster')} of ${targetName}`,
				means: 'before they open; shaken daily, tagged; seed only from those'
			};
		case 'HAND_POLLINATE':
			return {
				act: `Pollinate ${many(figures.count ?? 0, 'flower')} of ${targetName} by hand`,
				means: `for ${many(figures.fruits ?? 0, 'ripe fruit')}; the others are no seed`
			};
		case 'EAT_FIRST':
			return {
				act: `Take ${targetName} off before it flowers`,
				means: `by ${by}${way.losesSeed ? '; it gives no seed this season' : ''}`
			};
		case 'DROP_ROWS':
			return {
				act: `Keep no seed of the outer ${distance(figures.metres ?? 0, units)}`,
				means: `${percent(figures.share ?? 0)} of the seed is given up`
			};
		case 'ANOTHER_YEAR':
			return {
				act: `Grow ${targetName} in ${season + 1}`,
				means: figures.count
					? `its stored seed should germinate until ${figures.count}`
					: 'no stored seed of it is known: have some that lasts'
			};
		case 'LOWER_GRADE':
			return {
				act: `Be content with ${GRADE[figures.grade ?? 'OWN_USE']} seed`,
				means: figures.grade === 'OWN_USE' ? 'none of it is sold' : 'not kept as stock'
			};
		case 'ASK_NEIGHBOUR':
			return {
				act: `Ask ${targetName} to cut theirs`,
				means: `by ${by}; tight until you have seen it done`
			};
		case 'PULL_VOLUNTEERS':
			return { act: 'Hoe out what comes up by itself', means: `by ${by}, before it flowers` };
	}
}

/** What a way costs, in a word or two. */
export function wayCost(way: Way): string {
	if (way.hours > 0) return way.hours < 1 ? 'under 1 h' : `${Math.round(way.hours)} h`;
	return way.losesSeed ? 'its seed' : 'no work';
}

function lower(words = '') {
	return words.charAt(0).toLowerCase() + words.slice(1);
}
