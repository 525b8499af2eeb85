import type { Schemas } from '$lib/api/api';
import { COUNTRIES } from '$lib/words/say';

/** What each role may do, for whoever gives it. */
export const MAY: Record<Schemas['AccountView']['role'], string> = {
	GROWER: 'plans, sells, corrects, and sees the money and the people',
	HAND: 'walks the rows, harvests, works the bench and the tests; may put a lot on hold, not let it go',
	VISITOR: 'looks, and changes nothing; sees no customers, sales or money'
};

export const DEVICE: Record<Schemas['SignedInView']['device'], string> = {
	PHONE: 'A phone',
	TABLET: 'A tablet',
	COMPUTER: 'A computer'
};

/** English as it is written in each country, to choose from. */
export const LOCALES = Object.entries(COUNTRIES).map(([value, country]) => ({
	value,
	label: `English, ${country}`
}));

export const UNITS = [
	{ value: 'METRIC', label: 'grams, metres, °C' },
	{ value: 'US', label: 'ounces, feet, °F' }
] as const;
