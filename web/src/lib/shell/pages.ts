/** A page of the app: what it is called, and which words lead to it besides. */
export interface Place {
	name: string;
	/** The room it belongs to. */
	room?: string;
	/** What somebody may call it who looks for it. */
	also?: string;
	/** Whom it is for; everybody where it does not say. */
	only?: 'work' | 'grower';
}

const ROOM = {
	desk: 'Desk',
	field: 'Field',
	bench: 'Bench',
	seedRoom: 'Seed room',
	stall: 'Stall',
	handbook: 'Handbook',
	farm: 'The farm'
};

/** Every page by its route; those of one room stand in the order of its tabs. */
export const PAGES: Record<string, Place> = {
	'/': { name: 'Welcome' },
	'/today': { name: 'Today', also: 'tasks weather morning dew' },
	'/desk': { name: 'Bloom', room: ROOM.desk, also: 'plan season isolation crossing' },
	'/desk/beds': { name: 'Beds', room: ROOM.desk, also: 'rotation years' },
	'/desk/calendar': { name: 'Calendar', room: ROOM.desk, also: 'dates feed planner' },
	'/desk/what-if': { name: 'What if', room: ROOM.desk, also: 'scheme compare plan' },
	'/desk/plantings/new': { name: 'New planting', room: ROOM.desk, also: 'sow plant', only: 'grower' },
	'/desk/plantings/[id]': { name: 'Planting', room: ROOM.desk },
	'/desk/varieties/new': { name: 'New variety', room: ROOM.desk, only: 'grower' },
	'/desk/varieties/[id]': { name: 'Variety', room: ROOM.desk },
	'/field': { name: 'Field', also: 'map plots beds neighbours' },
	'/walk/[planting]': { name: 'Walk', room: ROOM.field },
	'/walk/[planting]/found': { name: 'What the walks found', room: ROOM.field },
	'/pollination/[planting]': { name: 'Pollination', room: ROOM.field },
	'/selection/[planting]': { name: 'Selection', room: ROOM.field },
	'/trials/new': { name: 'New progeny rows', room: ROOM.field },
	'/trials/[id]': { name: 'Progeny rows', room: ROOM.field },
	'/stand/[planting]': { name: 'Plants standing', room: ROOM.field },
	'/ripening/[planting]': { name: 'When to cut', room: ROOM.field },
	'/harvest/[planting]': { name: 'Harvest', room: ROOM.field },
	'/sown/[planting]': { name: 'What it was sown with', room: ROOM.field },
	'/eyes': { name: 'Eyes', room: ROOM.field, also: 'recognise off-types practice' },
	'/bench': { name: 'Bench', also: 'vessels trays drying fermenting threshing' },
	'/bench/[number]': { name: 'At the bench', room: ROOM.bench },
	'/yields': { name: 'Yields', room: ROOM.bench, also: 'recovery grams per plant' },
	'/seed-room': { name: 'Shelves', room: ROOM.seedRoom, also: 'lots stored' },
	'/seed-room/tests': { name: 'Tests', room: ROOM.seedRoom, also: 'germination moisture purity' },
	'/seed-room/stock-taking': { name: 'Stock-taking', room: ROOM.seedRoom, also: 'count inventory' },
	'/seed-room/regenerate': { name: 'Regenerate', room: ROOM.seedRoom, also: 'regrow grow again' },
	'/seed-room/shelves': { name: 'Air', room: ROOM.seedRoom, also: 'temperature humidity store places' },
	'/lot/new': {
		name: 'Seed from elsewhere',
		room: ROOM.seedRoom,
		also: 'bought swapped arrival',
		only: 'work'
	},
	'/lot/[number]': { name: 'Lot', room: ROOM.seedRoom },
	'/lot/[number]/tests': { name: 'Tests', room: ROOM.seedRoom },
	'/lot/[number]/store': { name: 'In store', room: ROOM.seedRoom },
	'/lot/[number]/blend': { name: 'Blend or split', room: ROOM.seedRoom },
	'/lot/[number]/family': { name: 'Family', room: ROOM.seedRoom },
	'/lot/[number]/money': { name: 'Profit', room: ROOM.stall },
	'/stall': { name: 'Stock', room: ROOM.stall, also: 'sell packets', only: 'work' },
	'/stall/orders': { name: 'Orders', room: ROOM.stall, also: 'invoices deliveries', only: 'work' },
	'/stall/mixes': { name: 'Mixes', room: ROOM.stall, only: 'work' },
	'/stall/days': { name: 'Stall days', room: ROOM.stall, also: 'market', only: 'work' },
	'/stall/customers': { name: 'Customers', room: ROOM.stall, also: 'price lists shops', only: 'grower' },
	'/stall/money': {
		name: 'Money',
		room: ROOM.stall,
		also: 'profit costs hours return sales',
		only: 'grower'
	},
	'/stall/[number]': { name: 'Sell', room: ROOM.stall },
	'/stall/orders/[id]': { name: 'Order', room: ROOM.stall },
	'/stall/mixes/[number]': { name: 'Mix', room: ROOM.stall },
	'/stall/days/[id]': { name: 'Stall day', room: ROOM.stall },
	'/handbook': { name: 'Handbook', also: 'crops figures' },
	'/handbook/new': { name: 'A crop of your own', room: ROOM.handbook, also: 'new crop', only: 'grower' },
	'/handbook/glossary': { name: 'Glossary', room: ROOM.handbook, also: 'terms words meaning' },
	'/handbook/[crop]': { name: 'Crop', room: ROOM.handbook },
	'/handbook/[crop]/own': { name: 'Figures of your own crop', room: ROOM.handbook },
	'/farm': { name: 'The farm', also: 'settings place climate letterhead', only: 'grower' },
	'/farm/people': { name: 'People', room: ROOM.farm, also: 'invite hands roles password', only: 'grower' },
	'/farm/phones': { name: 'Phones', room: ROOM.farm, also: 'install network', only: 'grower' },
	'/farm/done': { name: 'Who did what', room: ROOM.farm, also: 'log activity history', only: 'grower' },
	'/farm/import': { name: 'Import', room: ROOM.farm, also: 'csv spreadsheet', only: 'grower' },
	'/farm/mail': { name: 'Mail', room: ROOM.farm, also: 'e-mail server', only: 'grower' },
	'/farm/files': { name: 'Files', room: ROOM.farm, also: 'export download csv', only: 'grower' },
	'/farm/backups': { name: 'Backups', room: ROOM.farm, also: 'restore copies', only: 'grower' },
	'/farm/thrown-away': { name: 'Throw the sample farm away', room: ROOM.farm },
	'/account': { name: 'Your account', also: 'units theme password sign out' },
	'/waiting': { name: 'On this phone', also: 'offline not arrived' },
	'/come-in': { name: 'Come in' },
	'/trust': { name: 'Trust this farm' }
};

/** The title of the window: at once from the address, and what tells the page from its like once that is known. */
export function titleOf(
	route: string | null,
	params: Record<string, string | undefined>,
	of: string
): string {
	const place = PAGES[route ?? ''];
	if (!place) return 'Theriseed';
	return [of || params.number, place.name, place.room, 'Theriseed'].filter(Boolean).join(' · ');
}

/** The pages that can be gone to by name, whose names or other words hold every word. */
export function pagesCalled(typed: string, may: { grower: boolean; works: boolean }): [string, Place][] {
	const words = typed.trim().toLowerCase().split(/\s+/);
	return Object.entries(PAGES).filter(([path, place]) => {
		if (path === '/' || path === '/farm/thrown-away' || /\[|come-in|trust/.test(path)) return false;
		if (place.only === 'grower' ? !may.grower : place.only === 'work' && !may.works) return false;
		const text = `${place.name} ${place.room ?? ''} ${place.also ?? ''}`.toLowerCase();
		return words.every((word) => text.includes(word));
	});
}
