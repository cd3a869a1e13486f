import { stockOf, wordStock } from '../quantity/short';
import { wordFedHere } from '../words/fabric';
import { cardWideCm } from '../technique/pom-pom';
import { stepIn } from '../assembly/assembly';
import { markerPin, keptOff } from '../bench/machine/ring';
import type { Machine } from '../model/bench';
import type { CrochetTerms } from '../model/kinds';
import type { Plan } from '../plan/types';
import { printValue, printWithSpread } from '../quantity/print';
import type { Units } from '../quantity/units';
import { CAUTIONS } from '../technique/cautions';
import { eventContext } from '../words/context';
import { wordEvent } from '../words/events';
import { wordFinding } from '../finding/says';
import { say } from '../quantity/say';
import { likeTails, wordTail } from '../words/tails';
import { wordSequence, wordStep } from '../technique/say-step';
import { wordTools } from '../technique/say-tools';

/** A stretch of one colour, with both readings of a row counter at its end. */
export interface SheetSection {
	readonly name: string;
	readonly colour: string;
	readonly rows: number;
	readonly zeroed: number;
	readonly running: number;
}
export interface SheetPiece {
	readonly name: string;
	readonly machine: string;
	readonly stitches: number;
	readonly rows: number;
	/** Boxes to tick, one for each copy. */
	readonly copies: number;
	readonly waste: { readonly before: number; readonly after: number };
	readonly sections: readonly SheetSection[];
	readonly tails: readonly string[];
	/** What the hands do at which main rows, beside changing colour. */
	readonly work: readonly { readonly title: string; readonly rows: readonly number[] }[];
}

/** A shape in true size: cut out, or laid a tag on. Lengths in cm. */
export interface Template {
	readonly kind: 'pom-pom' | 'extension' | 'tag';
	readonly title: string;
	readonly note: string;
	readonly widthCm: number;
	readonly heightCm: number;
}

export interface SheetRing {
	readonly name: string;
	readonly pins: number;
	/** The number that the first of them carries. */
	readonly firstPin: number;
	readonly turns: Machine['turns'];
	readonly marker: number;
	/** Pins from 1 that a panel turned by hand keeps off. */
	readonly off: readonly number[];
	/** Pins in work at the start, from 1, both included. */
	readonly low: number;
	readonly high: number;
}

/** Everything that lies on the table beside the machine, ready to be set: words in the maker's units, no layout. */
export interface Sheet {
	readonly title: string;
	readonly kind: string;
	readonly figures: readonly { readonly label: string; readonly value: string }[];
	readonly rings: readonly SheetRing[];
	readonly pieces: readonly SheetPiece[];
	readonly yarns: readonly {
		readonly name: string;
		readonly colour: string;
		readonly metres: string;
		readonly grams: string;
		readonly onHand: string;
		/** The slot and the hand, and how the fabric suits; empty where nothing is cranked. */
		readonly fed: string;
	}[];
	readonly steps: readonly {
		readonly title: string;
		readonly how: string;
		readonly caution: string;
	}[];
	/** What to have at hand after the machine, in one sentence. */
	readonly tools: string;
	readonly findings: readonly string[];
	readonly templates: readonly Template[];
}

interface SheetOptions {
	readonly title: string;
	readonly kind: string;
	readonly units: Units;
	readonly terms: CrochetTerms;
}

/** A tag as most stalls tie on, cm. */
const TAG = { widthCm: 5, heightCm: 8 };

function templatesOf(plan: Plan, units: Units): Template[] {
	const long = (cm: number) => printValue(cm, 'length', units);
	const out: Template[] = [];
	const wind = stepIn(plan.assembly, 'wind');
	if (wind)
		out.push({
			kind: 'pom-pom',
			title: `Pom-pom card, ${long(wind.cardCm)} long`,
			note: `${wind.wraps} wraps the long way round; tie through the slit`,
			widthCm: cardWideCm(wind.cardCm),
			heightCm: wind.cardCm
		});
	const latch = stepIn(plan.assembly, 'latch-card');
	if (latch)
		out.push({
			kind: 'extension',
			title: `Card for extensions, ${long(latch.cardCm)} wide`,
			note: `wraps ${long(latch.wrapCm)}; it stands on the pin`,
			widthCm: latch.cardCm,
			heightCm: 10
		});
	out.push({ kind: 'tag', title: 'Place for the tag', note: 'hole at the top', ...TAG });
	return out;
}

function figuresOf(plan: Plan, units: Units): Sheet['figures'] {
	const figures = plan.sizes.filter((x) => x.lies !== 'worn').map((x) => x.figure);
	const more = [plan.byHand, plan.fill].filter((f) => f !== null);
	return [...figures, plan.time, ...more].map((f) => ({
		label: f.label,
		value: printWithSpread(f.value, f.kind, units)
	}));
}

type Planned = Plan['pieces'][number];

/** Work of the hands by its words: the main rows after which it is done. */
function workOf(plan: Plan, p: Planned, units: Units): SheetPiece['work'] {
	const work = new Map<string, number[]>();
	for (const e of p.sheet.events) {
		if (e.kind !== 'hands' && e.kind !== 'roll' && e.kind !== 'mark') continue;
		const name = e.kind === 'mark' ? 'Mark the edge' : e.kind === 'roll' ? 'Roll up' : null;
		const words = name ?? wordEvent(e, eventContext(plan, p.machine, units)).title;
		work.set(words, [...(work.get(words) ?? []), e.after - p.sheet.wasteBefore]);
	}
	return [...work].map(([title, rows]) => ({ title, rows }));
}

function pieceOf(
	plan: Plan,
	p: Planned,
	{ units, terms }: SheetOptions,
	yarn: YarnSaid
): SheetPiece {
	const s = say(units, terms);
	const tails = likeTails(p.tails).map(
		(t) => `${t.place}, ${wordTail({ cm: t.lengthCm, use: t.use }, s)}`
	);
	const last = p.sheet.legs.at(-1);
	return {
		name: p.name,
		machine: p.machine.name,
		stitches: p.stitches.first,
		rows: p.mainRows,
		copies: p.count,
		waste: {
			before: p.sheet.wasteBefore,
			after: last?.kind === 'waste' && p.sheet.legs.length > 1 ? last.rows : 0
		},
		sections: p.sections.map((s) => ({
			name: yarn.name(s.yarn),
			colour: yarn.colour(s.yarn),
			rows: s.rows,
			zeroed: s.zeroed,
			running: s.running
		})),
		tails,
		work: workOf(plan, p, units)
	};
}

interface YarnSaid {
	readonly name: (yarn: number) => string;
	readonly colour: (yarn: number) => string;
}

/** The plan as it lies beside the machine. */
export function sheetOf(plan: Plan, how: SheetOptions): Sheet {
	const { title, kind, units, terms } = how;
	const yarn: YarnSaid = {
		name: (i) => plan.yarns[i]?.colourName ?? 'yarn',
		colour: (i) => plan.yarns[i]?.colour ?? '#888888'
	};
	const machines = [...new Map(plan.pieces.map((p) => [p.machine.id, p])).values()];
	return {
		title,
		kind,
		figures: figuresOf(plan, units),
		rings: machines.map(({ machine, rowByRow }) => ({
			name: machine.name,
			pins: machine.pins,
			firstPin: machine.firstPin,
			turns: machine.turns,
			marker: markerPin(machine),
			off: keptOff(machine).map((p) => p + 1),
			low: (rowByRow.stretches[0]?.low ?? 0) + 1,
			high: (rowByRow.stretches[0]?.high ?? machine.pins - 1) + 1
		})),
		pieces: plan.pieces.map((p) => pieceOf(plan, p, how, yarn)),
		yarns: plan.amounts.map((a) => ({
			name: `${yarn.name(a.yarn)}, ${plan.yarns[a.yarn]?.name ?? ''}`,
			colour: yarn.colour(a.yarn),
			metres: printWithSpread(a.metres.value, 'yarn', units),
			grams: printWithSpread(a.grams.value, 'mass', units),
			onHand: `${printValue(a.gramsOnHand, 'mass', units)} on hand, ${wordStock(stockOf(a.grams.value, a.freeGrams), say(units))}`,
			fed: wordFedHere(plan, a.yarn)
		})),
		steps: plan.steps.map((s) => {
			const w = wordStep(s, units, terms);
			return {
				title: w.title,
				how: `${w.how} ${wordSequence(s)}`.trim(),
				caution: s.caution ? CAUTIONS[s.caution] : ''
			};
		}),
		tools: wordTools(plan.tools),
		findings: plan.findings
			.filter((f) => !f.accepted && f.severity !== 'tip')
			.map((f) => {
				const w = wordFinding(f, { units, yarnName: yarn.name });
				return `${w.what} ${w.why}`;
			}),
		templates: templatesOf(plan, units)
	};
}
