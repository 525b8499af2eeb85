import adapter from '@sveltejs/adapter-static';
import { vitePreprocess } from '@sveltejs/vite-plugin-svelte';
import withBuildSteps from './build-steps.js';

/** @type {import('@sveltejs/kit').Config} */
export default {
	preprocess: vitePreprocess(),
	kit: {
		adapter: withBuildSteps(adapter({ fallback: 'index.html', precompress: true })),
		version: { pollInterval: 0 }
	}
};
