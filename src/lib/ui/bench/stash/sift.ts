import { converter } from 'culori';
import type { Yarn } from '$lib/core/model/bench';
import type { Fibre, Verdict } from '$lib/core/model/kinds';
import { effectiveTex } from '$lib/core/bench/yarn/tex';
import { workingClass } from '$lib/core/bench/yarn/held-together';

export const SHOWN = ['all', 'on-hand', 'measured', 'unmeasured', 'phases', 'together'] as const;
export const SORTS = ['name', 'thickness', 'amount', 'colour'] as const;

export interface Sieve {
	/** Words that must all be found in a yarn's names, fibres or class. */
	readonly find: string;
	readonly weightClass: number | null;
	readonly fibre: Fibre | null;
	readonly show: (typeof SHOWN)[number];
	readonly sort: (typeof SORTS)[number];
}
export const OPEN_SIEVE: Sieve = {
	find: '',
	weightClass: null,
	fibre: null,
	show: 'all',
	sort: 'name'
};

/** A yarn with what the list shows of it and is sifted by. */
export interface Stashed {
	readonly yarn: Yarn;
	readonly grams: number;
	/** Whether its gauge was measured on the chosen machine. */
	readonly measured: boolean;
	/** The maker's newest verdict on the chosen machine. */
	readonly verdict: Verdict | null;
}

const oklch = converter('oklch');

/** Place of a colour in a row of all colours: greys by lightness first, then round the hues. */
function hueKey(colour: string): number {
	const c = oklch(colour);
	if (!c) return 0;
	return c.c < 0.03 || c.h === undefined ? -1 + c.l : c.h;
}

const words = ({ yarn }: Stashed): string =>
	[
		yarn.name,
		yarn.colourName,
		...yarn.fibres.map((f) => f.fibre),
		...yarn.phases.map((p) => p.colourName),
		`class ${workingClass(yarn)}`
	]
		.join(' ')
		.toLowerCase();

const SHOWS: Record<Sieve['show'], (s: Stashed) => boolean> = {
	all: () => true,
	'on-hand': (s) => s.grams > 0,
	measured: (s) => s.measured,
	unmeasured: (s) => !s.measured,
	phases: (s) => s.yarn.phases.length > 0,
	together: (s) => s.yarn.heldTogether.length > 0
};

const byName = (a: Stashed, b: Stashed): number =>
	a.yarn.name.localeCompare(b.yarn.name) || a.yarn.colourName.localeCompare(b.yarn.colourName);
const ORDER: Record<Sieve['sort'], (a: Stashed, b: Stashed) => number> = {
	name: byName,
	thickness: (a, b) => effectiveTex(a.yarn) - effectiveTex(b.yarn) || byName(a, b),
	amount: (a, b) => b.grams - a.grams || byName(a, b),
	colour: (a, b) => hueKey(a.yarn.colour) - hueKey(b.yarn.colour) || byName(a, b)
};

/** The yarns that pass a sieve, in its order. */
export function sift(stash: readonly Stashed[], sieve: Sieve): Stashed[] {
	const wanted = sieve.find.trim().toLowerCase().split(/\s+/).filter(Boolean);
	return stash
		.filter(
			(s) =>
				(sieve.weightClass === null || workingClass(s.yarn) === sieve.weightClass) &&
				(sieve.fibre === null || s.yarn.fibres.some((f) => f.fibre === sieve.fibre)) &&
				SHOWS[sieve.show](s) &&
				(wanted.length === 0 || wanted.every((w) => words(s).includes(w)))
		)
		.sort(ORDER[sieve.sort]);
}
