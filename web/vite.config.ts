import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { svelteTesting } from '@testing-library/svelte/vite';
import type { Plugin } from 'vite';
import { defineConfig } from 'vitest/config';

/** The router's live region comes with an inline style, which the content policy forbids; app.css styles it instead. */
const announcerWithoutInlineStyle: Plugin = {
	name: 'announcer-without-inline-style',
	enforce: 'pre',
	transform(code, id) {
		if (!id.endsWith('/generated/root.svelte')) return undefined;
		return code.replace(/(<div id="svelte-announcer"[^>]*?) style="[^"]*"/, '$1');
	}
};

export default defineConfig({
	plugins: [announcerWithoutInlineStyle, tailwindcss(), sveltekit(), svelteTesting()],
	server: { proxy: { '/api': 'http://localhost:8460' } },
	test: {
		environment: 'jsdom',
		include: ['src/**/*.test.ts']
	}
});
