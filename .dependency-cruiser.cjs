/** The arrows of docs/decisions/0001-architecture.md, enforced. */
const core = '^src/lib/core';
const layer = (name, from, to) => ({
	name,
	severity: 'error',
	from: { path: from, pathNot: '\\.test\\.ts$' },
	to: { path: to }
});
const within = (name, from, allowed) => ({
	name,
	severity: 'error',
	from: { path: `${core}/${from}/`, pathNot: '\\.test\\.ts$' },
	to: { path: core, pathNot: `${core}/(${[from, ...allowed].join('|')})/` }
});
const basics = ['quantity', 'model'];
const leaves = [...basics, 'machine', 'yarn', 'gauge', 'size'];

module.exports = {
	forbidden: [
		{ name: 'no-cycles', severity: 'error', from: {}, to: { circular: true } },
		{
			name: 'core-is-pure',
			severity: 'error',
			from: { path: core, pathNot: '\\.test\\.ts$' },
			to: { pathNot: [core, '^node_modules/(zod|simple-statistics|ml-matrix)/'] }
		},
		layer('ui-below-routes', '^src/lib', '^src/routes'),
		layer('services-below-ui', '^src/lib/(store|worker|file|device|demo|paper)', '^src/lib/ui'),
		layer('file-knows-core-only', '^src/lib/file', '^src/lib/(store|worker|device|ui|demo)'),
		layer('paper-knows-core-only', '^src/lib/paper', '^src/lib/(store|worker|file|device|ui|demo)'),
		layer(
			'server-knows-files-only',
			'^src/lib/server',
			'^src/lib/(store|worker|device|ui|demo|paper)'
		),
		layer('worker-knows-core-and-files', '^src/lib/worker', '^src/lib/(store|device|ui|demo)'),
		within('quantity-is-a-leaf', 'quantity', []),
		within('model-is-data', 'model', ['quantity']),
		within('bench-folders', '(machine|yarn|gauge|size)', leaves),
		within('program-on-leaves', 'program', leaves),
		within('simulate-on-program', 'simulate', [...leaves, 'program']),
		within('stripes-are-text', 'stripes', ['quantity']),
		within('shape-on-program', 'shape', [...leaves, 'program']),
		within('garment-on-assembly', 'garment', [
			...leaves,
			'stripes',
			'program',
			'shape',
			'assemble'
		]),
		within('thing-on-assembly', 'thing', [...leaves, 'stripes', 'program', 'shape', 'assemble']),
		within('recipe-on-program', 'recipe', [
			...leaves,
			'stripes',
			'program',
			'assemble',
			'shape',
			'garment',
			'thing'
		]),
		within('assemble-on-fabric', 'assemble', [...leaves, 'program', 'simulate'])
	],
	options: {
		tsConfig: { fileName: 'tsconfig.cruise.json' },
		doNotFollow: { path: 'node_modules' },
		tsPreCompilationDeps: true,
		exclude: { path: '(\\.svelte-kit|^build/)' },
		enhancedResolveOptions: { extensions: ['.ts', '.js', '.svelte', '.svelte.ts'] },
		extraExtensionsToScan: ['.svelte']
	}
};
