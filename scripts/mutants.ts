/**
 * How much of core the tests hold: seeded small changes, one at a time, each of which some test should notice.
 *   npm run mutants -- [count] [seed] [--whole] [--from=N]
 * `--from` leaves out the first N of the count, to go on where a run was stopped.
 * Works in a copy of the tree; prints every change that no test noticed.
 */
import { execFileSync, spawnSync } from 'node:child_process';
import {
	mkdtempSync,
	readdirSync,
	readFileSync,
	rmSync,
	symlinkSync,
	writeFileSync
} from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join, resolve } from 'node:path';
import { randomLcg } from 'd3-random';
import ts from 'typescript';

const COUNT = Number(process.argv[2] ?? 200);
const SEED = Number(process.argv[3] ?? 1);
const WHOLE = process.argv.includes('--whole');
const FROM = Number(process.argv.find((a) => a.startsWith('--from='))?.slice(7) ?? 0);
/** Longer than any related tests take: what hangs was noticed, ms. */
const MOST_MS = 240_000;

interface Mutant {
	readonly file: string;
	readonly from: number;
	readonly to: number;
	readonly text: string;
	readonly line: number;
}

const SWAPS = new Map<ts.SyntaxKind, string>([
	[ts.SyntaxKind.PlusToken, '-'],
	[ts.SyntaxKind.MinusToken, '+'],
	[ts.SyntaxKind.AsteriskToken, '/'],
	[ts.SyntaxKind.SlashToken, '*'],
	[ts.SyntaxKind.LessThanToken, '<='],
	[ts.SyntaxKind.LessThanEqualsToken, '<'],
	[ts.SyntaxKind.GreaterThanToken, '>='],
	[ts.SyntaxKind.GreaterThanEqualsToken, '>'],
	[ts.SyntaxKind.EqualsEqualsEqualsToken, '!=='],
	[ts.SyntaxKind.ExclamationEqualsEqualsToken, '==='],
	[ts.SyntaxKind.AmpersandAmpersandToken, '||'],
	[ts.SyntaxKind.BarBarToken, '&&']
]);
const CALLS: Readonly<Record<string, string>> = {
	'Math.max': 'Math.min',
	'Math.min': 'Math.max',
	'Math.floor': 'Math.ceil',
	'Math.ceil': 'Math.floor'
};

/** Every place in a file that can be changed, with what it becomes. */
function mutantsOf(file: string): Mutant[] {
	const text = readFileSync(file, 'utf8');
	const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true);
	const out: Mutant[] = [];
	const add = (node: ts.Node, to: string) =>
		out.push({
			file,
			from: node.getStart(),
			to: node.getEnd(),
			text: to,
			line: source.getLineAndCharacterOfPosition(node.getStart()).line + 1
		});
	const visit = (node: ts.Node): void => {
		if (ts.isTypeNode(node) || ts.isImportDeclaration(node)) return;
		if (ts.isBinaryExpression(node)) {
			const swap = SWAPS.get(node.operatorToken.kind);
			if (swap) add(node.operatorToken, swap);
		}
		if (ts.isNumericLiteral(node)) add(node, String(Number(node.text) + 1));
		if (node.kind === ts.SyntaxKind.TrueKeyword) add(node, 'false');
		if (node.kind === ts.SyntaxKind.FalseKeyword) add(node, 'true');
		if (ts.isConditionalExpression(node)) add(node.condition, `!(${node.condition.getText()})`);
		if (ts.isIfStatement(node)) add(node.expression, `!(${node.expression.getText()})`);
		const call = ts.isPropertyAccessExpression(node) ? CALLS[node.getText()] : undefined;
		if (call) add(node, call);
		ts.forEachChild(node, visit);
	};
	visit(source);
	return out;
}

const root = resolve(import.meta.dirname, '..');
const copy = mkdtempSync(join(tmpdir(), 'mutants-'));
execFileSync('bash', [
	'-c',
	`git -C '${root}' ls-files -z | tar -C '${root}' --null -T - -cf - | tar -C '${copy}' -xf -`
]);
symlinkSync(join(root, 'node_modules'), join(copy, 'node_modules'));
symlinkSync(join(root, '.svelte-kit'), join(copy, '.svelte-kit'));

const files = readdirSync(join(copy, 'src/lib/core'), { recursive: true, withFileTypes: true })
	.filter((f) => f.isFile() && f.name.endsWith('.ts') && !f.name.endsWith('.test.ts'))
	.map((f) => join(f.parentPath, f.name))
	.sort();
const all = files.flatMap(mutantsOf);
const next = randomLcg(SEED / 2 ** 16);
const chosen = Array.from({ length: COUNT }, () => all[Math.floor(next() * all.length)]!);

/** Tests that run long: asked only with `--whole`, so that without it the share is too low, if anything. */
const LONG = ['clicks', 'load', 'controls', 'paper', 'make', 'transfer', 'run-writer'].map(
	(name) => `--exclude=**/${name}.test.ts`
);

/** Whether some test that knows the file fails. */
function noticed(m: Mutant): boolean {
	const was = readFileSync(m.file, 'utf8');
	writeFileSync(m.file, was.slice(0, m.from) + m.text + was.slice(m.to));
	try {
		const run = (...args: readonly string[]) =>
			spawnSync(
				'npx',
				[
					'vitest',
					...args,
					'--run',
					'--bail=1',
					'--passWithNoTests',
					'--no-isolate',
					'--pool=threads'
				],
				{ cwd: copy, timeout: MOST_MS, stdio: 'ignore' }
			).status !== 0;
		const schema = () =>
			spawnSync('npx', ['tsx', 'scripts/schema.ts', '--check'], { cwd: copy, stdio: 'ignore' })
				.status !== 0;
		return (
			(/options|model\//.test(m.file) && schema()) ||
			run('run', dirname(m.file), 'tests/regression', 'tests/outside', 'words/every-recipe') ||
			run('related', m.file, ...LONG) ||
			(WHOLE && run('related', m.file))
		);
	} finally {
		writeFileSync(m.file, was);
	}
}

let found = 0;
for (const [i, m] of chosen.slice(FROM).entries()) {
	const hit = noticed(m);
	if (hit) found++;
	const was = readFileSync(m.file, 'utf8');
	console.log(
		`${hit ? 'noticed' : 'MISSED '} ${found} of ${i + 1}: ${m.file.slice(copy.length + 1)}:${m.line} ${was.slice(m.from, m.to).slice(0, 60)} → ${m.text.slice(0, 60)}`
	);
}
rmSync(copy, { recursive: true, force: true });
console.log(
	`${found} of ${COUNT - FROM} noticed, ${Math.round((100 * found) / (COUNT - FROM))} %, of ${all.length} places`
);
