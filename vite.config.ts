import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vitest/config';

export default defineConfig({
	plugins: [tailwindcss(), sveltekit()],
	// The package's build for browsers of today, without what older ones need.
	resolve: { alias: [{ find: /^dexie$/, replacement: 'dexie/dist/modern/dexie.mjs' }] },
	// One file a worker: what a worker fetches later would not be at hand offline.
	worker: { format: 'es', rolldownOptions: { output: { codeSplitting: false } } },
	test: {
		include: ['src/**/*.test.ts', 'tests/{outside,regression,extension}/**/*.test.ts'],
		environment: 'node',
		setupFiles: ['tests/support/recipes.ts'],
		// Nothing here leaves anything behind in a module: each store test has a database of its own.
		isolate: false,
		// Both cores of a small machine: left to itself one stands idle.
		maxWorkers: 2,
		// Property tests share two cores with whatever else runs: slow is not wrong.
		testTimeout: 240_000
	}
});
