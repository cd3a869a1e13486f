import type { Options } from '$lib/core/model/options';
import type { AssembledOf } from '$lib/core/recipe/assembled/form/assembled';
import type { ToyPart, ToyOptions } from '$lib/core/recipe/assembled/options';
import { halfEllipse, SHORTENS } from '$lib/core/recipe/assembled/form/stuffed';

/** A change made on the picture. Lengths in cm as seen. */
export type PartEdit =
	| { readonly part: string; readonly segment: number; readonly longCm: number }
	| { readonly part: string; readonly segment: number; readonly thickCm: number };

/** A swelling is drawn at most so long or thick, cm. */
export const MOST_PART_CM = 100;
const clamp = (x: number, low: number, high: number): number => Math.min(high, Math.max(low, x));

/** The options after a swelling was drawn longer or thicker: what is seen is turned into tube and stuffing. */
export function withEdit(options: ToyOptions, edit: PartEdit, roundCm: number): ToyPart[] {
	return options.parts.map((p) => {
		if (p.id !== edit.part) return p;
		return {
			...p,
			segments: p.segments.map((s, i) => {
				if (i !== edit.segment) return s;
				if ('thickCm' in edit) {
					const puff = clamp((edit.thickCm * Math.PI) / roundCm - 1, 0, 0.6);
					return { ...s, puff: Math.round(puff * 100) / 100 };
				}
				if (!p.stuffed)
					return { ...s, length: { by: 'cm', cm: clamp(round(edit.longCm), 1, 100) } };
				const radius = (roundCm * (1 + s.puff)) / (2 * Math.PI);
				const cm = halfEllipse(radius, Math.max(0.2, edit.longCm / 2)) / (1 - SHORTENS * s.puff);
				return { ...s, length: { by: 'cm', cm: clamp(round(cm), 1, 100) } };
			})
		};
	});
}
const round = (cm: number): number => Math.round(cm * 10) / 10;

/** The parts of a toy after an edit on its picture; null where that part is not there any more. */
export function editPart(
	options: Options,
	{ parts }: AssembledOf<'stuffed'>,
	edit: PartEdit
): ToyPart[] | null {
	const made = parts.find((m) => m.part.id === edit.part);
	return made ? withEdit(options as unknown as ToyOptions, edit, made.roundCm) : null;
}
