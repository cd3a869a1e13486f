import { z } from 'zod';

export const settings = z.object({
	units: z.enum(['cm', 'in']),
	theme: z.enum(['auto', 'light', 'dark']),
	/** Which counter reading is the large one at the crank. */
	counter: z.enum(['running', 'zeroed']),
	currentProject: z.string().nullable(),
	/** Whether the store was ever filled or refused demo data. */
	greeted: z.boolean()
});
export type Settings = z.infer<typeof settings>;

export const DEFAULT_SETTINGS: Settings = {
	units: 'cm',
	theme: 'auto',
	counter: 'running',
	currentProject: null,
	greeted: false
};
