import { ask, GET, type Schemas } from '$lib/api/api';
import { session } from '$lib/api/session.svelte';
import { setAside } from './numbersAside';

/** What a page asks, and under which path its answer is kept on the phone for when there is no signal. */
export interface Question<T> {
	kept: string;
	ask: () => Promise<T>;
}

export const walks = (id: string) => ({
	kept: `/api/plantings/${id}/walks`,
	ask: () => ask(GET('/api/plantings/{id}/walks', { params: { path: { id } } }))
});
export const stand = (id: string) => ({
	kept: `/api/plantings/${id}/stand`,
	ask: () => ask(GET('/api/plantings/{id}/stand', { params: { path: { id } } }))
});
export const ripening = (id: string) => ({
	kept: `/api/plantings/${id}/ripening`,
	ask: () => ask(GET('/api/plantings/{id}/ripening', { params: { path: { id } } }))
});
export const pollination = (id: string) => ({
	kept: `/api/plantings/${id}/pollination`,
	ask: () => ask(GET('/api/plantings/{id}/pollination', { params: { path: { id } } }))
});
/** @param heritability by which the gain is estimated */
export const selection = (id: string, heritability = 0.3) => ({
	kept: `/api/plantings/${id}/selection`,
	ask: () => ask(GET('/api/plantings/{id}/selection', { params: { path: { id }, query: { heritability } } }))
});
export const stallDay = (id: string) => ({
	kept: `/api/stall-days/${id}`,
	ask: () => ask(GET('/api/stall-days/{id}', { params: { path: { id } } }))
});
export const lot = (number: string) => ({
	kept: `/api/lots/${number}`,
	ask: () => ask(GET('/api/lots/{number}', { params: { path: { number } } }))
});

/** What is picked, with the lots it may go into; on a phone numbers for new ones are set aside with it. */
export const harvest = (id: string) => ({
	kept: `/api/plantings/${id}/open-lots`,
	ask: async () => {
		const params = { path: { id } };
		const { planting } = await ask(GET('/api/plantings/{id}', { params }));
		const key = planting.variety.cropKey;
		const [crop, found, open] = await Promise.all([
			ask(GET('/api/crops/{key}', { params: { path: { key } } })),
			ask(GET('/api/plantings/{id}/walks', { params })),
			ask(GET('/api/plantings/{id}/open-lots', { params })),
			setAside(id).catch(() => undefined)
		]);
		return { planting, crop, walks: found, open };
	}
});

/** A lot at the bench, and how such steps went before: without that its form only foretells less. */
export const bench = (number: string) => ({
	kept: `/api/lots/${number}/bench`,
	ask: async () => {
		const params = { path: { number } };
		const before = ask(GET('/api/lots/{number}/chain', { params })).then(
			({ last, shares }) => ({ last, shares }),
			() => ({ last: [], shares: [] })
		);
		const found = await lot(number).ask();
		return { ...found, ...(await before), beside: await beside(found.known) };
	}
});

/** Lots of the same harvest that stand where a lot that is not clean stands: each dried by itself, they may go on as one. */
async function beside({ lot, bench }: Schemas['LotKnown']) {
	if (
		!session.works ||
		!bench ||
		bench.clean ||
		bench.transferred ||
		bench.underWay ||
		bench.wrong ||
		lot.hold
	)
		return [];
	return ask(GET('/api/lots/{number}/together', { params: { path: { number: lot.number } } })).then(
		(all) => all.slice(1).filter((one) => one.season === lot.season),
		() => []
	);
}

/** A lot's stock, who buys, and how its crop was packed before. */
export const forSale = (number: string) => ({
	kept: `/api/lots/${number}/for-sale`,
	ask: () => {
		const params = { path: { number } };
		return Promise.all([
			lot(number).ask(),
			ask(GET('/api/customers')),
			session.works ? ask(GET('/api/lots/{number}/packed-before', { params })) : []
		]);
	}
});

const PAGES: [RegExp, (of: string) => Question<unknown>][] = [
	[/^\/walk\/([^/]+)(\/found)?$/, walks],
	[/^\/stand\/([^/]+)$/, stand],
	[/^\/ripening\/([^/]+)$/, ripening],
	[/^\/pollination\/([^/]+)$/, pollination],
	[/^\/selection\/([^/]+)$/, selection],
	[/^\/stall\/days\/([^/]+)$/, stallDay],
	[/^\/harvest\/([^/]+)$/, harvest],
	[/^\/bench\/([^/]+)$/, bench],
	[/^\/lot\/([^/]+)(\/tests)?$/, lot],
	[/^\/stall\/(?!days$|orders$|customers$|money$|mixes$)([^/]+)$/, forSale]
];

/** What the page at a path asks; nothing for one that needs a signal. */
export function questionAt(path: string): Question<unknown> | undefined {
	const place = path.split(/[?#]/)[0];
	for (const [page, question] of PAGES) {
		const found = page.exec(place);
		if (found) return question(found[1]);
	}
	return undefined;
}
