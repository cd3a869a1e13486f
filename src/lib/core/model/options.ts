import type * as z from 'zod';

/** What a maker can ask of a recipe: its id, and options that only the recipe itself knows. */
export interface Options {
	readonly recipe: string;
	readonly [option: string]: unknown;
}

/** By recipe: the schema of its options, once it is loaded. */
const OPTIONS = new Map<string, z.ZodObject>();
/** The options of a recipe can be read from now on. */
export const addSchema = (recipe: string, schema: z.ZodObject): void => {
	OPTIONS.set(recipe, schema);
};
export const schemaOf = (recipe: string): z.ZodObject | undefined => OPTIONS.get(recipe);
