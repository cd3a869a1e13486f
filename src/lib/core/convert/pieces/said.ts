import type { Act } from '../pattern/acts';
import type { Instruction } from '../pattern/follow';

/** One act of a piece, with the instruction of the text that it comes from. */
export interface SaidAct {
	readonly act: Act;
	readonly at: number;
	/** At the same time as the act before it. */
	readonly meanwhile: boolean;
}
/** A word of the text that begins a part of a piece. */
export interface SaidPart {
	readonly part: 'armhole' | 'shoulder' | 'neck' | 'cap' | 'sides';
	readonly at: number;
}
/** A piece of a pattern as its text tells it. */
export interface SaidPiece {
	readonly name: string;
	readonly count: number;
	readonly acts: readonly SaidAct[];
	readonly parts: readonly SaidPart[];
}

const PARTS: readonly (readonly [RegExp, SaidPart['part']])[] = [
	[/shape\s+(?:the\s+)?(?:armhole|underarm)/i, 'armhole'],
	[/(?:shape|divide\s+for)\s+(?:the\s+)?(?:front\s+|back\s+)?neck/i, 'neck'],
	[/shape\s+(?:the\s+)?shoulder/i, 'shoulder'],
	[/shape\s+(?:the\s+)?(?:sleeve\s+)?(?:top|cap)/i, 'cap'],
	[/each\s+side\s+separately|both\s+sides\s+at/i, 'sides']
];

interface Opened {
	name: string;
	count: number;
	acts: SaidAct[];
	parts: SaidPart[];
}
const ENDED = new Set<Act['do']>(['off-all', 'hold-all']);

/** The pieces of a text that was read, by its headings; where it has none, by what is cast on. */
export function piecesSaid(read: readonly Instruction[], source: string): SaidPiece[] {
	const out: Opened[] = [];
	const begin = (name: string): Opened => {
		const opened: Opened = { name, count: 1, acts: [], parts: [] };
		out.push(opened);
		return opened;
	};
	const nameless = () => (out.length === 0 ? 'Piece' : `Piece ${out.length + 1}`);
	/** The piece that is told, another one where it has ended and something is cast on. */
	const now = (act: Act): Opened => {
		const last = out.at(-1);
		const ended = last !== undefined && ENDED.has(last.acts.at(-1)?.act.do ?? 'on');
		return last && !((act.do === 'on' || act.do === 'band') && ended) ? last : begin(nameless());
	};
	for (const [at, one] of read.entries()) {
		const words = source.slice(one.from, one.to);
		for (const [form, part] of PARTS) if (form.test(words)) out.at(-1)?.parts.push({ part, at });
		for (const [k, act] of one.acts.entries()) {
			if (act.do === 'piece') begin(act.name);
			else if (act.do === 'make') {
				const last = out.at(-1);
				if (last) last.count = act.n;
			} else now(act).acts.push({ act, at, meanwhile: one.meanwhile && k === 0 });
		}
	}
	const pairs = (p: Opened) => /fronts|sleeves|pockets|straps/i.test(p.name) && p.count === 1;
	return out.filter((p) => p.acts.length > 0).map((p) => (pairs(p) ? { ...p, count: 2 } : p));
}
