/** The maker's own settings, kept with the data. */
export interface Settings {
	readonly units: 'cm' | 'in';
	readonly theme: 'auto' | 'light' | 'dark';
	/** Which counter reading is the large one at the crank. */
	readonly counter: 'running' | 'zeroed';
	readonly currentProject: string | null;
	/** Whether the store was ever filled or refused demo data. */
	readonly greeted: boolean;
}

export const DEFAULT_SETTINGS: Settings = {
	units: 'cm',
	theme: 'auto',
	counter: 'running',
	currentProject: null,
	greeted: false
};

const ALLOWED: { [K in keyof Settings]: (v: unknown) => boolean } = {
	units: (v) => v === 'cm' || v === 'in',
	theme: (v) => v === 'auto' || v === 'light' || v === 'dark',
	counter: (v) => v === 'running' || v === 'zeroed',
	currentProject: (v) => v === null || typeof v === 'string',
	greeted: (v) => typeof v === 'boolean'
};

/** What of a stored value can be used; anything else falls back to its default. */
export function soundSettings(stored: Record<string, unknown>): Settings {
	const sound = Object.entries(ALLOWED).filter(([key, ok]) => ok(stored[key]));
	return { ...DEFAULT_SETTINGS, ...Object.fromEntries(sound.map(([key]) => [key, stored[key]])) };
}
