import { counted, type Joint } from '../../../assembly/joint';
import type { Facts as AnyFacts, Judgement } from '../../../finding/facts';
import { change, type Fix } from '../../../finding/fix';
import { rule } from '../../../finding/rule';
import type { GarmentOptions } from '../options';
import { rowsWord } from '../../../quantity/say';
import { wordSeam } from '../../../technique/seam-words';
import type { FinishedOf } from '../../finished';
import { cutContext } from '../made-piece';
import { MOST_CUT, repairOf, type Repair } from '../seams';
import { MEASURE_NAMES } from '../words';
import { setMeasure } from './shared';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'seam-off': {
			readonly kind: Joint['kind'];
			readonly of: 'left' | 'right' | undefined;
			readonly called?: string;
			readonly by: 'rows' | 'stitches' | 'length';
			readonly a: number;
			readonly b: number;
			readonly eases: boolean;
		};
		'seam-missing': { readonly kind: Joint['kind']; readonly called?: string };
	}
}

type Facts = AnyFacts<GarmentOptions, FinishedOf<'flat'>>;

/** A repair as a change of the options. */
const repairFix = (options: GarmentOptions, repair: Repair): Fix =>
	repair.do === 'measure'
		? setMeasure(options, repair.measure, repair.cm)
		: change([`${MEASURE_NAMES[repair.measure]} like the other pieces`], {
				alone: options.alone.filter((a) => a.piece !== repair.piece || a.measure !== repair.measure)
			});

/** By the seam's id, where it does not meet and something mends it. */
function repairsOf({ options, machine, gauges: [gauge], joints }: Facts): Map<string, Repair> {
	const found = new Map<string, Repair>();
	if (!gauge) return found;
	const density = { stitchesPerCm: gauge.stitchesPerCm.mean, rowsPerCm: gauge.rowsPerCm.mean };
	const context = cutContext(options, { machine, density });
	// What ails both hands alike is mended alike, unless it is one piece that departs.
	const alike = new Map<string, Repair | null>();
	const tries = { left: MOST_CUT };
	for (const check of joints) {
		if (check.verdict !== 'off') continue;
		const ail = `${check.kind} ${check.by} ${check.diff.toFixed(3)}`;
		const known = alike.get(ail);
		const repair = known === undefined ? repairOf(options, check, context, tries) : known;
		if (repair?.do !== 'together') alike.set(ail, repair);
		if (repair) found.set(check.id, repair);
	}
	return found;
}

export const seams = rule<GarmentOptions, FinishedOf<'flat'>>({
	says: {
		'seam-off': (f, s) => {
			const [a, b] =
				f.by === 'length'
					? [s.length(f.a), s.length(f.b)]
					: f.by === 'rows'
						? [rowsWord(f.a), rowsWord(f.b)]
						: [`${f.a} stitches`, `${f.b} stitches`];
			const apart =
				f.by === 'length'
					? s.length(Math.abs(f.a - f.b))
					: f.by === 'rows'
						? rowsWord(Math.abs(f.a - f.b))
						: `${Math.abs(f.a - f.b)} stitch${Math.abs(f.a - f.b) === 1 ? '' : 'es'}`;
			return {
				what: `${wordSeam(f.kind, f.of, f.called)}: ${a} meet ${b}.`,
				why: f.eases
					? `${apart} can be eased in as it is sewn, spread over the whole seam.`
					: `They are ${apart} apart: sewn like that it puckers or pulls.`
			};
		},
		'seam-missing': (f) => ({
			what: `${wordSeam(f.kind, undefined, f.called)}: one of its edges is not there.`,
			why: 'A seam names a part that no piece has: choose another part for it, or take the seam out.'
		})
	},
	test: (facts) => {
		const repairs = repairsOf(facts);
		return facts.joints.flatMap((c): Judgement[] => {
			const where = { at: 'seam', seam: c.id } as const;
			const { kind, of } = c;
			const called = c.called === undefined ? {} : { called: c.called };
			if (c.verdict === 'missing')
				return [{ body: { code: 'seam-missing', kind, ...called }, severity: 'warn', where }];
			if (c.verdict === 'meets') return [];
			const by = c.by === 'rows' || c.by === 'length' ? c.by : 'stitches';
			const repair = repairs.get(c.id);
			const eases = c.verdict === 'eases';
			return [
				{
					body: {
						code: 'seam-off',
						kind,
						of,
						...called,
						by,
						a: counted(c.a, c.by),
						b: counted(c.b, c.by),
						eases
					},
					severity: eases ? 'tip' : 'warn',
					where,
					...(repair ? { fix: repairFix(facts.options, repair) } : {})
				}
			];
		});
	}
});
