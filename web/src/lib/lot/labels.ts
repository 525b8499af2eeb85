/** The sheet labels go on; empty for what is usual where one reads. */
export type Sheet = '' | 'A4' | 'LETTER';

export const SHEETS: { value: Sheet; label: string }[] = [
	{ value: '', label: 'as usual here' },
	{ value: 'A4', label: 'A4' },
	{ value: 'LETTER', label: 'Letter' }
];

/** The address of labels as they are asked for; what is left empty is as the server has it. */
export function labelsOf(path: string, asked: Record<string, string>): string {
	const query = new URLSearchParams(Object.entries(asked).filter(([, typed]) => typed.trim() !== ''));
	return `${path}?${query}`;
}
