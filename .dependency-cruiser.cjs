/** The arrows of docs/decisions/0001-architecture.md, enforced. */
const core = '^src/lib/core';
const layer = (name, from, to) => ({
	name,
	severity: 'error',
	from: { path: from, pathNot: '\\.test\\.ts$' },
	to: { path: to }
});
/** What each folder of core may know; a folder that is not here may know nothing. */
const KNOWS = {
	quantity: [],
	model: ['quantity'],
	stripes: ['quantity'],
	bench: ['model', 'quantity'],
	program: ['model'],
	simulate: ['model', 'program', 'quantity'],
	shaping: ['bench', 'model', 'program', 'quantity'],
	assembly: ['model', 'program', 'quantity', 'simulate'],
	crank: ['assembly', 'bench', 'model', 'program', 'quantity', 'simulate'],
	table: ['assembly', 'crank', 'quantity'],
	technique: [
		'assembly',
		'crank',
		'model',
		'program',
		'quantity',
		'recipe/assembled/form',
		'table'
	],
	convert: ['bench', 'model', 'quantity', 'shaping'],
	finding: ['assembly', 'bench', 'crank', 'model', 'program', 'quantity', 'simulate', 'table'],
	recipe: [
		'assembly',
		'bench',
		'crank',
		'finding',
		'model',
		'program',
		'quantity',
		'shaping',
		'stripes',
		'technique'
	],
	plan: [
		'assembly',
		'bench',
		'crank',
		'finding',
		'model',
		'program',
		'quantity',
		'recipe',
		'shaping',
		'technique'
	],
	thing: [
		'assembly',
		'bench',
		'crank',
		'model',
		'plan',
		'quantity',
		'recipe',
		'shaping',
		'technique'
	],
	gallery: ['bench', 'model', 'plan', 'quantity', 'recipe', 'thing'],
	learn: ['assembly', 'bench', 'crank', 'model', 'plan', 'quantity', 'recipe'],
	order: ['bench', 'crank', 'finding', 'model', 'plan', 'quantity'],
	substitute: ['assembly', 'bench', 'crank', 'model', 'order', 'plan', 'quantity', 'recipe'],
	words: [
		'bench',
		'convert',
		'crank',
		'finding',
		'learn',
		'model',
		'order',
		'program',
		'quantity',
		'recipe/afterwards',
		'shaping',
		'simulate',
		'stripes',
		'substitute',
		'technique'
	],
	practice: ['bench', 'crank', 'model', 'program', 'quantity', 'simulate', 'technique'],
	sheet: ['assembly', 'bench', 'finding', 'model', 'plan', 'quantity', 'technique', 'words']
};
// `plan.ts` is the front door of its folder.
const inside = (folders) => `${core}/(${folders.join('|')})(/|\\.ts$)`;
const folders = [
	...Object.entries(KNOWS).map(([folder, knows]) => ({
		name: `what-${folder}-knows`,
		severity: 'error',
		from: { path: inside([folder]), pathNot: '\\.test\\.ts$' },
		to: { path: core, pathNot: inside([folder, ...knows]) }
	})),
	{
		name: 'every-folder-has-its-arrows',
		severity: 'error',
		from: { path: `${core}/`, pathNot: [inside(Object.keys(KNOWS)), '\\.test\\.ts$'] },
		to: {}
	}
];

module.exports = {
	forbidden: [
		{ name: 'no-cycles', severity: 'error', from: {}, to: { circular: true } },
		{
			name: 'core-is-pure',
			severity: 'error',
			from: { path: core, pathNot: '\\.test\\.ts$' },
			to: {
				pathNot: [core, '^node_modules/(zod|simple-statistics|ml-matrix|culori)/', '^culori/fn$']
			}
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
		...folders
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
