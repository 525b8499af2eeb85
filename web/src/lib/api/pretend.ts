/** In tests of parts, in place of the server: what was asked of it, and what it answers. */
export interface Asked {
	method: string;
	path: string;
	/** What a file is asked with; other questions are known by their path. */
	how?: string;
	body?: unknown;
}

interface Init {
	params?: { path?: Record<string, unknown>; query?: { how?: string } };
	body?: unknown;
}

export const asked: Asked[] = [];
/** By method and path as the API names it: `GET /api/lots/{number}/chain`; an empty record where nothing is said. */
export const answers = new Map<string, unknown>();

/** The API with every call answered from here. */
export function pretend<T extends object>(api: T): T {
	const call = (method: string) => (path: string, init?: Init) => {
		const at = path.replace(/\{(\w+)\}/g, (_, name: string) => String(init?.params?.path?.[name]));
		const how = init?.params?.query?.how;
		asked.push({
			method,
			path: at,
			...(how === undefined ? {} : { how }),
			...(init?.body === undefined ? {} : { body: init.body })
		});
		return Promise.resolve({ data: answers.get(`${method} ${path}`) ?? {}, response: new Response() });
	};
	return { ...api, GET: call('GET'), POST: call('POST'), PUT: call('PUT') };
}

export function forget() {
	asked.length = 0;
	answers.clear();
}

/** What was changed: everything asked but mere questions. */
export const sent = () => asked.filter((one) => one.method !== 'GET');
