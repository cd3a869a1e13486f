import { comesOut, type Plan } from '../../src/lib/core/plan';
import { totalsOf } from '../../src/lib/core/plan/totals';
import { lengthOf, widthOf } from '../../src/lib/core/plan/lies';
import { counted } from '../../src/lib/core/assembly/joint';
import type { Estimate } from '../../src/lib/core/quantity/estimate';
import type { Figure } from '../../src/lib/core/quantity/working';
import { eventContext } from '../../src/lib/core/words/context';
import { wordEvent } from '../../src/lib/core/words/events';
import { wordFinding } from '../../src/lib/core/finding/says';
import { wordFix } from '../../src/lib/core/finding/fix';
import { drawingOf, wordStep } from '../../src/lib/core/technique/say-step';
import { sheetOf } from '../../src/lib/core/sheet/sheet';
import { planStages } from '../../src/lib/core/thing/plan-stages';
import { CAUTIONS } from '../../src/lib/core/technique/cautions';

/** What a plan says, in parts that are held apart: each is compared, and frozen, by itself. */
export const FACETS = [
	'programs',
	'sizes',
	'seams',
	'amounts',
	'run-sheet',
	'steps',
	'findings',
	'drawings',
	'sheet'
] as const;
export type Facet = (typeof FACETS)[number];

const estimated = ({ mean, sd, basis }: Estimate) => ({ mean, sd, basis });
const figured = (f: Figure) => ({ ...estimated(f.value), kind: f.kind });
const isFigure = (x: unknown): x is Figure =>
	typeof x === 'object' && x !== null && 'label' in x && 'value' in x && 'kind' in x;

/** Every figure a plan shows of its sizes, by its label, wherever it is kept. */
function figuresIn(x: unknown, into: Record<string, unknown[]> = {}): Record<string, unknown[]> {
	if (isFigure(x)) (into[x.label] ??= []).push(figured(x));
	else if (typeof x === 'object' && x !== null)
		for (const inner of Object.values(x)) figuresIn(inner, into);
	return into;
}

/** Stitches, seams and ends in all: what is said of panels. */
const panelTotals = (p: Plan) => {
	if (!comesOut(p, 'flat')) return null;
	const weaves = p.steps.some((s) => s.do === 'join-tails' && s.how === 'weave');
	return totalsOf(p, weaves ? 'weave' : 'tie');
};

const OF: Record<Facet, (p: Plan) => unknown> = {
	programs: (p) =>
		p.pieces.map((x) => ({
			id: x.id,
			name: x.name,
			pins: x.machine.pins,
			count: x.count,
			rows: x.mainRows,
			waste: x.wasteRows,
			program: x.program,
			stitches: x.stitches,
			runs: x.runs
		})),
	sizes: (p) => ({
		length: estimated(lengthOf(p)),
		width: estimated(widthOf(p)),
		figures: figuresIn({ sizes: p.sizes, byHand: p.byHand, fill: p.fill, totals: panelTotals(p) }),
		schedules: Object.fromEntries(p.pieces.map((x) => [x.id, x.rowByRow.stretches]))
	}),
	seams: (p) =>
		p.joints.map((j) => ({
			id: j.id,
			times: j.times,
			by: j.by === 'crochet' ? 'loops' : j.by === 'length' ? 'cm' : j.by,
			a: counted(j.a, j.by),
			b: counted(j.b, j.by),
			verdict: j.verdict,
			pickUp: j.pickUp
		})),
	amounts: (p) => ({
		yarns: p.amounts.map((a) => ({
			yarn: a.yarnId,
			stitches: a.stitches,
			metres: estimated(a.metres.value),
			grams: estimated(a.grams.value),
			balls: estimated(a.balls.value),
			runsOut: a.runsOutAtRow
		})),
		tails: p.pieces.map((x) => x.tails),
		time: estimated(p.time.value)
	}),
	'run-sheet': (p) =>
		p.pieces.map((x) => ({
			legs: x.sheet.legs,
			events: x.sheet.events.map((e) => ({
				...e,
				words: wordEvent(e, eventContext(p, x.machine, 'cm'))
			}))
		})),
	steps: (p) =>
		p.steps.map((s) => ({
			id: s.id,
			...wordStep(s, 'cm'),
			caution: s.caution ? CAUTIONS[s.caution] : null
		})),
	findings: (p) =>
		p.findings.map((f) => ({
			key: f.key,
			severity: f.severity,
			...wordFinding(f, { units: 'cm', yarnName: (i) => p.yarns[i]?.colourName ?? 'yarn' }),
			fixes: [f.fix, f.or].flatMap((x) => (x ? [wordFix(x, 'cm')] : []))
		})),
	drawings: (p) => ({
		steps: p.steps.map((s) => {
			const { skill, drawing } = drawingOf(s);
			// What is played, on the machine or at the table, is held by its own tests.
			return { id: s.id, skill, drawing };
		}),
		stages:
			comesOut(p, 'worn') || comesOut(p, 'tube')
				? planStages(p).map((s) => ({
						step: s.step,
						rungs: s.rungs.map((r) => [r.a, r.b]),
						bands: s.bands,
						trims: s.trims
					}))
				: null
	}),
	sheet: (p) => sheetOf(p, { title: 'A plan', kind: 'Thing', units: 'in', terms: 'uk' })
};

/** Plain data with numbers to six digits, members in the order of their names, and nothing undefined. */
export function rounded(x: unknown): unknown {
	// Nought is nought, whatever its sign.
	if (typeof x === 'number') return Number.isInteger(x) ? x + 0 : Number(x.toPrecision(6));
	if (Array.isArray(x)) return x.map(rounded);
	if (typeof x !== 'object' || x === null) return x;
	return Object.fromEntries(
		Object.entries(x)
			.filter(([, v]) => v !== undefined)
			.sort(([a], [b]) => (a < b ? -1 : 1))
			.map(([k, v]) => [k, rounded(v)])
	);
}

export const facetOf = (facet: Facet, p: Plan): unknown => rounded(OF[facet](p));
