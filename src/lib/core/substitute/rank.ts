import { entryAt } from '../quantity/sure';
import { chanceShort } from '../quantity/short';
import { gaugeBook, type GaugeBook } from '../bench/gauge/book';
import { gaugeFor, type Gauge } from '../bench/gauge/gauge';
import type { Machine, Verdict, Yarn, YarnId } from '../model/bench';
import type { Bench, Project } from '../model/project';
import { plan, type Plan } from '../plan';
import { lengthOf, stitchesAcross } from '../plan/lies';
import { exact, quotient, type Estimate } from '../quantity/estimate';
import { yarnSwapped } from '../recipe/uses';
import { freeBook, type Held } from '../order/stock';
import { colourApart } from '../bench/yarn/colour';
import { holdTogether } from '../bench/yarn/held-together';
import { pairsForTex } from '../bench/yarn/pairs';
import { effectiveTex, metresPerGram, twistKey } from '../bench/yarn/tex';
import { extremes, marksOf, scoreOf, type Criterion, type Marks } from './criteria';

/** What is asked: a yarn of a project, and what might stand in for it. */
export interface Question {
	readonly project: Project;
	readonly yarnId: YarnId;
	readonly bench: Bench;
	/** What planned projects hold back; the asking project's own share is free for it. */
	readonly held: readonly Held[];
	/** Yarns typed in, not on the bench: they would have to be bought. */
	readonly typed: readonly Yarn[];
	/** How many answers to work out in full. */
	readonly most: number;
}

/** One yarn, or strands held together, in the place of another, with all that would follow. */
export interface Substitute {
	/** As it would be used; `heldTogether` names its parts where it is not a yarn of the bench as it is. */
	readonly yarn: Yarn;
	readonly from: 'bench' | 'together' | 'typed';
	readonly score: number;
	readonly marks: Marks;
	readonly best: Criterion;
	readonly worst: Criterion | null;
	readonly gauge: Gauge;
	/** False where its gauge is predicted and not measured. */
	readonly measured: boolean;
	readonly rows: number;
	readonly tube: Estimate;
	readonly width: Estimate;
	readonly heightWorn: Estimate;
	readonly grams: Estimate;
	/** Null for one to be bought. */
	readonly freeGrams: number | null;
	/** Chance that what is free is enough. */
	readonly enough: number;
}

export interface Answer {
	/** The project as planned. */
	readonly now: Plan;
	readonly wanted: Yarn;
	readonly wantedGauge: Gauge;
	readonly wantedGrams: Estimate;
	readonly substitutesFor: readonly Substitute[];
	/** How many yarns and combinations were compared. */
	readonly compared: number;
}

/** Doubled yarns and pairs further than this from the wanted tex, in logs, are not worth a look. */
const FAR = 0.8;
const MIXED_PAIRS = 60;

interface Candidate {
	readonly yarn: Yarn;
	readonly from: Substitute['from'];
}

/** Every yarn as it is, each single one doubled, and the pairs nearest in tex; typed ones single and doubled. */
function candidatesFor(wanted: Yarn, { bench, typed }: Question): Candidate[] {
	const tex = effectiveTex(wanted);
	const near = (y: Yarn) => Math.abs(Math.log(effectiveTex(y) / tex)) < FAR;
	const doubled = (y: Yarn, from: Substitute['from']): Candidate => ({
		yarn: holdTogether(`${y.id}*2` as YarnId, [{ yarn: y, strands: 2 }]),
		from
	});
	const single = bench.yarns.filter((y) => y.heldTogether.length === 0);
	// A yarn made of two strands on the bench already is not offered a second time.
	const made = new Set(bench.yarns.map((y) => `${twistKey(y)}|${y.colour}|${y.strands}`));
	const fresh = (c: Candidate) =>
		!made.has(`${twistKey(c.yarn)}|${c.yarn.colour}|${c.yarn.strands}`);
	return [
		...bench.yarns.map((yarn): Candidate => ({ yarn, from: 'bench' })),
		...single.map((y) => doubled(y, 'together')).filter((c) => near(c.yarn) && fresh(c)),
		...pairsForTex(single, tex, MIXED_PAIRS)
			.filter((p) => p.a.id !== p.b.id)
			.map(({ a, b }): Candidate => ({
				yarn: holdTogether(`${a.id}+${b.id}` as YarnId, [
					{ yarn: a, strands: 1 },
					{ yarn: b, strands: 1 }
				]),
				from: 'together'
			})),
		...typed.flatMap((yarn): Candidate[] => [
			{ yarn, from: 'typed' },
			...[doubled(yarn, 'typed')].filter((c) => near(c.yarn))
		])
	];
}

/** Newest verdict for each twist, strands and machine, found once for all candidates. */
function verdictBook(bench: Bench, machine: Machine): (yarn: Yarn) => Verdict | null {
	const byId = new Map(bench.yarns.map((y) => [y.id, y]));
	const newest = new Map<string, { at: number; verdict: Verdict }>();
	for (const t of bench.tests) {
		const yarn = byId.get(t.yarnId);
		if (!yarn || t.machineId !== machine.id) continue;
		const key = `${twistKey(yarn)}|${t.strands}`;
		if ((newest.get(key)?.at ?? -1) < t.at) newest.set(key, t);
	}
	return (yarn) => newest.get(`${twistKey(yarn)}|${yarn.strands}`)?.verdict ?? null;
}

/** Scores are told apart to half a per cent; within that, colour decides. */
const step = (score: number): number => Math.round(score * 200);

/** What every candidate is held against: the plan as it is, and the yarn that is asked about. */
interface Wanted {
	readonly now: Plan;
	/** Its place among the plan's yarns. */
	readonly yarn: Yarn;
	readonly gauge: Gauge;
	readonly grams: Estimate;
	readonly drawnUp: boolean;
}

function wantedOf(now: Plan, yarnId: YarnId): Wanted | undefined {
	const at = now.yarns.findIndex((y) => y.id === yarnId);
	const amount = now.amounts.find((a) => a.yarnId === yarnId);
	if (at < 0 || !amount) return undefined;
	const runs = now.pieces[0]?.runs ?? [];
	return {
		now,
		yarn: entryAt(now.yarns, at),
		gauge: entryAt(now.gauges, at),
		grams: amount.grams.value,
		drawnUp: runs.at(0)?.yarn === at || runs.at(-1)?.yarn === at
	};
}

interface Judged {
	readonly have: number | null;
	readonly enough: number;
	readonly marks: Marks;
	readonly score: number;
}
type Judge = (candidate: Candidate, gauge: Gauge, need: Estimate) => Judged;

/** Marks by what is free of a yarn, its verdicts, and how near it comes. */
function judgeFor({ bench, held, project }: Question, wanted: Wanted): Judge {
	const verdict = verdictBook(bench, wanted.now.machine);
	const free = freeBook(bench.yarns, held, project.id);
	return ({ yarn, from }, gauge, need) => {
		const have = from === 'typed' ? null : free(yarn);
		const enough = have === null ? 1 : 1 - chanceShort(need.mean, need.sd, have);
		const marks = marksOf({
			wanted: wanted.yarn,
			wantedGauge: wanted.gauge,
			yarn,
			gauge,
			enough,
			drawnUp: wanted.drawnUp,
			verdict: verdict(yarn)
		});
		return { have, enough, marks, score: scoreOf(marks) };
	};
}

/** Candidates with the best marks by their gauges alone, best first. */
function bestByGauge(q: Question, wanted: Wanted, book: GaugeBook, judge: Judge) {
	const { machine } = wanted.now;
	const candidates = candidatesFor(wanted.yarn, q);
	const best = candidates
		.map((candidate) => {
			const { yarn } = candidate;
			const gauge = gaugeFor({ machine, yarn, book, useFresh: q.project.useFresh });
			// The same length takes as many rows more as there are more to the cm, each by its own loop.
			const times =
				(gauge.rowsPerCm.mean / wanted.gauge.rowsPerCm.mean) *
				(gauge.loopCm.mean / wanted.gauge.loopCm.mean) *
				(metresPerGram(wanted.yarn) / metresPerGram(yarn));
			const { mean, sd } = wanted.grams;
			const need = { mean: mean * times, sd: sd * times, basis: gauge.loopCm.basis };
			return { candidate, score: judge(candidate, gauge, need).score };
		})
		.sort((a, b) => b.score - a.score)
		.slice(0, q.most)
		.map((c) => c.candidate);
	return { best, compared: candidates.length };
}

/** The project planned in full with another yarn; none where it cannot be. */
function plannedWith(
	{ project, bench, yarnId }: Question,
	candidate: Candidate,
	book: GaugeBook,
	judge: Judge
): Substitute[] {
	const { yarn, from } = candidate;
	const known = bench.yarns.some((y) => y.id === yarn.id);
	const yarns = known ? bench.yarns : [...bench.yarns, yarn];
	const then = plan(
		{ ...project, ...yarnSwapped(project, yarnId, yarn.id) },
		{ ...bench, yarns },
		undefined,
		book
	);
	if (!then.ok) return [];
	const index = then.yarns.findIndex((y) => y.id === yarn.id);
	const need = then.amounts.find((a) => a.yarnId === yarn.id)?.grams.value;
	if (index < 0 || !need) return [];
	const gauge = entryAt(then.gauges, index);
	const { have, enough, marks, score } = judge(candidate, gauge, need);
	return [
		{
			yarn,
			from,
			score,
			marks,
			...extremes(marks),
			gauge,
			measured: gauge.rowsPerCm.basis !== 'estimated' && gauge.stitchesPerCm.basis !== 'estimated',
			rows: then.pieces[0]?.mainRows ?? 0,
			tube: lengthOf(then),
			// Its own, where other colours of the same tube have another.
			width: quotient(exact(stitchesAcross(then)), gauge.stitchesPerCm),
			heightWorn: then.sizes.find((x) => x.id === 'height-worn')?.figure.value ?? lengthOf(then),
			grams: need,
			freeGrams: have,
			enough
		}
	];
}

/**
 * Ranks every yarn and combination on hand, and those typed in, by how well it stands in for one yarn of a project. A quick
 * pass marks all of them from their gauges; the best are then planned in full, with new row counts and sizes. A yarn in its
 * own place changes nothing. Undefined where the project cannot be planned or does not use the yarn.
 */
export function substitutesFor(q: Question): Answer | undefined {
	const { project, bench } = q;
	const book = gaugeBook({ ...bench, yarns: [...bench.yarns, ...q.typed] });
	const now = plan(project, bench, undefined, book);
	if (!now.ok) return undefined;
	const wanted = wantedOf(now, q.yarnId);
	if (!wanted) return undefined;
	const judge = judgeFor(q, wanted);
	const { best, compared } = bestByGauge(q, wanted, book, judge);
	const away = (s: Substitute) => colourApart(s.yarn.colour, wanted.yarn.colour);
	return {
		now,
		wanted: wanted.yarn,
		wantedGauge: wanted.gauge,
		wantedGrams: wanted.grams,
		substitutesFor: best
			.flatMap((candidate) => plannedWith(q, candidate, book, judge))
			.sort((a, b) => step(b.score) - step(a.score) || away(a) - away(b)),
		compared
	};
}
