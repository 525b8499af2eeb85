import { BASE } from './bases';

/** What an instrument measures. Shown in grams, °C or percent, whatever it speaks. */
export type Kind = 'SCALE' | 'MASH' | 'AIR' | 'HUMIDITY';

/** A figure an instrument tells, and whether it says itself that it has settled. */
export interface Figure {
	value: number;
	steady?: boolean;
}

const SAID = /([+-]?)\s*(\d+(?:[.,]\d+)?)\s*(kg|mg|g|lb|oz|°?\s*[cf]|%)?(?![\w°%])/i;

/**
 * What a line of an instrument says: its first number, in the unit behind it, or in grams, °C or percent where none is. A
 * unit of something else is not what is measured: nothing then.
 */
export function figureOf(line: string, kind: Kind): Figure | undefined {
	const said = SAID.exec(line);
	if (!said) return;
	const [, sign, digits, unit] = said;
	const number = Number(`${sign}${digits.replace(',', '.')}`);
	const base = BASE[kind][(unit ?? '').replace(/[°\s]/g, '').toLowerCase()];
	return base && { value: Number(base(number).toFixed(4)) };
}
