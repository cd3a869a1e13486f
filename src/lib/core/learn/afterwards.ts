import type { Bench, MeasuredResult, Project } from '../model/project';
import { plan } from '../plan';
import { recipeFor } from '../recipe';
import type { Change, Measured } from '../recipe/afterwards';
import { benchBefore } from './forecast';

/** A size that moves by less than this with a density does not tell it. */
const TELLING = 0.5;

/** The density that the measured sizes say, by the one that tells most of it; as it was foretold where none does. */
function densityOf(
	side: 'rows' | 'stitches',
	{ forecast }: Pick<MeasuredResult, 'forecast'>,
	measured: Measured
): number {
	const pair = forecast?.on[0];
	const was = (side === 'rows' ? pair?.rowsPerCm : pair?.stitchesPerCm) ?? 1;
	let best = { move: 0, density: was };
	for (const size of forecast?.sizes ?? []) {
		const cm = measured.get(size.id);
		const move = size.by.find((b) => b.on === 0)?.[side] ?? 0;
		if (cm === undefined || size.lies === 'worn') continue;
		if (Math.abs(move) >= TELLING && Math.abs(move) > Math.abs(best.move))
			best = { move, density: was * Math.exp(Math.log(cm / size.cm) / move) };
	}
	return best.density;
}

/**
 * What can still be changed in a thing that is finished and measured: its findings are judged anew on its measured sizes, and
 * what is out of its forecast is held against that. Nothing of what still hangs stretched; readings marked odd do not count.
 */
export function afterwards(project: Project, bench: Bench, result: MeasuredResult): Change[] {
	const { forecast: told } = result;
	const recipe = recipeFor(project.options);
	if (!told || !recipe?.afterwards || result.when === 'at-once') return [];
	const measured: Measured = new Map(
		result.sizes.flatMap((s) => (s.odd ? [] : [[s.id, s.cm] as const]))
	);
	if (measured.size === 0) return [];
	const rows = result.rowsKnitted;
	const made = plan(project, benchBefore(bench, project.id), { rows, measured });
	if (!made.ok) return [];
	return recipe
		.afterwards({
			options: project.options,
			finished: made.finished,
			findings: made.findings.filter((f) => !f.accepted),
			measured,
			told: told.sizes,
			rowsPerCm: densityOf('rows', result, measured),
			stitchesPerCm: densityOf('stitches', result, measured),
			rows,
			pieces: made.pieces,
			joints: made.joints
		})
		.filter((c) => c.ways.length > 0);
}
