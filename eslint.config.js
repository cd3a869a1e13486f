import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import svelte from 'eslint-plugin-svelte';
import globals from 'globals';
import ts from 'typescript-eslint';
import svelteConfig from './svelte.config.js';

export default ts.config(
	{
		ignores: ['build/', '.svelte-kit/', 'node_modules/', '.scratch/', 'docs/', 'playwright-report/']
	},
	js.configs.recommended,
	...ts.configs.strict,
	...svelte.configs.recommended,
	prettier,
	...svelte.configs.prettier,
	{
		languageOptions: { globals: { ...globals.browser, ...globals.node } },
		rules: {
			'no-undef': 'off',
			// Fewer than a hundred, held by `scripts/check.sh`: `core/quantity/sure.ts` says what is missing.
			'@typescript-eslint/no-non-null-assertion': 'warn',
			'@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_' }],
			'svelte/no-at-html-tags': 'error',
			'svelte/no-navigation-without-resolve': 'off',
			'no-console': ['error', { allow: ['error'] }]
		}
	},
	{
		files: ['**/*.svelte', '**/*.svelte.ts'],
		languageOptions: {
			parserOptions: {
				projectService: true,
				extraFileExtensions: ['.svelte'],
				parser: ts.parser,
				svelteConfig
			}
		}
	},
	{
		files: ['src/**/*.ts', 'src/**/*.svelte', 'tests/**/*.ts'],
		// Compiled by a configuration of its own.
		ignores: ['src/service-worker.ts'],
		languageOptions: { parserOptions: { projectService: true, extraFileExtensions: ['.svelte'] } },
		rules: {
			'@typescript-eslint/no-floating-promises': 'error',
			'@typescript-eslint/no-misused-promises': 'error',
			'@typescript-eslint/no-unnecessary-condition': 'error',
			'@typescript-eslint/switch-exhaustiveness-check': [
				'error',
				{ considerDefaultExhaustiveForUnions: true }
			]
		}
	},
	{
		files: ['src/lib/core/**/*.ts'],
		ignores: ['**/*.test.ts'],
		rules: {
			'no-restricted-globals': [
				'error',
				'document',
				'window',
				'localStorage',
				'indexedDB',
				'fetch'
			],
			'no-restricted-properties': [
				'error',
				{ object: 'Math', property: 'random', message: 'Randomness is an argument in core.' },
				{ object: 'Date', property: 'now', message: 'Time is an argument in core.' }
			]
		}
	},
	{
		// Read at a sitting.
		files: ['src/**/*.ts', 'src/**/*.svelte', 'scripts/**/*.ts'],
		ignores: ['**/*.test.ts'],
		rules: {
			'max-params': ['error', 4],
			'max-lines-per-function': ['error', { max: 60, skipBlankLines: true, skipComments: true }],
			'max-lines': ['error', 300]
		}
	},
	{
		// dependency-cruiser does not read the imports of .svelte files; this arrow is the one they could break.
		files: ['src/lib/**'],
		rules: {
			'no-restricted-imports': [
				'error',
				{ patterns: [{ group: ['**/routes/**'], message: 'src/lib stands below the routes.' }] }
			]
		}
	},
	{
		files: ['**/*.test.ts', 'tests/**', 'scripts/**'],
		rules: { '@typescript-eslint/no-non-null-assertion': 'off' }
	},
	{ files: ['scripts/**', 'tests/bench/**'], rules: { 'no-console': 'off' } }
);
