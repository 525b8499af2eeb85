import { createHash } from 'node:crypto';
import { readFileSync, rmSync, writeFileSync } from 'node:fs';
import { brotliCompressSync, gzipSync } from 'node:zlib';

/**
 * The start script of the one page goes into a file of its own, so that the content policy can forbid every inline
 * script. Wraps the adapter, whose output folder is build/.
 * @param {import('@sveltejs/kit').Adapter} adapter
 * @returns {import('@sveltejs/kit').Adapter}
 */
export default function withoutInlineScript(adapter) {
	return {
		...adapter,
		name: `${adapter.name}, without inline script`,
		async adapt(builder) {
			await adapter.adapt(builder);
			const page = readFileSync('build/index.html', 'utf8');
			const inline = /<script>([\s\S]*?)<\/script>/.exec(page);
			if (!inline) throw new Error('build/index.html has no start script');
			const name = `_app/immutable/start.${createHash('sha256').update(inline[1]).digest('hex').slice(0, 12)}.js`;
			write(`build/${name}`, inline[1]);
			write('build/index.html', page.replace(inline[0], `<script src="/${name}"></script>`));
		}
	};
}

/** @param {string} path @param {string} text */
function write(path, text) {
	writeFileSync(path, text);
	rmSync(`${path}.gz`, { force: true });
	rmSync(`${path}.br`, { force: true });
	writeFileSync(`${path}.gz`, gzipSync(text));
	writeFileSync(`${path}.br`, brotliCompressSync(text));
}
