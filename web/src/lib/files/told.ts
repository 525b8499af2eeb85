import type { Schemas } from '$lib/api/api';

export type HowRead = Schemas['HowRead'];
export type Unit = NonNullable<Schemas['Heading']['unit']>;

/** How a file is to be read, as far as somebody said; the server finds out the rest. */
export interface Told {
	encoding?: string;
	partedBy?: string;
	decimals?: HowRead['decimals'];
	days?: HowRead['days'];
	tab?: string;
	columns?: { column?: string; unit?: Unit }[];
	all?: Record<string, string>;
}

/** The same with another column for one heading; no two headings are one column, unless it is a note. */
export function matched(told: Told, how: HowRead, at: number, column: string, unit?: Unit): Told {
	const columns = how.headings.map((heading, i) => {
		if (i === at) return column ? { column, unit } : {};
		return heading.column && (heading.column !== column || column === 'note')
			? { column: heading.column, unit: heading.unit }
			: {};
	});
	return { ...told, columns };
}

/** The same with what stands in a column of every line; nothing where it is empty again. */
export function forAll(told: Told, column: string, cell: string): Told {
	const all = { ...told.all };
	delete all[column];
	return { ...told, all: cell.trim() ? { ...all, [column]: cell.trim() } : all };
}

/** What was found out of how a file is written, in a sentence. */
export function written(how: HowRead, partedBy: { value: string; label: string }[]): string {
	const cells = partedBy.find(({ value }) => value === how.partedBy)?.label;
	const file = how.tab
		? `Tab “${how.tab}” of a workbook`
		: `Text in ${how.encoding}, columns separated by ${cells}`;
	const headed = how.headedIn > 1 ? `, headings in line ${how.headedIn}` : '';
	return `${file}${headed}; decimals as ${how.decimals === 'POINT' ? '12.5' : '12,5'}, days with the ${
		how.days === 'DAY_FIRST' ? 'day' : 'month'
	} first where the year is not.`;
}
