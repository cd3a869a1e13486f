import type { Machine, Yarn } from '../model/bench';
import type { Options } from '../model/options';
import { printValue } from '../quantity/print';
import type { Units } from '../quantity/units';
import type { Control } from './control';

/**
 * The order slip of a recipe: one sentence in the maker's words. `{head}` is a phrase that can change, named by its option;
 * `{stripes+fill}` is one phrase of several options, an option standing for all that lies in it; `{machine}` is the ring.
 * What stands in square brackets is left out while none of its options is asked for.
 */
export type Phrase<W extends Options = Options> = string | ((options: W) => string);

/** A phrase that can change. */
export interface SlipPhrase {
	readonly id: string;
	/** What it is, for who does not see where it stands. */
	readonly label: string;
	/** What it says now. */
	readonly text: string;
	/** What it opens to; none for the ring. */
	readonly controls: readonly Control[];
}
export type SlipPart = string | SlipPhrase;
export interface Slip {
	/** Words and phrases in order. */
	readonly parts: readonly SlipPart[];
	/** What is seldom changed. */
	readonly rest: readonly SlipPhrase[];
}

interface Known {
	readonly machine: Machine;
	readonly machines: readonly Machine[];
	readonly yarns: readonly Yarn[];
	readonly units: Units;
}

/** Names said one by one; of more than that, how many. */
const MOST_NAMES = 3;
/** Letters of a stripe line that is said as it stands. */
const MOST_LINE = 24;

export const listed = (names: readonly string[]): string =>
	names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;

/** A yarn by its colour, and by its own name too where that alone could be another. */
function yarnName(id: string, yarns: readonly Yarn[]): string {
	const yarn = yarns.find((y) => y.id === id);
	if (!yarn) return 'a yarn that is gone';
	const alike = yarns.some((y) => y.id !== id && y.colourName === yarn.colourName);
	return alike ? `${yarn.colourName} ${yarn.name}` : yarn.colourName;
}

function namesOf(ids: readonly unknown[], yarns: readonly Yarn[]): string {
	const names = [...new Set(ids.map((id) => yarnName(String(id), yarns)))];
	const more = names.length - MOST_NAMES + 1;
	return names.length > MOST_NAMES
		? `${names.slice(0, MOST_NAMES - 1).join(', ')} and ${more} more`
		: listed(names);
}

/** A stripe line as one would say it: what has one colour is plain, and a long one is only counted. */
function lineText(line: string): string {
	const letters = new Set(line.replace(/[^A-L]/g, ''));
	if (letters.size < 2) return 'plain';
	return `striped ${line.length > MOST_LINE ? `by a line of ${line.split(',').length} parts` : line}`;
}

const lower = (label: string): string =>
	/^\p{Lu}\p{L}/u.test(label) && !/^\p{Lu}{2}/u.test(label)
		? label.charAt(0).toLowerCase() + label.slice(1)
		: label;

/** A figure of an option in words: a `length` in the maker's unit, or so many of what it counts. */
export function sayCount(value: number, unit: string, units: Units): string {
	if (unit === 'length') return printValue(Math.round(value * 10) / 10, 'length', units);
	return unit ? `${value} ${value === 1 ? unit.replace(/s$/, '') : unit}` : String(value);
}

function numberText(c: Extract<Control, { kind: 'number' }>, { units }: Known): string | null {
	const value = c.value ?? c.usual?.value;
	if (value === undefined) return null;
	if (typeof value === 'string') return value;
	const named = c.named.find((n) => n.value === value);
	const plain = sayCount(value, c.unit, units);
	if (!named) return plain;
	return named.cm === undefined ? named.label : `${named.label} ${plain}`;
}

/** What an option says now, without what lies in it; null for nothing. */
function plainText(c: Control, known: Known): string | null {
	switch (c.kind) {
		case 'number':
			return numberText(c, known);
		case 'choice': {
			const chosen = c.choices.find((x) => x.id === c.chosen);
			if (!chosen) return null;
			const says = chosen.says ?? lower(chosen.label);
			return chosen.cm === undefined
				? says
				: `${says} ${printValue(chosen.cm, 'length', known.units)}`;
		}
		case 'yarn':
			return yarnName(c.value, known.yarns);
		case 'again':
			return null;
		case 'editor':
			if (c.editor === 'yarns') return namesOf(c.value as readonly unknown[], known.yarns);
			return typeof c.value === 'string' ? lineText(c.value) : null;
	}
}

/** Left as usual, it is not said beside others. */
const isUsual = (c: Control): boolean => c.kind === 'number' && c.value === null;
const nameIn = (c: Control): string => c.key.slice(c.key.lastIndexOf('.') + 1);

/** What several options say together: the first one's words, the others where it has a place for them, or after it. */
function textOf(controls: readonly Control[], known: Known): string {
	const used = new Set<Control>();
	const whole = (c: Control): string => {
		used.add(c);
		const plain = plainText(c, known) ?? '';
		return (c.says ?? '{}').replaceAll('{}', plain).replace(/\{(\w+)\}/g, (_, name: string) => {
			const inner = controls.find((x) => nameIn(x) === name && x !== c);
			return inner ? whole(inner) : '';
		});
	};
	const said: string[] = [];
	for (const [i, c] of controls.entries())
		if (!used.has(c) && (i === 0 || !isUsual(c))) said.push(whole(c));
	return said.filter(Boolean).join(', ');
}

/** A ring by its pins, and by its name where another has as many. */
const machineText = ({ machine, machines }: Known): string =>
	machines.some((m) => m.id !== machine.id && m.pins === machine.pins)
		? machine.name
		: `${machine.pins} pins`;

const under = (c: Control, key: string): boolean => c.key === key || c.key.startsWith(`${key}.`);

function phraseOf(id: string, controls: readonly Control[], known: Known): SlipPhrase {
	const [first] = controls;
	const what = first?.what.replace('…', '') ?? '';
	const label = first?.label || what.charAt(0).toUpperCase() + what.slice(1);
	return { id, label, text: textOf(controls, known) || 'none', controls };
}

const ringOf = (known: Known): SlipPhrase => ({
	id: 'machine',
	label: 'On',
	text: machineText(known),
	controls: []
});

/** Everything that is not in the sentence, each option with what lies in it. */
function restOf(controls: readonly Control[], known: Known): SlipPhrase[] {
	const keys = [...new Set(controls.map((c) => c.key.split('.')[0] ?? c.key))];
	return keys.map((key) =>
		phraseOf(
			key,
			controls.filter((c) => under(c, key)),
			known
		)
	);
}

/**
 * A plan's order slip: the recipe's sentence with what its options say now, and after it what is seldom changed. Every option
 * that is asked for stands in it once, but for those in a table beside the picture.
 */
export function slipOf<W extends Options>(
	phrase: Phrase<W>,
	options: W,
	controls: readonly Control[],
	known: Known
): Slip {
	const asked = controls.filter((c) => c.group === 'slip');
	const left = new Set(asked);
	const sentence = typeof phrase === 'string' ? phrase : phrase(options);
	const phrases = (text: string): SlipPart[] =>
		text.split(/[{}]/).flatMap((bit, i): SlipPart[] => {
			if (i % 2 === 0) return bit ? [bit] : [];
			if (bit === 'machine') return [ringOf(known)];
			const mine = bit.split('+').flatMap((k) => asked.filter((c) => under(c, k)));
			for (const c of mine) left.delete(c);
			return mine.length > 0 ? [phraseOf(bit, mine, known)] : [];
		});
	const parts = sentence.split(/[[\]]/).flatMap((bit, i): SlipPart[] => {
		const here = phrases(bit);
		return i % 2 === 1 && here.every((p) => typeof p === 'string') ? [] : here;
	});
	const rest = restOf(
		asked.filter((c) => left.has(c)),
		known
	);
	const ring = parts.some((p) => typeof p !== 'string' && p.id === 'machine');
	return { parts, rest: ring ? rest : [ringOf(known), ...rest] };
}

const said = (part: SlipPart): string => (typeof part === 'string' ? part : part.text);
/** The sentence as it is read aloud, up to what is seldom changed. */
export const slipText = ({ parts }: Slip): string => parts.map(said).join('');
