import {
	differenceEuclidean,
	modeLrgb,
	modeOklab,
	modeRgb,
	useMode,
	wcagLuminance
} from 'culori/fn';

useMode(modeRgb);
useMode(modeLrgb);
useMode(modeOklab);

/** A lining this much lighter than a dark outer shines through (from memory). */
export const SHINES = 0.35;

/** Relative luminance of #rrggbb, 0 to 1 (WCAG 2.2). */
export const luminance = (hex: string): number => wcagLuminance(hex);

/** How far apart two colours, #rrggbb, look: distance in Oklab, 0 for the same, 1 from black to white. */
export const colourApart: (a: string, b: string) => number = differenceEuclidean('oklab');
