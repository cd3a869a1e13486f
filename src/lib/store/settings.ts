import { UNITS, type Units } from '../core/quantity/units';
import type { UsualWaste } from '../core/recipe/uses';
import { isPractised, MOST_PRACTISED, type Practised } from '../core/model/practised';
import { CROCHET_TERMS, WASTE_WITH, type CrochetTerms } from '../core/model/kinds';

/** The maker's own settings, kept with the data. */
export interface Settings {
	readonly units: Units;
	readonly theme: 'auto' | 'light' | 'dark';
	/** Whose words crochet stitches are called by. */
	readonly crochet: CrochetTerms;
	/** Paper to print on; null goes by the unit. */
	readonly paper: 'a4' | 'letter' | null;
	/** Which counter reading is the large one at the crank. */
	readonly counter: 'running' | 'zeroed';
	/** What the crank view says aloud and sounds for, and whether it keeps the screen awake. */
	readonly voice: boolean;
	readonly rowSound: boolean;
	readonly warnSound: boolean;
	readonly eventSound: boolean;
	readonly awake: boolean;
	/** What the maker's pedal types, beside the keys that count anyway; null for nothing else. */
	readonly pedalKey: string | null;
	readonly currentProject: string | null;
	/** Whether the store was ever filled or refused demo data. */
	readonly greeted: boolean;
	/** The maker's usual waste yarn and tails; null takes each recipe's own. */
	readonly waste: UsualWaste | null;
	/** What was practised to the end without a mistake, by lesson and try: `weave/even`. */
	readonly practised: readonly Practised[];
}

export const DEFAULT_SETTINGS: Settings = {
	units: 'cm',
	theme: 'auto',
	crochet: 'us',
	paper: null,
	counter: 'running',
	voice: false,
	rowSound: false,
	warnSound: true,
	eventSound: true,
	awake: true,
	pedalKey: null,
	currentProject: null,
	greeted: false,
	waste: null,
	practised: []
};

const ALLOWED: { [K in keyof Settings]: (v: unknown) => boolean } = {
	units: (v) => (UNITS as readonly unknown[]).includes(v),
	theme: (v) => v === 'auto' || v === 'light' || v === 'dark',
	crochet: (v) => (CROCHET_TERMS as readonly unknown[]).includes(v),
	paper: (v) => v === null || v === 'a4' || v === 'letter',
	counter: (v) => v === 'running' || v === 'zeroed',
	voice: isFlag,
	rowSound: isFlag,
	warnSound: isFlag,
	eventSound: isFlag,
	awake: isFlag,
	pedalKey: (v) => v === null || (typeof v === 'string' && v.length >= 1 && v.length <= 30),
	currentProject: (v) => v === null || typeof v === 'string',
	greeted: isFlag,
	waste: isWaste,
	practised: arePractised
};

function isFlag(v: unknown): boolean {
	return typeof v === 'boolean';
}

function arePractised(v: unknown): boolean {
	return Array.isArray(v) && v.length <= MOST_PRACTISED && v.every(isPractised);
}

function isWaste(v: unknown): boolean {
	if (v === null) return true;
	if (typeof v !== 'object') return false;
	const w = v as Record<string, unknown>;
	const rows = (n: unknown) => typeof n === 'number' && Number.isInteger(n) && n >= 0 && n <= 20;
	return (
		rows(w.start) &&
		rows(w.end) &&
		(WASTE_WITH as readonly unknown[]).includes(w.with) &&
		(w.joinTails === 'tie' || w.joinTails === 'weave')
	);
}

/** What of a stored value can be used; anything else falls back to its default. */
export function soundSettings(stored: Record<string, unknown>): Settings {
	const sound = Object.entries(ALLOWED).filter(([key, ok]) => ok(stored[key]));
	return { ...DEFAULT_SETTINGS, ...Object.fromEntries(sound.map(([key]) => [key, stored[key]])) };
}
