import { stepIn, type Assembly } from '../assembly/assembly';
import type { Size } from '../assembly/size';
import { flatLength } from '../crank/length';
import type { WorkedPiece } from '../crank/piece';
import { exact, quotient, type Estimate } from '../quantity/estimate';
import { entryAt } from '../quantity/sure';
import { isPanel } from '../technique/technique';

interface Lying {
	readonly pieces: readonly WorkedPiece[];
	readonly assembly: Assembly;
	readonly sizes: readonly Size[];
}

/** The first of these sizes that a plan has of itself. */
const own = ({ sizes }: Lying, ids: readonly string[]): Estimate | undefined =>
	ids.flatMap((id) => sizes.find((s) => s.id === id)?.figure.value ?? [])[0];
/** What nothing is knitted of is as long and as wide as its first size. */
const instead = ({ sizes }: Lying): Estimate => sizes[0]?.figure.value ?? exact(1, 'estimated');

/** The length of the first piece as it comes off the machine and lies, cm: what a maker lays a tape along. */
export function lengthOf(plan: Lying): Estimate {
	const known = own(plan, ['tube-flat', 'length', 'height']);
	if (known) return known;
	const [first] = plan.pieces;
	if (!first) return instead(plan);
	const hem = stepIn(plan.assembly, 'hem');
	return flatLength(first.runs, first.gauges, hem?.piece === first.id ? hem.rows : 0);
}

/** Stitches across a piece as it lies: half of a tube's. */
const across = (piece: WorkedPiece): number =>
	isPanel(piece) ? piece.stitches.first : piece.stitches.first / 2;
/** Stitches across the first piece as it lies. */
export const stitchesAcross = ({ pieces: [first] }: Pick<Lying, 'pieces'>): number =>
	first ? across(first) : 0;

/** A piece as it lies, colour by colour, with no spread: its width, cm, and each run's height, cm. */
export function asItLies(piece: WorkedPiece): {
	readonly widthCm: number;
	readonly bands: readonly (WorkedPiece['runs'][number] & { readonly cm: number })[];
} {
	const main = entryAt(piece.gauges, 0);
	return {
		widthCm: across(piece) / main.stitchesPerCm.mean,
		bands: piece.runs.map((r) => ({
			...r,
			cm: (r.to - r.from) / (piece.gauges[r.yarn] ?? main).rowsPerCm.mean
		}))
	};
}

/** Its width lying flat, cm. */
export function widthOf(plan: Lying): Estimate {
	const known = own(plan, ['flat-width', 'width']);
	const gauge = plan.pieces[0]?.gauges[0];
	return (
		known ?? (gauge ? quotient(exact(stitchesAcross(plan)), gauge.stitchesPerCm) : instead(plan))
	);
}
