import { EDGES, type Assembly, type StepKind } from '../assembly/assembly';
import type { Joint } from '../assembly/joint';
import type { HandYarn } from '../crank/amounts';
import { Hands, type TableFault } from '../table/hands';
import { endOf, type PieceEnd } from '../crank/piece-tails';
import type { TailUse } from '../crank/tails';
import { foldBag, handle, sewBag } from './bag';
import { bind, closeRow, thumb } from './bind';
import { block } from './block';
import { drawstring, straps, ties } from './chains';
import { closeCrown, closeFlat, hookEnds, joinRing, zip } from './close';
import { crochetEdge } from './crochet-edge';
import { gather } from './gather';
import { closeHeld } from './held';
import { hang, string } from './hang';
import { hem, insideOut } from './hem';
import { joinOpen } from './join-open';
import { dropLadders, latchCard, latchLadders } from './ladders';
import { measure, measureTube } from './measure';
import { fixPom, tieCut, wind } from './pom-pom';
import { rest } from './rest';
import { sew } from './sew';
import { sewOn } from './sew-on';
import { border, sideBySide } from './side-by-side';
import { joinTails, weaveIn } from './tails-in';
import type {
	HandTime,
	Laid,
	Table,
	TableStep,
	TailNeed,
	Technique,
	Tool,
	Work,
	WorkKind
} from './technique';
import { attach, eyes, stuff, tieOff } from './toy';
import { tuck, turnUp } from './tuck';

/** Every technique: a new one is its module and a place here. */
export const TECHNIQUES = new Map<string, Technique>(
	[
		rest,
		joinTails,
		tuck,
		gather,
		zip,
		turnUp,
		closeCrown,
		closeFlat,
		hem,
		insideOut,
		drawstring,
		straps,
		thumb,
		bind,
		closeRow,
		closeHeld,
		joinOpen,
		joinRing,
		hookEnds,
		ties,
		latchCard,
		block,
		dropLadders,
		latchLadders,
		sew,
		crochetEdge,
		stuff,
		tieOff,
		attach,
		eyes,
		foldBag,
		sewBag,
		handle,
		sideBySide,
		border,
		wind,
		tieCut,
		fixPom,
		sewOn,
		string,
		hang,
		weaveIn,
		measureTube,
		measure
	].map((t) => [t.id, t as unknown as Technique])
);

const techniqueOf = (kind: StepKind): Technique => {
	const found = TECHNIQUES.get(kind);
	if (!found) throw new RangeError(`no technique is called ${kind}`);
	return found;
};

/** How a kind of work is said and drawn, by whichever technique declares it. */
export function workOf<K extends WorkKind>(kind: K): Work<K> {
	for (const t of TECHNIQUES.values()) {
		const found = t.works?.[kind];
		if (found) return found as Work<K>;
	}
	throw new RangeError(`no technique says ${kind}`);
}

/** Everything to do after the machine, in order. */
export const stepsOf = (table: Table): TableStep[] =>
	table.assembly.flatMap((s, from) =>
		techniqueOf(s.do)
			.steps(s, table)
			.map((work) => ({ ...work, from }))
	);

/** What an end's tail is left for: by the first step of the assembly that works with it. */
export function tailUse(assembly: Assembly, end: PieceEnd): TailUse {
	for (const s of assembly) {
		const use = techniqueOf(s.do).tail?.(s, end, assembly);
		if (use) return use;
	}
	return 'weave-in';
}

/** The other yarn that an end is worked with; null where that is its own tail. */
export function strandAt(assembly: Assembly, end: PieceEnd): number | null {
	for (const s of assembly) {
		const yarn = techniqueOf(s.do).strand?.(s, end) ?? null;
		if (yarn !== null) return yarn;
	}
	return null;
}

/** The least that a tail left for a use has to be, cm, over loops that lie so wide; 0 for one that is only woven in. */
export function tailNeed(use: TailUse, end: Parameters<TailNeed>[0]): number {
	for (const t of TECHNIQUES.values()) {
		const need = t.needs?.[use];
		if (need) return need(end);
	}
	return 0;
}

/** The reason for a tail's length; null for one that is tied or woven in. */
export function tailWhy(use: TailUse): string | null {
	for (const t of TECHNIQUES.values()) {
		const why = t.tails?.[use];
		if (why !== undefined) return why;
	}
	return null;
}

/** Every two edges that come together, and whether they agree. */
export const jointsOf = (table: Laid): Joint[] =>
	table.assembly.flatMap((s) => [...(techniqueOf(s.do).joints?.(s, table) ?? [])]);

/** Yarn that hands work in, step by step. */
export const handYarnOf = (table: Laid): HandYarn[] =>
	table.assembly.flatMap((s) => [...(techniqueOf(s.do).yarn?.(s, table) ?? [])]);

/**
 * The work after the machine, done in its order on the pieces as they come off it: what could not be done, and what is left
 * live, hanging or open at the end, none for a sound plan; and how many ends were woven in.
 */
export function doneAtTheTable(table: Table): {
	readonly faults: readonly TableFault[];
	readonly woven: number;
} {
	const hands = new Hands(table.pieces);
	for (const [i, s] of table.assembly.entries()) {
		const t = techniqueOf(s.do);
		hands.begin(i, s.do);
		hands.loose += 2 * (t.strands?.(s, table) ?? 0);
		t.does?.(s, hands, table);
		for (const l of hands.pieces)
			for (const edge of EDGES) {
				const end = endOf(l.piece, edge);
				const use = t.tail?.(s, end, table.assembly);
				if (use) hands.useTail(l.piece.id, edge, tailNeed(use, end));
			}
	}
	hands.end();
	return { faults: hands.faults, woven: hands.woven };
}

/** Ends of the strands that hands work in. */
export const handEndsOf = (laid: Laid): number =>
	laid.assembly.reduce((t, s) => t + 2 * (techniqueOf(s.do).strands?.(s, laid) ?? 0), 0);

/** What hands take time for. */
export const handTimeOf = (table: Table): HandTime[] =>
	table.assembly.flatMap((s) => techniqueOf(s.do).minutes?.(s, table) ?? []);

/** What to have at hand, each once with the most that any step needs. */
export function toolsOf(table: Table): Tool[] {
	const all = new Map<string, Tool>();
	for (const s of table.assembly)
		for (const t of techniqueOf(s.do).tools?.(s, table) ?? []) {
			const known = all.get(t.id);
			const count = Math.max(known?.count ?? 0, t.count ?? 0);
			all.set(t.id, count > 0 ? { ...t, count } : t);
		}
	return [...all.values()];
}
