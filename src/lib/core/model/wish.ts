import * as z from 'zod';

/** What a maker can wish of a recipe: its id, and options that only the recipe itself knows. */
export interface Wish {
	readonly recipe: string;
	readonly [option: string]: unknown;
}

/** By recipe: the schema of its options, once it is loaded. */
const OPTIONS = new Map<string, z.ZodObject>();
/** The options of a recipe can be read from now on. */
export const addOptions = (recipe: string, schema: z.ZodObject): void => {
	OPTIONS.set(recipe, schema);
};
export const optionsOf = (recipe: string): z.ZodObject | undefined => OPTIONS.get(recipe);

/** Any recipe's options, each by its own schema; those of a recipe that is not loaded stay as they are, whatever they hold. */
export const wish = z
	.looseObject({ recipe: z.string().min(1).max(60) })
	.transform((value, ctx): Wish => {
		const read = OPTIONS.get(value.recipe)?.safeParse(value);
		if (!read) return value;
		if (read.success) return read.data as Wish;
		ctx.issues.push(...read.error.issues.map((i) => ({ ...i, input: value }) as never));
		return z.NEVER;
	});
