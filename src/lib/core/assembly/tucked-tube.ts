import type { YarnRun } from '../simulate/fabric';
import type { Assembly, Edge } from './assembly';

/** A band of one yarn along one face, in rows from the fold (0) to the crown. */
export interface FaceBand {
	readonly yarn: number;
	readonly from: number;
	readonly to: number;
}

/** Where every row of a tube tucked into itself ends up. Rows count from the fold to the crown on either face. */
export interface TuckedTube {
	readonly foldRow: number;
	readonly outer: readonly FaceBand[];
	readonly lining: readonly FaceBand[];
	/** Rows at the fold, on the outer face, that are not of the outer's own colour. */
	readonly outerLip: FaceBand | null;
	/** Rows at the fold, on the lining, that have the colour the outer face is made of there. */
	readonly liningLip: FaceBand | null;
	/** True where a colour changes on the fold line itself. */
	readonly boundaryOnFold: boolean;
}

/** The part of `runs` between two rows, measured from `origin` in direction `sign`. */
function bands(runs: readonly YarnRun[], lo: number, hi: number, origin: number): FaceBand[] {
	return runs
		.map((r) => ({ yarn: r.yarn, a: Math.max(lo, r.from), b: Math.min(hi, r.to) }))
		.filter((r) => r.b > r.a)
		.map(({ yarn, a, b }) => ({
			yarn,
			from: Math.min(Math.abs(a - origin), Math.abs(b - origin)),
			to: Math.max(Math.abs(a - origin), Math.abs(b - origin))
		}))
		.sort((p, q) => p.from - q.from);
}

/** The longest band's yarn: what a maker would call that face's colour. */
export function mainYarn(face: readonly FaceBand[]): number | undefined {
	const totals = new Map<number, number>();
	for (const b of face) totals.set(b.yarn, (totals.get(b.yarn) ?? 0) + b.to - b.from);
	return [...totals].sort((a, b) => b[1] - a[1])[0]?.[0];
}

/**
 * Folds a tube at its tuck. `runs` are the main rows by yarn, from 0; the tuck's inner edge becomes the lining's crown.
 * Undefined where the assembly has no tuck for this piece.
 */
export function tuckTube(
	runs: readonly YarnRun[],
	assembly: Assembly,
	piece: string
): TuckedTube | undefined {
	const tuck = assembly.find((s) => s.do === 'tuck' && s.piece === piece);
	if (tuck?.do !== 'tuck') return undefined;
	const rows = runs.at(-1)?.to ?? 0;
	const foldRow = tuck.atRow;
	const below = bands(runs, 0, foldRow, foldRow);
	const above = bands(runs, foldRow, rows, foldRow);
	const innerIsCastOff = tuck.inner === ('cast-off' satisfies Edge);
	const outer = innerIsCastOff ? below : above;
	const lining = innerIsCastOff ? above : below;
	const outerMain = mainYarn(outer);
	const liningMain = mainYarn(lining);
	const twoFaces = outerMain !== liningMain;
	const lip = (face: readonly FaceBand[], foreign: number | undefined) =>
		twoFaces && face[0] && face.length > 1 && face[0].yarn === foreign ? face[0] : null;
	return {
		foldRow,
		outer,
		lining,
		outerLip: lip(outer, liningMain),
		liningLip: lip(lining, outerMain),
		boundaryOnFold: twoFaces && runs.some((r) => r.from === foldRow && r.from > 0)
	};
}
