import { createHash } from 'node:crypto';
import { readFileSync, rmSync, writeFileSync } from 'node:fs';
import { brotliCompressSync, gzipSync } from 'node:zlib';

const CLIENT = '.svelte-kit/output/client';
/** The phone's own store is fetched beside every page. */
const STORE = 'src/lib/offline/box.ts';
/** Pages for whoever has just signed in when the signal goes. */
const AT_ONCE = ['/today', '/waiting'];

/**
 * What the adapter, whose output folder is build/, leaves to be done: the start script of the one page goes into a file of
 * its own, so that the content policy can forbid every inline script; and the service worker is told which files each page
 * needs.
 * @param {import('@sveltejs/kit').Adapter} adapter
 * @returns {import('@sveltejs/kit').Adapter}
 */
export default function withBuildSteps(adapter) {
	return {
		...adapter,
		name: `${adapter.name}, with steps of our own`,
		async adapt(builder) {
			await adapter.adapt(builder);
			const page = readFileSync('build/index.html', 'utf8');
			const inline = /<script>([\s\S]*?)<\/script>/.exec(page);
			if (!inline) throw new Error('build/index.html has no start script');
			const name = `_app/immutable/start.${createHash('sha256').update(inline[1]).digest('hex').slice(0, 12)}.js`;
			write(`build/${name}`, inline[1]);
			write('build/index.html', page.replace(inline[0], `<script src="/${name}"></script>`));
			write('build/files-of-pages.json', JSON.stringify(filesOfPages(`/${name}`)));
		}
	};
}

/**
 * The files each page needs, by its route; what all of them need stands under "all", and what every page may come to need,
 * as the camera does, under "beside".
 * @param {string} start
 */
function filesOfPages(start) {
	/** @type {Record<string, { file: string, src?: string, imports?: string[], dynamicImports?: string[], css?: string[], assets?: string[] }>} */
	const manifest = JSON.parse(readFileSync(`${CLIENT}/.vite/manifest.json`, 'utf8'));
	const isNode = (/** @type {string} */ key) => /\/nodes\/\d+\.js$/.test(key);
	/**
	 * A file with all it imports; later, too, what it fetches only when that is wanted.
	 * @param {string} first
	 * @param {boolean} later
	 * @param {Set<string>} files
	 */
	const closure = (first, later, files = new Set()) => {
		const { file, imports = [], dynamicImports = [], css = [], assets = [] } = manifest[first];
		if (files.has(`/${file}`)) return files;
		for (const one of [file, ...css, ...assets]) files.add(`/${one}`);
		for (const next of later ? [...imports, ...dynamicImports] : imports) {
			if (!isNode(next)) closure(next, later, files);
		}
		return files;
	};
	const entries = Object.keys(manifest).filter((key) => manifest[key].file.includes('/entry/'));
	const nodes = Object.keys(manifest).filter(isNode);
	/** The layout and the page of errors are in every page. */
	const shared = nodes.filter((key) => /\/nodes\/[01]\.js$/.test(key));
	const of = (/** @type {string[]} */ keys, /** @type {boolean} */ later) =>
		keys.flatMap((key) => [...closure(key, later)]);
	const opened = nodes.filter((key) => AT_ONCE.includes(routeOf(key) ?? ''));
	const all = new Set([start, ...of([...entries, ...shared, STORE, ...opened], false)]);
	const beside = new Set(of(shared, true).filter((file) => !all.has(file)));
	/** @type {Record<string, string[]>} */
	const pages = { all: [...all], beside: [...beside] };
	for (const key of nodes) {
		const route = routeOf(key);
		if (route) pages[route] = [...closure(key, true)].filter((file) => !all.has(file));
	}
	return pages;
}

/** The route of the page that a generated file is for. @param {string} key */
function routeOf(key) {
	const route = /src\/routes(.*)\/\+page\.svelte/.exec(readFileSync(key, 'utf8'))?.[1];
	return route === undefined ? undefined : route || '/';
}

/** @param {string} path @param {string} text */
function write(path, text) {
	writeFileSync(path, text);
	rmSync(`${path}.gz`, { force: true });
	rmSync(`${path}.br`, { force: true });
	writeFileSync(`${path}.gz`, gzipSync(text));
	writeFileSync(`${path}.br`, brotliCompressSync(text));
}
