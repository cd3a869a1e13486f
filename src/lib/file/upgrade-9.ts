import { isRecord, list, type Rec } from './upgrade';

/** Recipes whose first size was the tube of a hat, up to version 9. */
const HATS = ['lined-hat', 'corner-hat', 'baby-hat', 'tiny-hat'];
const number = (x: unknown): number | null => (typeof x === 'number' && x > 0 ? x : null);

/** Up to version 9 a result had a length, a width and a height on the head, whatever it was of. */
export const resultFrom9 = (result: Rec, recipe: unknown): Rec => {
	const { tubeCm, flatWidthCm, heightWornCm, ...rest } = result;
	const hat = HATS.includes(String(recipe));
	const one = (id: string, cm: unknown) =>
		number(cm) === null ? [] : [{ id, cm: number(cm), odd: false }];
	return {
		...rest,
		sizes: [
			...one(hat ? 'tube-flat' : 'length', tubeCm),
			...one(hat ? 'flat-width' : 'width', flatWidthCm),
			...one('height-worn', heightWornCm)
		],
		forecast: null,
		next: 'no'
	};
};
export const resultsFrom9 = (results: unknown, project: unknown): unknown => {
	const options = isRecord(project) ? project.options : undefined;
	return list(results, (r) => resultFrom9(r, isRecord(options) ? options.recipe : undefined));
};

/** What a tape along a tube might err, as version 10 had it: it stays with what was brought up then. */
const tapeIn10 = (cm: number): number => Math.hypot(0.005, 0.3 / cm);

/**
 * Up to version 9 evidence was of a plain tube on all pins: its own densities are taken as if just they had been foretold, so
 * that it says of them what it said. Fewer than 20 rows or 8 pins said nothing.
 */
export const evidenceFrom9 = (evidence: Rec): Rec => {
	const { yarnId, strands, tubeCm, flatWidthCm, loopCm, ...rest } = evidence;
	const [pins, rows] = [Number(evidence.pins), Number(evidence.rows)];
	const said = (x: unknown) => (pins >= 8 && rows >= 20 ? number(x) : null);
	const [tube, width, loop] = [said(tubeCm), said(flatWidthCm), said(loopCm)];
	if (tube === null && width === null && loop === null) return { ...rest, on: [], sizes: [] };
	const one = (id: string, cm: number | null, by: { stitches: number; rows: number }) =>
		cm === null ? [] : [{ id, ratio: 1, sd: tapeIn10(cm), by: [{ on: 0, ...by }] }];
	return {
		...rest,
		on: [
			{
				machineId: evidence.machineId,
				yarnId,
				strands: Number(strands),
				// Where one was not measured nothing hangs by it.
				stitchesPerCm: width === null ? 1 : pins / 2 / width,
				rowsPerCm: tube === null ? 1 : rows / tube,
				loopCm: loop
			}
		],
		sizes: [
			...one('length', tube, { stitches: 0, rows: -1 }),
			...one('width', width, { stitches: -1, rows: 0 })
		]
	};
};
export const benchFrom9 = (bench: unknown): unknown =>
	isRecord(bench) ? { ...bench, evidence: list(bench.evidence, evidenceFrom9) } : bench;
