import type { Schemas } from '$lib/api/api';
import { hoursBetween } from '$lib/words/dates';

type LotHistory = Schemas['LotHistory'];

/** Where the history runs: along the page when there is room, down it on a phone. */
export interface Layout {
	width: number;
	height: number;
	across: boolean;
	ribbons: { path: string; wet: boolean }[];
	knots: { x: number; y: number; labelX: number; labelY: number; index: number }[];
	/** What was transferred into it, running together into the first knot. */
	starts: { path: string; x: number; y: number; index: number }[];
	/** What was seen and decided, between the knots. */
	events: { x: number; y: number; index: number }[];
	/** The history before anything was picked, where the rows were walked. */
	lead?: string;
	streams: { path: string; x: number; y: number; index: number; leaving: number }[];
	ends: { path: string; x: number; y: number; index: number }[];
	/** Where it stops while the work goes on. */
	open?: string;
}

const THINNEST = 12;
const THICKEST = 96;
const ENDS_ROOM = 200;
const LABELS_ROOM = 62;
/** Room for a walk before the pick, and the most there is for all of them. */
const WALK_ROOM = 20;
const LEAD_ROOM = 120;
/** Room for what was transferred into it, on the left. */
const STARTS_ROOM = 200;

/** Width of the ribbon for so much dry matter: by its logarithm, so that a gram beside a tonne still shows. */
export function ribbonWidth(dry: number, most: number, least: number): number {
	if (most <= least) return THICKEST / 2;
	const share = Math.log(Math.max(dry, least) / least) / Math.log(most / least);
	return THINNEST + share * (THICKEST - THINNEST);
}

/** Lays a lot's mass out as one ribbon; `width` is the room there is. */
export function layOut(history: LotHistory, width: number): Layout {
	const across = width >= 680;
	const { knots, ends } = history;
	const dry = knots.map((knot) => Math.max(knot.dry, 0.01));
	const most = Math.max(...dry);
	const least = Math.min(...dry) / 2;
	const half = dry.map((mass) => (ribbonWidth(mass, most, least) * (across ? 1 : 0.6)) / 2);
	const walked = history.events.filter((event) => event.before === 0).length;
	const joined = across && knots.length > 0 ? history.starts.length : 0;
	const lead = knots.length === 0 ? 0 : joined > 0 ? STARTS_ROOM : Math.min(LEAD_ROOM, walked * WALK_ROOM);
	const length = across ? width - ENDS_ROOM - 12 - lead : Math.max(1, knots.length - 1) * 96;
	const centre = across ? LABELS_ROOM + THICKEST / 2 + 14 : 40;
	const along = (i: number) =>
		8 + lead + (knots.length === 1 ? 0 : (i * length) / Math.max(1, knots.length - (across ? 0.4 : 1)));
	const at = (a: number, b: number): [number, number] => (across ? [a, centre + b] : [centre + b, a + 14]);
	const point = (a: number, b: number) =>
		at(a, b)
			.map((n) => n.toFixed(1))
			.join(',');

	const band = (from: number, fromHalf: number, to: number, toHalf: number) => {
		const middle = (from + to) / 2;
		return (
			`M${point(from, -fromHalf)} C${point(middle, -fromHalf)} ${point(middle, -toHalf)} ${point(to, -toHalf)}` +
			` L${point(to, toHalf)} C${point(middle, toHalf)} ${point(middle, fromHalf)} ${point(from, fromHalf)} Z`
		);
	};

	const ribbons = knots.slice(1).map((_, i) => ({
		path: band(along(i), half[i], along(i + 1), half[i + 1]),
		wet: knots[i].wet
	}));
	const last = knots.length - 1;
	const tail = across ? width - ENDS_ROOM : along(last) + 34;
	if (knots.length > 0 && ends.length > 0) {
		ribbons.push({ path: band(along(last), half[last], tail - (across ? 70 : 0), half[last]), wet: false });
	}

	const streams = knots.flatMap((knot, i) =>
		knot.leaving.slice(0, 1).map((gone, leaving) => {
			const thick = Math.max(5, Math.min(20, 5 + 3 * Math.log10(gone.mass + 1)));
			const start = along(i) - 26;
			const reach = across ? half[i] + (i % 2 === 1 ? 62 : 106) : half[i] + 34;
			const path =
				`M${point(start, half[i] + 1)} C${point(start + 16, half[i] + 1)} ${point(start + 22, reach - 24)} ${point(start + 30, reach)}` +
				` L${point(start + 30 + thick, reach)} C${point(start + 30 + thick, reach - 34)} ${point(start + 28 + thick, half[i] + 1)} ${point(start + 8 + thick, half[i] + 1)} Z`;
			const [x, y] = at(start + 34 + thick, reach);
			return { path, x, y, index: i, leaving };
		})
	);

	const branch = ends.map((_, i) => {
		const offset = (i - (ends.length - 1) / 2) * 58;
		const from = tail - 70;
		const share = Math.max(2.5, half[last] / ends.length / 1.3);
		const near = offset / 9;
		const path = across
			? `M${point(from, near - share)} C${point(from + 36, near - share)} ${point(from + 26, offset - share)} ${point(tail - 8, offset - share)}` +
				` L${point(tail - 8, offset + share)} C${point(from + 26, offset + share)} ${point(from + 36, near + share)} ${point(from, near + share)} Z`
			: '';
		const [x, y] = across ? at(tail + 4, offset) : [centre + 46, tail + 24 + i * 44];
		return { path, x, y, index: i };
	});

	const apart = Math.min(46, 190 / Math.max(1, joined - 1));
	const starts = history.starts.slice(0, joined).map((_, i) => {
		const offset = (i - (joined - 1) / 2) * apart;
		const share = Math.max(2.5, half[0] / joined / 1.3);
		const near = (offset / Math.max(1, joined - 1) / apart) * half[0];
		const to = along(0);
		const path =
			`M${point(112, offset - share)} C${point(112 + 44, offset - share)} ${point(to - 30, near - share)} ${point(to, near - share)}` +
			` L${point(to, near + share)} C${point(to - 30, near + share)} ${point(112 + 44, offset + share)} ${point(112, offset + share)} Z`;
		const [x, y] = at(0, offset);
		return { path, x, y, index: i };
	});

	const stretch = (before: number): [number, number] => {
		if (before === 0) return [joined > 0 ? along(0) - 60 : 0, along(0)];
		if (before <= last) return [along(before - 1), along(before)];
		return [along(last), ends.length > 0 ? tail - (across ? 76 : 0) : across ? width - 40 : along(last) + 40];
	};
	const events = history.events.map((event, index) => {
		const beside = history.events.filter((other) => other.before === event.before);
		const [from, to] = stretch(event.before);
		const [x, y] = at(from + ((to - from) * (beside.indexOf(event) + 1)) / (beside.length + 1), 0);
		return { x, y, index };
	});

	const lowest = Math.max(
		centre + THICKEST / 2,
		...[...streams, ...branch, ...starts].map(({ y }) => y + 20)
	);
	const deepest = across ? lowest : tail + 20 + ends.length * 44;
	return {
		width,
		height: knots.length === 0 ? 0 : deepest,
		across,
		ribbons,
		knots: knots.map((_, index) => {
			const [x, y] = at(along(index), 0);
			return across
				? { x, y, labelX: x, labelY: 16, index }
				: { x, y, labelX: centre + 46, labelY: y - 4, index };
		}),
		events: knots.length > 0 ? events : [],
		starts,
		lead: lead > 0 && joined === 0 ? `M${point(0, 0)} L${point(along(0), 0)}` : undefined,
		streams: across ? streams : [],
		ends: branch,
		open:
			knots.length > 0 && ends.length === 0
				? `M${point(along(last), 0)} L${point(across ? width - 40 : along(last) + 40, 0)}`
				: undefined
	};
}

/** One stop on the way along the history: an act on the lot, or something seen or decided. */
export type Stop = { knot: number; event?: undefined } | { event: number; knot?: undefined };

/** Every stop from the first walk to the last test, in order. */
export function stopsOf({ knots, events }: LotHistory): Stop[] {
	const before = (place: number) =>
		events.flatMap((event, index) => (event.before === place ? [{ event: index }] : []));
	return [...knots.flatMap((_, index) => [...before(index), { knot: index }]), ...before(knots.length)];
}

/** Days from the first knot to the last. */
export function daysOf(history: LotHistory): number {
	const { knots } = history;
	return knots.length < 2
		? 0
		: Math.round(hoursBetween(`${knots[0].on}T00:00`, `${knots[knots.length - 1].on}T00:00`) / 24);
}
