import type { Assembly, AssemblyStep } from '../assembly/assembly';
import type { Border, Eyes, FlatClosing } from '../model/kinds';
import type { Tail } from '../amounts/tails';
import type { RowByRow } from '../crank/row-by-row';
import type { EdgeCount } from '../garment/figures';
import type { SeamCheck } from '../garment/seams';
import type { RunSheet } from '../crank/runsheet';
import type { Joint } from '../thing/joint';
import { endsOf, joinsOf } from './ends';

/** Usual cautions, shown at the step where they matter. Sentences in `words/cautions.ts`. */
export type CautionCode =
	| 'hooks-and-scissors'
	| 'pinch'
	| 'strain'
	| 'baby-sleep'
	| 'hot-water'
	| 'garland'
	| 'cords'
	| 'slippery'
	| 'under-three'
	| 'light-loads';

/** One step after the machine, in order. Sentences in `words/steps.ts`. */
export type FinishStep = { readonly id: string; readonly caution?: CautionCode } &
	/** Stretched and left to lie, or damped and pinned out; so many like it. */
	(
		| {
				readonly do: 'rest';
				readonly as: 'tube' | 'flag' | 'cord' | 'piece';
				readonly count: number;
		  }
		| { readonly do: 'join-tails'; readonly how: 'tie' | 'weave'; readonly joins: number }
		| {
				readonly do: 'pick-up';
				readonly edge: 'cast-on' | 'cast-off';
				readonly loops: number;
				readonly tailCm: number;
				readonly waste: boolean;
		  }
		| { readonly do: 'waste-off'; readonly edge: 'cast-on' | 'cast-off' }
		| {
				readonly do: 'gather';
				readonly edge: 'cast-on' | 'cast-off';
				readonly inner: boolean;
				readonly loops: number;
				/** One of two ends that meet. */
				readonly tucked: boolean;
		  }
		| { readonly do: 'tuck'; readonly atRow: number; readonly layerCm: number }
		| { readonly do: 'meet' }
		| { readonly do: 'zip'; readonly loops: number; readonly tailCm: number }
		| { readonly do: 'turn-up'; readonly heightCm: number }
		| {
				readonly do: 'close-crown';
				readonly loops: number;
				readonly how: FlatClosing;
				/** Whether colours join somewhere. */
				readonly joins: boolean;
		  }
		| {
				readonly do: 'close-flat';
				readonly edge: 'cast-on' | 'cast-off';
				readonly loops: number;
				readonly waste: boolean;
				readonly how: FlatClosing;
				/** A toe: drawn in before it is closed. */
				readonly toe: boolean;
				readonly joins: boolean;
				/** Of the tail it is closed with; none where that is not known. */
				readonly tailCm?: number;
				readonly copies: number;
				/** The piece, where there are several. */
				readonly name?: string;
		  }
		| { readonly do: 'hem'; readonly rows: number; readonly high: number }
		| { readonly do: 'inside-out' }
		| { readonly do: 'drawstring'; readonly chains: number; readonly joins: boolean }
		| { readonly do: 'straps'; readonly chains: number }
		| {
				readonly do: 'thumb';
				readonly atRow: number;
				readonly stitches: number;
				readonly copies: number;
		  }
		| {
				readonly do: 'bind';
				readonly edge: 'cast-on' | 'cast-off';
				readonly loops: number;
				readonly copies: number;
				/** Crochet stitches to a loop. */
				readonly perLoop: 1 | 2;
				readonly name?: string;
		  }
		| {
				readonly do: 'join-ring';
				readonly loops: number;
				readonly twist: boolean;
				readonly joins: boolean;
		  }
		| { readonly do: 'hook-ends' }
		| { readonly do: 'ties'; readonly chains: number }
		| {
				readonly do: 'draw-tip';
				readonly piece: string;
				readonly count: number;
				readonly loops: number;
		  }
		| { readonly do: 'string'; readonly flags: number; readonly cm: number }
		| { readonly do: 'block'; readonly panels: number; readonly tubes: number }
		/** Groups held on waste yarn while the piece was shaped, closed with a chain. */
		| {
				readonly do: 'close-held';
				readonly name: string;
				readonly loops: number;
				readonly copies: number;
		  }
		| {
				readonly do: 'latch-card';
				readonly piece: string;
				readonly gaps: number;
				readonly columns: number;
		  }
		| { readonly do: 'latch-ladders'; readonly between: readonly [number, number] }
		| { readonly do: 'sew'; readonly check: SeamCheck }
		/** The loops of a piece's first or last row closed, before it is blocked or sewn. */
		| {
				readonly do: 'bind-edge';
				readonly edge: 'cast-on' | 'cast-off';
				readonly name: string;
				readonly loops: number;
				readonly tailCm: number;
				readonly waste: boolean;
				readonly copies: number;
		  }
		/** A cord's few loops: the yarn drawn through them. */
		| {
				readonly do: 'draw-end';
				readonly edge: 'cast-on' | 'cast-off';
				readonly loops: number;
				readonly copies: number;
		  }
		| { readonly do: 'crochet-edge'; readonly count: EdgeCount }
		| {
				readonly do: 'gather-piece';
				readonly name: string;
				readonly edge: 'cast-on' | 'cast-off';
				readonly loops: number;
				readonly tailCm: number;
				readonly waste: boolean;
				readonly copies: number;
		  }
		| { readonly do: 'fold-bag'; readonly missRows: number }
		| {
				readonly do: 'sew-bag';
				readonly a: number;
				readonly b: number;
				readonly strandCm: number;
				readonly verdict: Joint['verdict'];
		  }
		| {
				readonly do: 'handle';
				readonly rows: number;
				readonly longCm: number;
				readonly wideCm: number;
		  }
		| {
				readonly do: 'side-by-side';
				readonly times: number;
				readonly rows: number;
				readonly strandCm: number;
				readonly joins: boolean;
		  }
		| {
				readonly do: 'border';
				readonly kind: Border;
				readonly loops: number;
				readonly stitches: number;
				readonly of: number;
		  }
		/** `nth` is the swelling from its first row, from 1; 0 where there is one. */
		| {
				readonly do: 'stuff';
				readonly name: string;
				readonly nth: number;
				readonly cm3: number;
				readonly grams: number;
				readonly copies: number;
		  }
		| {
				readonly do: 'tie-off';
				readonly name: string;
				readonly atRow: number;
				readonly loops: number;
				readonly copies: number;
		  }
		| {
				readonly do: 'attach';
				readonly name: string;
				readonly host: string;
				readonly row: number;
				readonly openCm: number;
				readonly loops: number;
				readonly flat: boolean;
				readonly copies: number;
				readonly pair: boolean;
				readonly twice: boolean;
		  }
		| { readonly do: 'eyes'; readonly kind: Eyes; readonly count: number }
		| {
				readonly do: 'wind';
				readonly wraps: number;
				readonly cardCm: number;
				readonly count: number;
		  }
		| { readonly do: 'tie-cut'; readonly cm: number }
		| { readonly do: 'fix-pom' }
		| {
				readonly do: 'hang';
				readonly number: number;
				readonly spacingCm: number;
				readonly spanCm: number;
				readonly sagCm: number;
				readonly loopCm: number;
		  }
		/** Knots lie between two layers, or on the wrong side. */
		| { readonly do: 'weave-in'; readonly ends: number; readonly lined: boolean }
		| { readonly do: 'measure' }
	);

/** The id of the finishing step that an assembly step becomes. */
export function stepIdOf(s: AssemblyStep): string {
	switch (s.do) {
		case 'gather':
		case 'bind':
			return `${s.do}-${s.edge}`;
		case 'close-flat':
			return `close-${s.edge}`;
		default:
			return s.do;
	}
}

/** What the steps need to know of a piece. */
export interface FinishedPiece {
	readonly id: string;
	readonly count: number;
	readonly tails: readonly Tail[];
	readonly stitches: { readonly first: number; readonly last: number };
	readonly sheet: Pick<RunSheet, 'legs'>;
	readonly rowByRow: Pick<RowByRow, 'stretches'>;
}

export interface FinishInput {
	readonly assembly: Assembly;
	readonly pieces: readonly FinishedPiece[];
	readonly joinTails: 'tie' | 'weave';
	readonly layerFlatCm: number;
	/** Of all flags side by side; 0 where there are none. */
	readonly stringCm: number;
	/** Whose or what it is worn on, where that asks for a caution. */
	readonly worn: 'baby' | 'foot' | null;
}

export const isPanel = (p: Pick<FinishedPiece, 'rowByRow'>): boolean =>
	p.rowByRow.stretches.some((stretch) => stretch.mode !== 'tube');

/** Worked there and back on a few pins that never narrow, its loops drawn together at the end. */
const isCord = (p: FinishedPiece): boolean =>
	isPanel(p) && p.stitches.first === p.stitches.last && p.stitches.first <= MOST_CORD_PINS;
/** A cord is 2 to 4 pins wide (common practice). */
const MOST_CORD_PINS = 4;

/** Steps in order, from what the assembly does and how the pieces came off the machine. */
export function finishSteps(input: FinishInput): FinishStep[] {
	const { assembly, pieces } = input;
	const { tails, sheet, stitches } = pieces[0]!;
	const pins = stitches.first;
	const tail = (edge: 'cast-on' | 'cast-off') => tails.find((t) => t.id === edge)?.lengthCm ?? 0;
	const waste = {
		'cast-on': sheet.legs[0]?.kind === 'waste',
		'cast-off': sheet.legs.length > 1 && sheet.legs.at(-1)?.kind === 'waste'
	};
	const joins = joinsOf(pieces);
	const colours = joins > 0;
	const steps: FinishStep[] = [
		{
			id: 'rest',
			do: 'rest',
			as: !isPanel(pieces[0]!) ? 'tube' : isCord(pieces[0]!) ? 'cord' : 'flag',
			count: pieces.reduce((t, p) => t + p.count, 0)
		}
	];
	if (joins > 0) steps.push({ id: 'join-tails', do: 'join-tails', how: input.joinTails, joins });

	const pickUp = (edge: 'cast-on' | 'cast-off') => {
		steps.push({
			id: `pick-up-${edge}`,
			do: 'pick-up',
			edge,
			loops: pins,
			tailCm: tail(edge),
			waste: waste[edge],
			caution: 'hooks-and-scissors'
		});
		if (waste[edge])
			steps.push({ id: `waste-off-${edge}`, do: 'waste-off', edge, caution: 'hooks-and-scissors' });
	};
	const inner = assembly.find((s) => s.do === 'tuck');
	for (const s of assembly) {
		switch (s.do) {
			case 'gather': {
				const of = pieces.find((p) => p.id === s.piece)!;
				if (isCord(of)) {
					steps.push({
						id: `gather-${s.edge}`,
						do: 'draw-end',
						edge: s.edge,
						loops: of.stitches.last,
						copies: of.count
					});
					break;
				}
				if (isPanel(of) && of.stitches.first > of.stitches.last) {
					steps.push({
						id: `draw-tip-${of.id}`,
						do: 'draw-tip',
						piece: of.id,
						count: of.count,
						loops: of.stitches.last,
						caution: 'hooks-and-scissors'
					});
					break;
				}
				if (s.edge === 'cast-on' || waste[s.edge]) pickUp(s.edge);
				steps.push({
					id: `gather-${s.edge}`,
					do: 'gather',
					edge: s.edge,
					inner: inner?.do === 'tuck' && inner.inner === s.edge,
					loops: pins,
					tucked: inner !== undefined
				});
				break;
			}
			case 'tuck':
				steps.push({ id: 'tuck', do: 'tuck', atRow: s.atRow, layerCm: input.layerFlatCm });
				if (assembly.some((a) => a.do === 'gather')) steps.push({ id: 'meet', do: 'meet' });
				break;
			case 'zip':
				steps.push({
					id: 'zip',
					do: 'zip',
					loops: pins,
					tailCm: tail('cast-off'),
					caution: 'hooks-and-scissors'
				});
				for (const edge of s.edges)
					if (waste[edge])
						steps.push({
							id: `waste-off-${edge}`,
							do: 'waste-off',
							edge,
							caution: 'hooks-and-scissors'
						});
				break;
			case 'close-flat':
				steps.push({
					id: `close-${s.edge}`,
					do: 'close-flat',
					edge: s.edge,
					loops: pins,
					waste: waste[s.edge],
					how: s.how,
					toe: s.toe === true,
					tailCm: tail(s.edge),
					copies: pieces[0]!.count,
					joins: colours,
					caution: 'hooks-and-scissors'
				});
				if (waste[s.edge]) steps.push({ id: `waste-off-${s.edge}`, do: 'waste-off', edge: s.edge });
				break;
			case 'bind':
				steps.push({
					id: `bind-${s.edge}`,
					do: 'bind',
					edge: s.edge,
					loops: pins,
					copies: pieces[0]!.count,
					perLoop: s.perLoop ?? 1,
					caution: 'hooks-and-scissors'
				});
				if (waste[s.edge]) steps.push({ id: `waste-off-${s.edge}`, do: 'waste-off', edge: s.edge });
				break;
			case 'close-crown':
				steps.push({
					id: 'close-crown',
					do: 'close-crown',
					loops: pins,
					how: s.how,
					joins: colours,
					caution: 'hooks-and-scissors'
				});
				for (const edge of s.edges)
					if (waste[edge]) steps.push({ id: `waste-off-${edge}`, do: 'waste-off', edge });
				break;
			case 'hem':
				steps.push({ id: 'hem', do: 'hem', rows: s.rows, high: s.rows / 2 });
				// The loops hung are held by the row after them: what is under them comes off now.
				if (waste['cast-on'])
					steps.push({ id: 'waste-off-cast-on', do: 'waste-off', edge: 'cast-on' });
				break;
			case 'inside-out':
				steps.push({ id: 'inside-out', do: 'inside-out' });
				break;
			case 'drawstring':
				steps.push({
					id: 'drawstring',
					do: 'drawstring',
					chains: s.chains,
					joins: colours,
					caution: 'cords'
				});
				break;
			case 'straps':
				steps.push({ id: 'straps', do: 'straps', chains: s.chains, caution: 'cords' });
				break;
			case 'thumb':
				steps.push({
					id: 'thumb',
					do: 'thumb',
					atRow: s.atRow,
					stitches: s.stitches,
					copies: pieces[0]!.count,
					caution: 'hooks-and-scissors'
				});
				break;
			case 'join-ring':
				steps.push({
					id: 'join-ring',
					do: 'join-ring',
					loops: pins,
					twist: s.twist,
					joins: colours,
					caution: 'hooks-and-scissors'
				});
				for (const edge of ['cast-on', 'cast-off'] as const)
					if (waste[edge]) steps.push({ id: `waste-off-${edge}`, do: 'waste-off', edge });
				break;
			case 'hook-ends':
				steps.push({ id: 'hook-ends', do: 'hook-ends' });
				break;
			case 'ties':
				steps.push({ id: 'ties', do: 'ties', chains: s.chains, caution: 'cords' });
				break;
			default:
				break;
		}
	}
	steps.push({
		id: 'weave-in',
		do: 'weave-in',
		// Those at joins are seen to already, tied or woven.
		ends: endsOf(pieces).others,
		lined: inner !== undefined
	});
	for (const s of assembly)
		if (s.do === 'turn-up') steps.push({ id: 'turn-up', do: 'turn-up', heightCm: s.heightCm });
	for (const s of assembly)
		if (s.do === 'string')
			steps.push({
				id: 'string',
				do: 'string',
				flags: pieces.reduce((t, p) => t + p.count, 0),
				cm: input.stringCm,
				caution: 'garland'
			});
	steps.push(
		input.worn === 'baby'
			? { id: 'measure', do: 'measure', caution: 'baby-sleep' }
			: input.worn === 'foot'
				? { id: 'measure', do: 'measure', caution: 'slippery' }
				: { id: 'measure', do: 'measure' }
	);
	return steps;
}
