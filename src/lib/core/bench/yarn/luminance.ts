import { modeLrgb, modeRgb, useMode, wcagLuminance } from 'culori/fn';

useMode(modeRgb);
useMode(modeLrgb);

/** A lining this much lighter than a dark outer shines through (from memory). */
export const SHINES = 0.35;

/** Relative luminance of #rrggbb, 0 to 1 (WCAG 2.2). */
export const luminance = (hex: string): number => wcagLuminance(hex);
