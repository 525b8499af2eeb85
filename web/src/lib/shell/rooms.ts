/** Where the grower stands. Only rooms that exist. */
export const ROOMS = [
	{ path: '/today', name: 'Today', key: '1' },
	{ path: '/desk', name: 'Desk', key: '2' },
	{ path: '/field', name: 'Field', key: '3' },
	{ path: '/bench', name: 'Bench', key: '4' },
	{ path: '/seed-room', name: 'Seed room', key: '5' },
	{ path: '/stall', name: 'Stall', key: '6' },
	{ path: '/handbook', name: 'Handbook', key: '7' }
] as const;

/** Rooms in which there is nothing for whoever only looks. */
const AT_WORK: string[] = ['/stall'];

/** The rooms that somebody may enter. */
export function roomsFor(works: boolean) {
	return ROOMS.filter((room) => works || !AT_WORK.includes(room.path));
}

/** The room a page belongs to. */
export function roomOf(path: string): string {
	if (path.startsWith('/lot')) return '/seed-room';
	if (path.startsWith('/yields')) return '/bench';
	if (
		[
			'/walk',
			'/harvest',
			'/pollination',
			'/selection',
			'/trials',
			'/stand',
			'/ripening',
			'/eyes',
			'/sown'
		].some((start) => path.startsWith(start))
	)
		return '/field';
	return ROOMS.find((room) => path.startsWith(room.path))?.path ?? '';
}
