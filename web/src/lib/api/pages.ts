/** All items of a list that is given page by page. */
export async function everything<T>(
	get: (page: number) => Promise<{ items: T[]; pages: number }>
): Promise<T[]> {
	const all: T[] = [];
	for (let page = 0, pages = 1; page < pages; page++) {
		const some = await get(page);
		all.push(...some.items);
		pages = some.pages;
	}
	return all;
}
