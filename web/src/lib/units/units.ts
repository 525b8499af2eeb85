import { reader } from '$lib/words/reader.svelte';

/** Units at the edge: everything inside is SI. Numbers are written as the reader's country writes them. */
export type Units = 'METRIC' | 'US';

const OUNCE_G = 28.349523125;
const POUND_G = 453.59237;
const FOOT_M = 0.3048;
const MILE_M = 1609.344;

/** A number with at most so many places, and with so many at least. */
export const digits = (value: number, places: number, least = 0) =>
	value.toLocaleString(reader.locale, {
		minimumFractionDigits: least,
		maximumFractionDigits: places,
		signDisplay: 'negative'
	});

/** A whole number: "1,200". */
export const whole = (value: number) => digits(value, 0);

/** Three figures that mean something, never a power of ten. */
export function figure(value: number): string {
	const size = Math.abs(value);
	return digits(value, size >= 100 ? 0 : size >= 10 ? 1 : size >= 1 ? 2 : size >= 0.1 ? 3 : 4);
}

export function mass(grams: number, units: Units): string {
	if (units === 'US') {
		return grams >= POUND_G ? `${figure(grams / POUND_G)} lb` : `${figure(grams / OUNCE_G)} oz`;
	}
	return grams >= 1000 ? `${figure(grams / 1000)} kg` : `${figure(grams)} g`;
}

export function distance(metres: number, units: Units): string {
	if (units === 'US') {
		return Math.abs(metres) >= MILE_M ? `${figure(metres / MILE_M)} mi` : `${digits(metres / FOOT_M, 0)} ft`;
	}
	return Math.abs(metres) >= 1000 ? `${digits(metres / 1000, 2)} km` : `${digits(metres, 0)} m`;
}

/** To a tenth, always with it, so that figures stand under each other: "6.0". */
export function tenth(value: number): string {
	return digits(value, 1, 1);
}

/** A length within a plot, to a tenth: "1.6 m". */
export function reach(metres: number, units: Units): string {
	return units === 'US' ? `${tenth(metres / FOOT_M)} ft` : `${tenth(metres)} m`;
}

export function area(squareMetres: number, units: Units): string {
	if (units === 'US') return `${digits(squareMetres / FOOT_M ** 2, 0)} sq ft`;
	return `${digits(squareMetres, squareMetres < 10 ? 1 : 0)} m²`;
}

export function temperature(celsius: number, units: Units): string {
	return units === 'US' ? `${digits(celsius * 1.8 + 32, 0)} °F` : `${digits(celsius, 1)} °C`;
}

/** A fraction as percent, with as many figures as it deserves. */
export function percent(share: number): string {
	const value = share * 100;
	return `${digits(value, value >= 10 ? 0 : value >= 1 ? 1 : 2)} %`;
}

/** Percent, to a tenth; below one to a hundredth. */
export function percentage(value: number): string {
	return `${digits(value, Math.abs(value) >= 1 ? 1 : 2)} %`;
}

/** A small share as growers say it: one seed in so many. */
export function oneIn(share: number): string {
	if (share <= 0) return 'none';
	const many = 1 / share;
	const scale = 10 ** Math.floor(Math.log10(many));
	const rounded = many < 10 ? Math.round(many) : Math.round(many / scale) * scale;
	return rounded > 1_000_000 ? 'fewer than 1 in a million' : `1 in ${digits(rounded, 0)}`;
}

/** Units a mass may be typed in, each with its grams. */
export const MASS_UNITS: Record<Units, { name: string; grams: number }[]> = {
	METRIC: [
		{ name: 'g', grams: 1 },
		{ name: 'kg', grams: 1000 }
	],
	US: [
		{ name: 'oz', grams: OUNCE_G },
		{ name: 'lb', grams: POUND_G }
	]
};

interface Measure {
	unit: string;
	shown: (si: number) => number;
	si: (shown: number) => number;
}
const asIs = (unit: string): Measure => ({ unit, shown: (si) => si, si: (shown) => shown });
const times = (unit: string, perUnit: number): Measure => ({
	unit,
	shown: (si) => si / perUnit,
	si: (shown) => shown * perUnit
});

/** What is typed in one unit of the reader's, beside masses, which may be typed in several. */
export const MEASURES: Record<'length' | 'ground' | 'warmth', Record<Units, Measure>> = {
	length: { METRIC: asIs('m'), US: times('ft', FOOT_M) },
	ground: { METRIC: asIs('m²'), US: times('sq ft', FOOT_M ** 2) },
	warmth: {
		METRIC: asIs('°C'),
		US: { unit: '°F', shown: (si) => si * 1.8 + 32, si: (shown) => (shown - 32) / 1.8 }
	}
};

/** The sign between the whole of a number and its part, as the reader's country writes it. */
function partSign(): string {
	return new Intl.NumberFormat(reader.locale).formatToParts(0.5).find((one) => one.type === 'decimal')!.value;
}

/** A number as its reader would type it; nothing of none. */
export function written(value: number | undefined): string {
	return value === undefined || !Number.isFinite(value) ? '' : String(value).replace('.', partSign());
}

/** Spaces and apostrophes between thousands say nothing that digits do not. */
const bare = (typed: string) => typed.trim().replace(/[\s\u00a0\u202f’']/g, '');

const BY_THOUSANDS = /^[+-]?[1-9]\d{0,2}(?:(?:,\d{3})+|(?:\.\d{3})+)$/;
const ONE_SIGN = /^[+-]?[1-9]\d{0,2}[.,]\d{3}$/;

/** What stands in thousands, without the signs between them. */
const joined = (thousands: string) => Number(thousands.replace(/[.,]/g, ''));

/** Whether somebody from elsewhere would read a thousand times as much, or as little: "1,250". */
export function twoReadings(typed: string): boolean {
	return ONE_SIGN.test(bare(typed));
}

/**
 * What was typed as a number, as the reader's country writes it; where only one reading makes sense, as any country does:
 * "0,5" and "0.5" are a half everywhere. Not a number when it is none.
 */
export function numberTyped(typed: string): number {
	const plain = bare(typed);
	const last = plain.charAt(Math.max(plain.lastIndexOf(','), plain.lastIndexOf('.')));
	if (BY_THOUSANDS.test(plain) && !(ONE_SIGN.test(plain) && last === partSign())) return joined(plain);
	const [before, after, ...more] =
		plain.includes(',') || plain.includes('.') ? plain.split(last) : [plain, ''];
	const whole = BY_THOUSANDS.test(before) ? joined(before) : before;
	const one = `${whole}.${after}`;
	return more.length === 0 && /^[+-]?(\d+\.\d*|\.\d+)$/.test(one) ? Number(one) : NaN;
}

/** What was typed as a count: "1,000" and "1.000" are a thousand everywhere. Not a number when it is not whole. */
export function countTyped(typed: string): number {
	const plain = bare(typed);
	const count = BY_THOUSANDS.test(plain) ? joined(plain) : numberTyped(plain);
	return Number.isInteger(count) ? count : NaN;
}
