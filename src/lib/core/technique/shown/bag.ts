import { BAG_STAGES, bagOf, foldBag, type BagStage } from '../../recipe/assembled/form/bag';
import { HEIGHT, line, n, patch, WIDTH, type Ink } from '../drawing/ink';
import type { AtTable, TableDemo } from './shown';

const BAG = bagOf(30, 90);
/** The diagonals of its three squares, in the strip's own places. */
const CREASES = [
	[0, 30, 30, 0],
	[30, 0, 60, 30],
	[60, 30, 90, 0]
] as const;

/** One scale for all stages; each in the middle. */
function placing(stage: BagStage) {
	const points = foldBag(BAG, stage).flatMap((f) => f.points);
	const [xs, ys] = [points.map((p) => p.x), points.map((p) => p.y)];
	const [l, r, b, t] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
	const k = Math.min((WIDTH - 24) / (r - l), (HEIGHT - 20) / (t - b));
	return (x: number, y: number) =>
		`${n(WIDTH / 2 + (x - (l + r) / 2) * k)} ${n(HEIGHT / 2 - (y - (b + t) / 2) * k)}`;
}
export function bagInks(stage: BagStage): Ink[] {
	const at = placing(stage);
	const facets = [...foldBag(BAG, stage)].sort((a, b) => a.layer - b.layer);
	return [
		...facets.map((f) =>
			patch(`M${f.points.map((p) => at(p.x, p.y)).join('L')}Z`, f.layer < 0 ? 'second' : 'fabric')
		),
		...(stage === 'strip'
			? CREASES.map(([x, y, x2, y2]) => line(`M${at(x, y)}L${at(x2, y2)}`, true))
			: [])
	];
}
const SAID: Record<BagStage, string> = {
	strip: 'The strip flat, three squares long, and the diagonals of its squares',
	bottom: 'Folded on the diagonal of the middle square: that is the bottom',
	left: 'The outer half of the first square back on its diagonal',
	right: 'And that of the last: two seams are left, one in front and one behind',
	bag: 'Stood on its bottom: a square with a notch down to its middle'
};

/** A strip folded to a bag, fold by fold. */
export const foldStrip: TableDemo = {
	pictured: 0,
	steps: (): AtTable[] =>
		BAG_STAGES.map((stage) => ({ says: SAID[stage], draw: () => bagInks(stage) }))
};
