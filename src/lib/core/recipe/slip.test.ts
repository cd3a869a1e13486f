import { expect, it } from 'vitest';
import { everyChange } from '../../../../tests/support/changes';
import { benchWith } from '../../../../tests/support/every';
import { anyProject } from '../../../../tests/support/some-options';
import type { Bench, Project } from '../model/project';
import { plan } from '../plan';
import { recipeFor, RECIPES } from '.';
import { controlsOf, type Control } from './controls';
import { slipOf, slipText, type Slip } from './slip';

interface Read {
	readonly where: string;
	readonly slip: Slip;
	readonly asked: readonly string[];
	readonly controls: readonly Control[];
}
function slipFor(project: Project, bench: Bench): Omit<Read, 'where'> | null {
	const made = plan(project, bench);
	const recipe = recipeFor(project.options)!;
	if (!made.ok) return null;
	const controls = controlsOf(recipe.options, project.options, { ...made, bench });
	const { machines, yarns } = bench;
	const known = { machine: made.machine, machines, yarns, units: 'cm' as const };
	return {
		slip: slipOf(recipe.phrase, project.options, controls, known),
		controls,
		asked: controls.filter((c) => c.group === 'slip').map((c) => c.key)
	};
}
const phrases = ({ parts, rest }: Slip) => [...parts.filter((p) => typeof p !== 'string'), ...rest];

/** Whatever is set: a sentence that can be read aloud, with every option in it once. */
function holds({ where, slip, asked }: Read): void {
	const text = slipText(slip);
	const all = phrases(slip);
	expect(slip.parts.filter((p) => typeof p !== 'string').length, where).toBeLessThanOrEqual(8);
	expect(text.split(/\s+/).length, `${where}: ${text}`).toBeLessThanOrEqual(45);
	expect(text, where).toMatch(/^[A-Z1-9]/);
	for (const said of [text, ...all.map((p) => p.text), ...all.map((p) => p.label)])
		expect(said, `${where}: ${text}`).not.toMatch(
			/[{}[\]]|undefined|null|NaN|, ?,|\s[,.]| {2}|^$|^\s|\s$/
		);
	expect(all.flatMap((p) => p.controls.map((c) => c.key)).sort(), where).toEqual([...asked].sort());
	expect(all.filter((p) => p.id === 'machine').length, where).toBe(1);
	expect(new Set(all.map((p) => p.id)).size, where).toBe(all.length);
}

it('every recipe reads as one sentence of at most 8 phrases and 45 words, however it is set', () => {
	const bench = benchWith(48);
	let read = 0;
	for (const { recipe, key, value, project } of everyChange(bench)) {
		const found = slipFor(project, bench);
		if (!found) continue;
		holds({ where: `${recipe} ${key ?? ''} ${JSON.stringify(value)}`, ...found });
		read++;
	}
	expect(read).toBeGreaterThan(10 * RECIPES.length);
});

it('so does anything that a file may hold', () => {
	let read = 0;
	for (let seed = 1; seed <= 400; seed++) {
		const { project, bench } = anyProject(seed);
		const found = slipFor(project, bench);
		if (!found) continue;
		holds({ where: `seed ${seed} ${project.options.recipe}`, ...found });
		read++;
	}
	expect(read).toBeGreaterThan(200);
});

it('a phrase says what it is set to, and another when it is set to another', () => {
	const bench = benchWith(48);
	const changes = everyChange(bench);
	const mute = new Set<string>();
	for (const { recipe, key, value, project } of changes) {
		if (key === null) continue;
		const plainly = changes.find((c) => c.recipe === recipe && c.key === null)!;
		const [was, is] = [slipFor(plainly.project, bench), slipFor(project, bench)];
		if (!was || !is) continue;
		const words = ({ slip }: Omit<Read, 'where'>) =>
			[slipText(slip), ...slip.rest.map((r) => `${r.label} ${r.text}`)].join(' ');
		// The usual figure reads the same, set by hand or left to be so; a shuffle has no words.
		const c = was.controls.find((x) => x.key === key);
		const stands =
			c?.kind === 'again' ||
			(c?.kind === 'number' && (c.value ?? c.usual?.value) === value) ||
			(c?.kind === 'choice' && c.choices.find((x) => x.value === value)?.id === c.chosen) ||
			JSON.stringify(project.options) === JSON.stringify(plainly.project.options);
		if (!stands && words(was) === words(is)) mute.add(`${recipe} ${key} ${JSON.stringify(value)}`);
	}
	expect([...mute]).toEqual([]);
});
