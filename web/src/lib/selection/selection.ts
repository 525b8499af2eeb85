import type { Schemas } from '$lib/api/api';

type Trait = Schemas['TraitView'];
type Mark = Schemas['Mark'];

/** Scores as they were typed, by plant or plot. */
export type Typed = Record<string, string>;

/** The scores typed so far; what is no number on the scale is named instead. */
export function marksOf(typed: Typed, trait: Trait): { marks: Mark[]; wrong: string[] } {
	const marks: Mark[] = [];
	const wrong: string[] = [];
	for (const [subjectId, text] of Object.entries(typed)) {
		if (text.trim() === '') continue;
		const value = Number(text.trim().replace(',', '.'));
		if (Number.isNaN(value) || value < trait.low || value > trait.high) wrong.push(subjectId);
		else marks.push({ subjectId, value });
	}
	return { marks, wrong };
}

/** "1 (poor) to 9 (best)". */
export function scaleWords(trait: Trait): string {
	const [worst, best] = trait.moreIsBetter ? [trait.low, trait.high] : [trait.high, trait.low];
	return `${worst} is worst, ${best} is best`;
}

/** Rows of a new trial, from what was typed, one a line: "24-7", or "check Ferrous 2024" for a check. */
export function rowsIn(typed: string, mothers: { id: string; tag: string }[]): Schemas['RowRequest'][] {
	return typed
		.split('\n')
		.map((line) => line.trim())
		.filter((line) => line !== '')
		.map((line) => {
			const compared = /^check\b/i.test(line);
			const mother = mothers.find((one) => line === one.tag);
			return {
				compared,
				subLot: compared ? line.replace(/^check\s*/i, '') || 'check' : line,
				...(mother ? { motherId: mother.id } : {})
			};
		});
}

/** Marked plants of a season as mothers of rows, named by the year and their tag. */
export function mothersOf(season: number, candidates: { id: string; tag: string; chosen?: boolean }[]) {
	return candidates.map((one) => ({
		id: one.id,
		tag: `${String(season).slice(2)}-${one.tag}`,
		chosen: one.chosen === true
	}));
}
