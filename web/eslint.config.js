import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import svelte from 'eslint-plugin-svelte';
import globals from 'globals';
import ts from 'typescript-eslint';

export default ts.config(
	js.configs.recommended,
	...ts.configs.recommended,
	...svelte.configs.recommended,
	prettier,
	...svelte.configs.prettier,
	// What is taken out of a record so that the rest goes on without it.
	{ rules: { '@typescript-eslint/no-unused-vars': ['error', { ignoreRestSiblings: true }] } },
	{ languageOptions: { globals: { ...globals.browser, ...globals.node } } },
	{
		files: ['**/*.svelte', '**/*.svelte.ts'],
		languageOptions: { parserOptions: { parser: ts.parser } },
		rules: { 'svelte/no-navigation-without-resolve': 'off' }
	},
	{ ignores: ['build/', '.svelte-kit/', 'target/', 'src/lib/api/schema.d.ts'] }
);
