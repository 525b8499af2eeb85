/** A part of a record as it was typed. */
export interface Part {
	name: string;
	/** Its name in words. */
	says: string;
	typed: string;
	/** Whether it is a day. */
	day: boolean;
}

const CHOSEN = /^[A-Z][A-Z_]+$/;
const A_DAY = /^\d{4}-\d\d-\d\d$/;

/** What of a record can be typed anew: its numbers, days and texts; not its id, nor what it points to or was chosen. */
export function partsOf(body: unknown): Part[] {
	return Object.entries(body as object)
		.filter(
			([name, value]) =>
				!/(^id|^version|Id)$/.test(name) &&
				(typeof value === 'number' || (typeof value === 'string' && !CHOSEN.test(value)))
		)
		.map(([name, value]: [string, number | string]) => ({
			name,
			says: name.replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`),
			typed: String(value),
			day: A_DAY.test(String(value))
		}));
}

/** The record with its parts as they are now; a number that is none is sent as it was typed, for the server to refuse. */
export function mended(body: object, parts: Part[]): object {
	const before = body as Record<string, unknown>;
	const now = parts.map(({ name, typed }) => {
		const number = Number(typed);
		return [name, typeof before[name] === 'number' && typed.trim() && !Number.isNaN(number) ? number : typed];
	});
	return { ...body, ...(Object.fromEntries(now) as object) };
}
