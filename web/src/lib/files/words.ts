/** Lists that go out and in, in the order of the work. */
export const SHEETS = [
	{ name: 'varieties', says: 'crop, name, source, what a true plant looks like' },
	{ name: 'lots', says: 'picked, clean, kept for sowing, held; new ones from an older book' },
	{ name: 'tests', says: 'germination, seed weight, purity, moisture, cut, weevils' },
	{ name: 'stock', says: 'bulk and packets; reading it is a stock-taking' },
	{ name: 'customers', says: 'who seed goes to, and on which terms' },
	{ name: 'orders', says: 'what is asked for; new ones are promised out of stock' },
	{ name: 'sales', says: 'what left; a new sale passes what the counter asks' }
] as const;
