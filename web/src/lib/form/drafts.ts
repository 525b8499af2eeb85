import { store } from '$lib/offline/store';

/** What stands in the fields of a form, by field; boxes that are ticked as yes. */
export type Typed = Record<string, string>;

interface Kept {
	typed: Typed;
	/** When it was typed last, by the clock of this machine. */
	at: number;
	by: string;
}

/** What nobody came back to for so long is put away. */
const KEPT_FOR_MS = 14 * 24 * 3600 * 1000;
const YES = 'yes';

type FieldOf = HTMLInputElement | HTMLSelectElement | HTMLTextAreaElement;

function isKept(field: Element): field is FieldOf {
	return (
		field instanceof HTMLSelectElement ||
		field instanceof HTMLTextAreaElement ||
		(field instanceof HTMLInputElement &&
			field.getAttribute('aria-hidden') !== 'true' &&
			!['password', 'file', 'submit', 'radio'].includes(field.type))
	);
}

/** The fields of a form that somebody types into, each under a name of its own. */
function fieldsOf(form: HTMLFormElement): Map<string, FieldOf> {
	const fields = new Map<string, FieldOf>();
	for (const field of form.elements) {
		if (!isKept(field)) continue;
		const called =
			field.name || field.getAttribute('aria-label') || field.labels?.[0]?.textContent.trim() || '';
		let name = called;
		for (let again = 2; fields.has(name); again++) name = `${called} ${again}`;
		fields.set(name, field);
	}
	return fields;
}

const tickable = (field: FieldOf): field is HTMLInputElement =>
	field instanceof HTMLInputElement && field.type === 'checkbox';
const standsIn = (field: FieldOf) => (tickable(field) ? (field.checked ? YES : '') : field.value);

export function typedInto(form: HTMLFormElement): Typed {
	return Object.fromEntries([...fieldsOf(form)].map(([name, field]) => [name, standsIn(field)]));
}

/** Puts what was typed before into a form as if it were typed now; answers which fields are not there yet. */
export function typeInto(form: HTMLFormElement, typed: Typed): Typed {
	const missing = { ...typed };
	for (const [name, field] of fieldsOf(form)) {
		const was = typed[name];
		if (was === undefined) continue;
		delete missing[name];
		if (standsIn(field) === was) continue;
		if (tickable(field)) field.checked = was === YES;
		else field.value = was;
		// A choice that is not among the options any more leaves none chosen.
		if (standsIn(field) !== was) {
			missing[name] = was;
			continue;
		}
		field.dispatchEvent(new Event('input', { bubbles: true }));
		field.dispatchEvent(new Event('change', { bubbles: true }));
	}
	return missing;
}

const keyOf = (key: string) => `form ${key}`;

export async function keepDraft(key: string, by: string, typed: Typed) {
	await (await store()).drafts.put({ key: keyOf(key), value: { typed, at: Date.now(), by } satisfies Kept });
}

/** What the same person typed into a form and never sent. */
export async function draftOf(key: string, by: string): Promise<Typed | undefined> {
	const kept = (await (await store()).drafts.get(keyOf(key)))?.value as Kept | undefined;
	if (!kept || kept.by !== by) return undefined;
	if (Date.now() - kept.at < KEPT_FOR_MS) return kept.typed;
	await forgetDraft(key);
	return undefined;
}

export async function forgetDraft(key: string) {
	await (await store()).drafts.delete(keyOf(key));
}
