import { entryAt } from '../../core/quantity/sure';
import {
	DRIES,
	FIBRES,
	WASHES,
	yarn as yarnSchema,
	type Phase,
	type Yarn
} from '../../core/model/bench';
import { parseYarnMetres } from '../../core/quantity/parse';
import { texFrom } from '../../core/bench/yarn/tex';
import { usualYarn } from '../../core/bench/yarn/usual';
import { classOfTex } from '../../core/bench/yarn/weight-class';
import type { Cell, Cells, Column } from './columns';

export const YARN_COLUMNS: readonly Column[] = [
	{ name: 'name', needed: true },
	{ name: 'colour name', needed: true },
	{ name: 'colour' },
	{ name: 'class' },
	{ name: 'length of 100 g', unit: 'm', needed: true },
	{ name: 'fibres' },
	{ name: 'on hand', unit: 'g' },
	{ name: 'ball', unit: 'g' },
	{ name: 'strands' },
	{ name: 'drawn up' },
	{ name: 'surface' },
	{ name: 'stretch' },
	{ name: 'wraps in an inch' },
	{ name: 'wash' },
	{ name: 'dry' },
	{ name: 'phases' },
	{ name: 'id' }
];

export const yarnCells = (y: Yarn): Cell[] => [
	y.name,
	y.colourName,
	y.colour,
	y.weightClass,
	y.metresPer100g,
	y.fibres.map((f) => `${f.percent} % ${f.fibre}`).join(', '),
	y.gramsOnHand,
	y.ballGrams,
	y.strands,
	y.strength,
	y.surface,
	y.stretch,
	y.wrapsPerInch,
	y.wash,
	y.dry,
	y.phases.map((p) => `${p.colourName} ${p.colour} ${p.metres} m`).join('; '),
	y.id
];

/** What a yarn is known by where no id is given. */
export const yarnKey = (y: Pick<Yarn, 'name' | 'colourName' | 'strands'>): string =>
	`${y.name}|${y.colourName}|${y.strands}`.toLowerCase();

function fibresOf(cells: Cells): Yarn['fibres'] | undefined {
	const typed = cells.raw('fibres');
	if (typed === '') return undefined;
	const wrong = () =>
		cells.refuse('fibres', {
			code: 'not-understood',
			typed,
			wanted: `75 % wool, 25 % nylon (${FIBRES.join(', ')})`
		});
	const fibres: Yarn['fibres'] = [];
	for (const part of typed.toLowerCase().split(/\s*[,;+]\s+|\s*[;+]\s*/)) {
		const m = /^(\d+(?:[.,]\d+)?)\s*%?\s*([a-z]+)$/.exec(part.trim());
		const fibre = FIBRES.find((f) => f === m?.[2]);
		const percent = Number(m?.[1]?.replace(',', '.'));
		if (!fibre || !(percent > 0) || percent > 100) return wrong();
		fibres.push({ fibre, percent });
	}
	return fibres.length > 6 ? wrong() : fibres;
}

/** One phase as `name #rrggbb 40 m`; a name may hold anything. */
const PHASE = /\s*(\S(?:[\s\S]*?\S)??)\s+(#[0-9a-f]{6})\s+([\d.,]+\s*[a-z]*)\s*(?:;|$)/iy;

function phasesOf(cells: Cells): Phase[] | undefined {
	const typed = cells.raw('phases');
	if (typed === '') return undefined;
	const wrong = () =>
		cells.refuse('phases', {
			code: 'not-understood',
			typed,
			wanted: 'kelp #59683a 40 m; foam #dfe6e2 20 m'
		});
	const phases: Phase[] = [];
	PHASE.lastIndex = 0;
	while (PHASE.lastIndex < typed.length) {
		const m = PHASE.exec(typed);
		const metres = m && parseYarnMetres(m[3]!, 'cm');
		if (!m || !metres?.ok || metres.value > 2000 || metres.value < 0.1 || m[1]!.length > 80)
			return wrong();
		phases.push({ colourName: m[1]!, colour: m[2]!, metres: metres.value });
	}
	return phases.length > 24 ? wrong() : phases;
}

/** Fills what a table leaves out for a yarn that is new here. */
const blank = (metresPer100g: number): Omit<Yarn, 'id' | 'name' | 'colourName'> => ({
	colour: '#8a949c',
	weightClass: classOfTex(texFrom(metresPer100g)),
	metresPer100g,
	fibres: [{ fibre: 'other', percent: 100 }],
	gramsOnHand: 0,
	...usualYarn()
});

/** One line of a table of yarns. A cell left empty keeps what is known of the yarn here, or takes the usual. */
export function readYarn(
	cells: Cells,
	known: (wanted: { id?: string; key: string }) => Yarn | undefined,
	newId: () => string
): Yarn | undefined {
	const name = cells.text('name', 80, 'Breakwater');
	const colourName = cells.text('colour name', 80, 'foam');
	const metresPer100g = cells.number('length of 100 g', 10, 2000, '200');
	const strands = cells.whole('strands', 1, 4) ?? 1;
	const colour = cells.raw('colour');
	if (colour !== '' && !/^#[0-9a-f]{6}$/i.test(colour))
		cells.refuse('colour', { code: 'not-understood', typed: colour, wanted: '#1f4e63' });
	const id = cells.text('id', 64);
	const given = {
		weightClass: cells.whole('class', 0, 7),
		fibres: fibresOf(cells),
		gramsOnHand: cells.number('on hand', 0, 100_000),
		ballGrams: cells.number('ball', 5, 2000),
		strength: cells.choice('drawn up', ['strong', 'weak'] as const),
		surface: cells.choice('surface', ['smooth', 'fuzzy'] as const),
		stretch: cells.choice('stretch', ['stretchy', 'little'] as const),
		wrapsPerInch: cells.number('wraps in an inch', 3, 100),
		wash: cells.choice('wash', WASHES),
		dry: cells.choice('dry', DRIES),
		phases: phasesOf(cells)
	};
	if (name === undefined || colourName === undefined || metresPer100g === undefined) return;
	if (cells.refused) return;
	const old = known({ id, key: yarnKey({ name, colourName, strands }) });
	const set = Object.fromEntries(Object.entries(given).filter(([, v]) => v !== undefined));
	const made = yarnSchema.safeParse({
		...blank(metresPer100g),
		...old,
		...set,
		...(colour === '' ? {} : { colour }),
		id: old?.id ?? id ?? newId(),
		name,
		colourName,
		metresPer100g,
		strands
	});
	if (made.success) return made.data;
	return cells.refuse('name', { code: 'invalid', expected: entryAt(made.error.issues, 0).message });
}
