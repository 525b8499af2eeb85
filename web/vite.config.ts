import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { svelteTesting } from '@testing-library/svelte/vite';
import type { Plugin } from 'vite';
import { defineConfig } from 'vitest/config';
import { readdirSync, readFileSync } from 'node:fs';
import { env } from 'node:process';

/**
 * Markup that comes with inline styles, which the content policy forbids: the router's live region, which app.css styles
 * instead, and wrappers of headless parts.
 */
const withoutInlineStyle: Plugin = {
	name: 'without-inline-style',
	enforce: 'pre',
	transform(code, id) {
		if (id.endsWith('/generated/root.svelte'))
			return code.replace(/(<div id="svelte-announcer"[^>]*?) style="[^"]*"/, '$1');
		if (/\/bits-ui\/.*\.svelte$/.test(id))
			return code.replaceAll('style="display: contents;"', 'class="contents"');
		return undefined;
	}
};

const tests = readdirSync('src', { recursive: true, encoding: 'utf8' })
	.map((file) => `src/${file}`)
	.filter((file) => file.endsWith('.test.ts'));
const saying = (words: string) => tests.filter((file) => readFileSync(file, 'utf8').includes(words));

/** Tests of what is kept in the browser's own store, which is looked for once in a thread: each has one of its own. */
const keeping = saying('fake-indexeddb');
/** Tests that replace a module for all that is loaded after them. */
const replacing = saying('vi.mock(').filter((file) => !keeping.includes(file));

export default defineConfig({
	plugins: [withoutInlineStyle, tailwindcss(), sveltekit(), svelteTesting()],
	// bin/dev says where the server is.
	server: { proxy: { '/api': env.THERISEED_SERVER ?? 'http://localhost:8460' } },
	test: {
		environment: 'jsdom',
		setupFiles: ['vitest-setup.ts'],
		testTimeout: 30_000,
		pool: 'threads',
		sequence: { shuffle: { files: true } },
		// A page for each file takes five times as long as one that all share, and is needed only where something is replaced.
		projects: [
			{ extends: true, test: { name: 'keeping', include: keeping, isolate: true } },
			{ extends: true, test: { name: 'replacing', include: replacing, isolate: true, pool: 'vmThreads' } },
			{
				extends: true,
				test: {
					name: 'as it is',
					include: ['src/**/*.test.ts'],
					exclude: [...keeping, ...replacing],
					isolate: false
				}
			}
		]
	}
});
