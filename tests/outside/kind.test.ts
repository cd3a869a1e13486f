import { readdirSync, readFileSync } from 'node:fs';
import { expect, it } from 'vitest';

/**
 * What a plan says is derived by code that does not know which recipe it serves: nothing outside `recipe/` asks for a recipe's
 * id, for a field that only some options have, or, outside the pictures, for what comes of it.
 */
const files = (folder: string): string[] =>
	readdirSync(folder, { recursive: true, withFileTypes: true })
		.filter((f) => f.isFile() && /\.(ts|svelte)$/.test(f.name) && !f.name.endsWith('.test.ts'))
		.map((f) => `${f.parentPath}/${f.name}`);
const ASKS = [
	/options\.recipe [!=]==/,
	/recipe [!=]== '[a-z-]+'/,
	/'\w+' in (?:\w+\.)*options\b/,
	/finished\.kind\b/,
	/\bis(?:Hat|Tube|Garment|Thing|Bunting|AssembledPlan)\(/,
	/\bcomesOut\(/
];
const asked = (path: string): string[] =>
	readFileSync(path, 'utf8')
		.split('\n')
		.flatMap((line, i) =>
			ASKS.some((a) => a.test(line)) ? [`${path}:${i + 1} ${line.trim()}`] : []
		);

it('the core asks nowhere outside its recipes', () => {
	// Where the guard itself stands; and pictures, which are chosen by what comes of it.
	const GUARDS = ['core/plan/types.ts'];
	const found = files('src/lib/core')
		.filter((f) => !/core\/(recipe|thing)\//.test(f) && !GUARDS.some((g) => f.endsWith(g)))
		.flatMap(asked);
	expect(found).toEqual([]);
});

it('files, store, worker, server and paper ask nowhere at all', () => {
	// Migrations speak of what there was.
	const found = ['file', 'store', 'worker', 'server', 'paper', 'device']
		.flatMap((f) => files(`src/lib/${f}`))
		.filter((f) => !f.endsWith('file/upgrade.ts'))
		.flatMap(asked);
	expect(found).toEqual([]);
});

it('the views ask in their pictures alone, which are chosen by what comes of it', () => {
	const found = files('src/lib/ui')
		.filter((f) => !f.includes('ui/pictures/'))
		.concat(files('src/routes'))
		.flatMap(asked);
	expect(found).toEqual([]);
});

it('a question is found where one is asked', () => {
	const lines = [
		"if (options.recipe === 'sock')",
		"'measures' in project.options",
		'isHat(project)'
	];
	for (const l of lines) expect(ASKS.some((a) => a.test(l))).toBe(true);
});
