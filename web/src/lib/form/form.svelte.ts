import { session } from '$lib/api/session.svelte';
import { mass, numberTyped } from '$lib/units/units';
import { dayWritten } from '$lib/words/days';
import { Attempt } from './attempt.svelte';
import type { Row } from './Clash.svelte';
import { choicesOf, said, shown, type Kind, type Typed } from './kinds';

/** The fields of a request that are asked in a form, each as the server's description of it allows. */
export type FieldsOf<R> = { [K in keyof R]?: Kind<R[K]> };
/** What is typed into them: one of the choices where there are some, else what stands there. */
export type TypedOf<R> = {
	[K in keyof R & string]-?: NonNullable<R[K]> extends string ? NonNullable<R[K]> | '' : string;
};
/** A record as it stands, with its version. */
export type Standing = Record<string, unknown> & { version?: number };
/** What a correction says beside its fields. */
export interface Changed {
	version?: number;
	reason?: string;
}

const REASON = 'Why it is corrected';

/** What is typed into a form, why it was refused, and what of it is sent; of a record that stands, its correction. */
export class Form<R extends object> {
	readonly attempt: Attempt;
	/** As they are asked: what may be chosen may come to be known while somebody types. */
	fields: FieldsOf<R> = $state.raw({});
	/** The record that it begins with. */
	readonly was?: Standing;
	/** Whether that record is corrected, with a reason, and not only gone on with. */
	readonly corrects: boolean;
	typed = $state({} as TypedOf<R>);
	reason = $state('');
	/** That the correction was made from. */
	version = $state<number>();
	/** What stands in each field: what else is said of a form hangs on this. */
	readonly standings: Typed = $derived(
		Object.fromEntries(this.names.map((name) => [name, this.standing(name)]))
	);
	#start: Record<string, string>;

	/**
	 * @param was the record that is corrected
	 * @param attempt where the page that sends it says why it was refused
	 * @param corrects whether it is; else it is gone on with
	 */
	constructor(fields: FieldsOf<R>, was?: Standing, attempt = new Attempt(), corrects = was !== undefined) {
		this.attempt = attempt;
		this.corrects = corrects;
		this.fields = fields;
		this.was = was;
		this.version = was?.version;
		this.#start = Object.fromEntries(this.names.map((name) => [name, this.#first(name)]));
		this.typed = { ...this.#start } as TypedOf<R>;
	}

	/** In the order they are asked. */
	get names() {
		return Object.keys(this.fields) as (keyof R & string)[];
	}
	/** Those that are asked as things stand. */
	get asked() {
		return this.names.filter((name) => {
			const kind = this.kind(name);
			if (kind.ifRefused) return this.typed[name] !== '' || this.called(name) === this.attempt.problem?.field;
			return kind.when?.(this.standings) ?? true;
		});
	}
	/** What each is called in a refusal. */
	get labels(): Record<string, string> {
		return {
			...Object.fromEntries(
				this.names.flatMap((name) => {
					const { label, refusedAs = [] } = this.kind(name);
					return [name, ...said(refusedAs, this.standings)].map((called) => [
						called,
						said(label, this.standings)
					]);
				})
			),
			reason: REASON
		};
	}
	/** Whether something else stands there than at first. */
	get dirty() {
		return this.names.some((name) => this.typed[name] !== this.#start[name]);
	}

	kind(name: keyof R & string): Kind<unknown> {
		return this.fields[name] as Kind<unknown>;
	}

	/** A field as the server calls it when it refuses it, so that it is marked. */
	called(name: keyof R & string): string {
		const refused = this.attempt.problem?.field;
		return said(this.kind(name).refusedAs ?? [], this.standings).find((one) => one === refused) ?? name;
	}

	/** What stands in a field; of choices that are not offered any more, the first that is. */
	standing(name: keyof R & string): string {
		const typed = this.typed[name] as string;
		if (this.kind(name).control !== 'choice') return typed;
		const choices = choicesOf(this.kind(name), this.typed as Typed);
		return (choices.find((one) => one.value === typed) ?? choices[0])?.value ?? typed;
	}

	/** What is sent; a problem that names the field, where what was typed is none. */
	body(): R & Changed {
		const asked = this.asked;
		const sent = asked.map((name) => [name, this.kind(name).read(name, this.#given(name))]);
		// A text that is not asked is an empty one.
		const left = this.names.filter((name) => !asked.includes(name) && this.kind(name).control === 'text');
		return {
			...Object.fromEntries(left.map((name) => [name, ''])),
			...Object.fromEntries(sent),
			...(this.was ? { version: this.version } : {}),
			...(this.corrects ? { reason: this.reason } : {})
		} as R & Changed;
	}

	/** What stands there at first, again. */
	clear(...names: (keyof R & string)[]) {
		for (const name of names.length ? names : this.names)
			this.typed[name] = this.#start[name] as TypedOf<R>[typeof name];
	}

	/** Each field as this form and the other person have it. */
	rows(theirs: Record<string, unknown>): Row[] {
		return this.asked.map((name) => ({
			label: said(this.kind(name).label, this.standings),
			mine: this.#said(name, this.standing(name)),
			theirs: this.#said(name, shown(theirs[name]))
		}));
	}

	/** Blanks around what is typed say nothing, but in a password. */
	#given(name: keyof R & string) {
		const standing = this.standing(name);
		return this.kind(name).type === 'password' ? standing : standing.trim();
	}
	#first(name: keyof R & string) {
		const kind = this.kind(name);
		if (this.was && name in this.was) return shown(this.was[name]);
		if (kind.start !== undefined) return shown(kind.start);
		return kind.control === 'choice' && !this.was ? (choicesOf(kind, {})[0]?.value ?? '') : '';
	}
	#said(name: keyof R & string, value: string) {
		const kind = this.kind(name);
		if (kind.control === 'yes') return value || 'no';
		if (kind.control === 'day' || kind.control === 'moment') return dayWritten(value);
		if (kind.control === 'mass') {
			const grams = numberTyped(value);
			return Number.isNaN(grams) ? value : mass(grams, session.units);
		}
		if (kind.control !== 'choice') return value;
		return choicesOf(kind, this.standings).find((one) => one.value === value)?.label ?? value;
	}
}
