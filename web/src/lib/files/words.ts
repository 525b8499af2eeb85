/** Lists that go out and in, in the order in which an older book comes in. */
export const SHEETS = [
	{ name: 'plots', says: 'name, length and width, beds; shapes are drawn, or read under Field' },
	{ name: 'varieties', says: 'crop, name, source, what a true plant looks like' },
	{ name: 'plantings', says: 'what is sown where and when, of all seasons; past ones too' },
	{
		name: 'lots',
		says: 'picked, clean, kept for sowing, held; new ones from an older book keep their number'
	},
	{ name: 'tests', says: 'germination, seed weight, purity, moisture, cut, weevils' },
	{ name: 'customers', says: 'who seed goes to, and on which terms' },
	{ name: 'sales', says: 'what left; a new sale passes what the counter asks, one of the past has happened' },
	{ name: 'orders', says: 'what is asked for; new ones are promised out of stock' },
	{ name: 'stock', says: 'bulk and packets; reading it is a stock-taking' },
	{ name: 'weather', says: 'lowest and highest of each day, or the readings of a station' }
] as const;

/** What parts cells, as it is said. */
export const PARTED_BY = [
	{ value: ',', label: 'commas' },
	{ value: ';', label: 'semicolons' },
	{ value: '\t', label: 'tabs' },
	{ value: '|', label: 'bars' }
];

export const DECIMALS = [
	{ value: 'POINT', label: '1234.5' },
	{ value: 'COMMA', label: '1234,5' }
] as const;

export const DAYS = [
	{ value: 'DAY_FIRST', label: '3/4 is 3 April' },
	{ value: 'MONTH_FIRST', label: '3/4 is 4 March' }
] as const;

/** Encodings that lists of seed growers come in. */
export const ENCODINGS = [
	{ value: 'UTF-8', label: 'UTF-8' },
	{ value: 'windows-1252', label: 'western (windows-1252)' },
	{ value: 'windows-1250', label: 'central European (windows-1250)' },
	{ value: 'windows-1251', label: 'Cyrillic (windows-1251)' },
	{ value: 'windows-1253', label: 'Greek (windows-1253)' },
	{ value: 'windows-1254', label: 'Turkish (windows-1254)' },
	{ value: 'windows-1257', label: 'Baltic (windows-1257)' },
	{ value: 'UTF-16LE', label: 'Unicode text (UTF-16)' }
];

export const UNIT = {
	G: 'g',
	KG: 'kg',
	OZ: 'oz',
	LB: 'lb',
	M: 'm',
	CM: 'cm',
	FT: 'ft',
	IN: 'in',
	C: '°C',
	F: '°F'
} as const;
