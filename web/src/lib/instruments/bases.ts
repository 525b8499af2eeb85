import type { Kind } from './figures';

type Base = Record<string, (told: number) => number>;
const warmth: Base = { '': (c) => c, c: (c) => c, f: (f) => (f - 32) / 1.8 };

/** From the units instruments speak to those that records are kept in; the empty one is what is told without a unit. */
export const BASE: Record<Kind, Base> = {
	SCALE: {
		'': (g) => g,
		mg: (mg) => mg / 1000,
		g: (g) => g,
		kg: (kg) => kg * 1000,
		oz: (oz) => oz * 28.349523125,
		lb: (lb) => lb * 453.59237
	},
	MASH: warmth,
	AIR: warmth,
	HUMIDITY: { '': (percent) => percent, '%': (percent) => percent }
};
