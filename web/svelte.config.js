import adapter from '@sveltejs/adapter-static';
import { vitePreprocess } from '@sveltejs/vite-plugin-svelte';
import withoutInlineScript from './without-inline-script.js';

/** @type {import('@sveltejs/kit').Config} */
export default {
	preprocess: vitePreprocess(),
	kit: {
		adapter: withoutInlineScript(adapter({ fallback: 'index.html', precompress: true })),
		version: { pollInterval: 0 }
	}
};
