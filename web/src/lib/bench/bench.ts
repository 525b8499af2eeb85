import type { Schemas } from '$lib/api/api';
import { hours, hoursBetween, inZone, moment } from '$lib/words/dates';
import { STEP } from '$lib/words/words';

type Shelved = Schemas['Shelved'];

/** The shelves of the bench, and how a lot stands on one. */
export type ShelfName = 'wet' | 'drying' | 'cleaning';

export interface Standing {
	shelf: ShelfName;
	/** What is read from two metres away. */
	small: string;
	large: string;
	alarm: boolean;
	doing: string;
	next: string;
	/** Whether what is under way is over as far as is known: then it is weighed out. */
	over: boolean;
	/** How far a ferment has gone: 0 begun, 1 over. */
	clock?: number;
}

const SHELVES: Record<NonNullable<Schemas['BenchView']['shelf']>, ShelfName> = {
	WET: 'wet',
	DRYING: 'drying',
	CLEANING: 'cleaning'
};

/** How a lot stands at the bench, from its records. */
export function standing({ known }: Shelved, now: string, timeZone: string): Standing {
	const bench = known.bench;
	if (!bench) {
		return {
			shelf: 'cleaning',
			small: 'empty',
			large: 'pick',
			alarm: false,
			doing: 'numbered, nothing in it',
			next: 'Weigh the harvest',
			over: false
		};
	}
	if (bench.wrong) {
		return {
			shelf: 'cleaning',
			small: 'weights',
			large: 'wrong',
			alarm: true,
			doing: `${STEP[bench.wrong].done}, with weights that cannot be`,
			next: 'Put them right',
			over: false
		};
	}
	const under = bench.underWay;
	if (under) {
		const begun = inZone(under.begunAt, timeZone);
		const since = hours(hoursBetween(begun, now));
		if (under.ferment) return fermenting(under.ferment, since, now, timeZone);
		const drying = under.kind === 'DRY';
		if (under.drying) return onTray(under.drying, since, now, timeZone);
		return {
			shelf: SHELVES[bench.shelf!],
			small: STEP[under.kind].doing,
			large: since,
			alarm: false,
			doing: `since ${moment(begun, now)}`,
			next: drying ? 'Weigh when dry' : 'Weigh out',
			over: !drying
		};
	}
	const next = bench.next!;
	return {
		shelf: SHELVES[bench.shelf!],
		small: 'then',
		large: STEP[next].act.split(' ')[0].toLowerCase(),
		alarm: false,
		doing: bench.steps.length > 0 ? STEP[bench.steps.at(-1)!.kind].done : 'picked',
		next: STEP[next].act,
		over: false
	};
}

function onTray(drying: Schemas['Drying'], since: string, now: string, timeZone: string): Standing {
	const { dry } = drying;
	const left = drying.dryAt ? hoursBetween(now, inZone(drying.dryAt, timeZone)) : undefined;
	const waits = drying.forgotten ? 'Weigh it: forgotten?' : 'Weigh it';
	return {
		shelf: 'drying',
		small: dry ? 'is' : left === undefined ? 'drying' : 'dry in',
		large: dry ? 'dry' : left === undefined ? since : hours(Math.max(0, left)),
		alarm: dry || drying.forgotten || drying.tooWarm,
		doing: `${Math.round(drying.moisture)} % moist, ${Math.round(drying.target)} % wanted`,
		next: dry ? 'Weigh out' : drying.tooWarm ? 'Too warm: move it' : waits,
		over: dry
	};
}

function fermenting(ferment: Schemas['Ferment'], since: string, now: string, timeZone: string): Standing {
	const ready = inZone(ferment.readyAt, timeZone);
	const over = inZone(ferment.overAt, timeZone);
	const doing = `fermenting ${since}, ${ferment.temperature} °C`;
	const clock = Math.min(1, ferment.equivalentHours / ferment.readyTo);
	if (ferment.state === 'NOT_READY') {
		return {
			shelf: 'wet',
			small: 'ready in',
			large: hours(hoursBetween(now, ready)),
			alarm: false,
			doing,
			next: 'Stir twice a day',
			over: false,
			clock
		};
	}
	if (ferment.state === 'READY') {
		const left = hoursBetween(now, over);
		return {
			shelf: 'wet',
			...(ferment.soonOver
				? { small: 'ready, too long in', large: hours(left) }
				: { small: `too long in ${hours(left)}`, large: 'ready' }),
			alarm: ferment.soonOver,
			doing,
			next: `Rinse before ${moment(over, now)}`,
			over: true,
			clock
		};
	}
	return {
		shelf: 'wet',
		small: 'too long by',
		large: hours(hoursBetween(over, now)),
		alarm: true,
		doing,
		next: 'Rinse now',
		over: true,
		clock
	};
}
