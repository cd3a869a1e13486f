import { metresPerGram } from '../bench/yarn/tex';
import type { Machine, Yarn } from '../model/bench';
import type { Evidence, Forecast, MeasuredResult, Project } from '../model/project';
import { erring, STATE_OF } from './erring';
import { lengthIn, sizeIn, WIDTH_IDS } from './measured';

export interface Finished {
	/** `used`: what was weighed of each yarn before and after. */
	readonly project: Pick<Project, 'id' | 'name'> & Partial<Pick<Project, 'used'>>;
	readonly results: readonly MeasuredResult[];
	readonly machine: Machine;
	/** The project's main yarn. */
	readonly yarn: Yarn;
	/** True where every row was knitted with yarns of that one kind. */
	readonly oneYarn: boolean;
}

type Said = Pick<Evidence, 'on' | 'sizes'>;

/** How many times as much went into stitches as was foretold, where so much was weighed; null where nothing is left of it. */
function stitchRatio(
	grams: number,
	told: { readonly mean: number; readonly apart: number }
): number | null {
	const [foretold, measured] = [told.mean - told.apart, grams - told.apart];
	return foretold > 0 && measured > 0 ? measured / foretold : null;
}

/**
 * The same of one yarn of a thing: as it was weighed before and after where that was done; else, weighed as one, all its yarns
 * share what is more or less by what each was to take. Null where nothing was weighed.
 */
export function yarnRatio(
	yarnId: Yarn['id'],
	{ grams }: Pick<MeasuredResult, 'grams'>,
	told: Forecast,
	used: Project['used'] = null
): number | null {
	if (!told.grams) return null;
	const weighed = used?.find((u) => u.yarnId === yarnId && u.how === 'weighed');
	const own = told.grams.each.find((e) => e.yarnId === yarnId);
	if (weighed && own) return stitchRatio(weighed.grams, own);
	return grams === null ? null : stitchRatio(grams, told.grams);
}

/** What a look says beside what was foretold of it. */
function byForecast(r: MeasuredResult, told: Forecast, used: Project['used']): Said {
	return {
		on: told.on.map((x) => {
			const ratio = yarnRatio(x.yarnId, r, told, used);
			return { ...x, loopCm: ratio === null ? null : x.loopCm * ratio };
		}),
		sizes: r.sizes.flatMap((m) => {
			const size = told.sizes.find((s) => s.id === m.id);
			if (!size || size.by.length === 0) return [];
			return [
				{ id: m.id, ratio: m.cm / size.cm, sd: erring(size.cm, size.own, m.odd), by: size.by }
			];
		})
	};
}

/** What was logged before forecasts were kept speaks where it was of a plain tube on all pins: by its own rows and pins. */
function byTube(r: MeasuredResult, { machine, yarn, oneYarn }: Finished): Said {
	const none: Said = { on: [], sizes: [] };
	if (r.shows !== 'tube' || r.when === 'on-head' || r.when === 'at-once') return none;
	if (r.rowsKnitted < 20 || machine.pins < 8) return none;
	const [tube, width] = [lengthIn(r), sizeIn(r, WIDTH_IDS)];
	const metres =
		r.grams === null || r.tailMetres === null ? null : r.grams * metresPerGram(yarn) - r.tailMetres;
	const loopCm =
		metres !== null && metres > 0 && oneYarn
			? (metres * 100) / (r.rowsKnitted * machine.pins)
			: null;
	return tubeSaid({ machine, yarn, rows: r.rowsKnitted, tube, width, loopCm });
}

/** A plain tube's own densities, as if just they had been foretold. */
export function tubeSaid(seen: {
	readonly machine: { readonly id: Machine['id']; readonly pins: number };
	readonly yarn: { readonly id: Yarn['id']; readonly strands: number };
	readonly rows: number;
	readonly tube: number | null;
	readonly width: number | null;
	readonly loopCm: number | null;
}): Said {
	const { machine, yarn, rows, tube, width, loopCm } = seen;
	if (tube === null && width === null && loopCm === null) return { on: [], sizes: [] };
	const of = (id: string, cm: number | null, stitches: number, byRows: number) =>
		cm === null
			? []
			: [{ id, ratio: 1, sd: erring(cm, 0, false), by: [{ on: 0, stitches, rows: byRows }] }];
	return {
		on: [
			{
				machineId: machine.id,
				yarnId: yarn.id,
				strands: yarn.strands,
				// Where one was not measured nothing hangs by it.
				stitchesPerCm: width === null ? 1 : machine.pins / 2 / width,
				rowsPerCm: tube === null ? 1 : rows / tube,
				loopCm
			}
		],
		sizes: [...of('length', tube, 0, -1), ...of('width', width, -1, 0)]
	};
}

/** What a finished thing teaches: one evidence a look. What says nothing of gauge, yarn or time is left out. */
export function evidenceFrom(finished: Finished): Evidence[] {
	const { project, results, machine } = finished;
	return results.flatMap((r) => {
		const said = r.forecast ? byForecast(r, r.forecast, project.used ?? null) : byTube(r, finished);
		const weighed = said.on.some((x) => x.loopCm !== null);
		const { paced = [] } = r;
		if (said.sizes.length === 0 && !weighed && r.minutes === null && paced.length === 0) return [];
		return [
			{
				resultId: r.id,
				projectId: project.id,
				projectName: project.name,
				machineId: machine.id,
				pins: machine.pins,
				rows: r.rowsKnitted,
				state: STATE_OF[r.when],
				...said,
				minutes: r.minutes,
				usualMinutes: r.usualMinutes && r.usualMinutes > 0 ? r.usualMinutes : null,
				...(paced.length > 0 ? { paced } : {})
			}
		];
	});
}
