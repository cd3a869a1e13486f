import * as z from 'zod';
import { schemaOf, type Options } from './options';

/** Any recipe's options, each by its own schema; those of a recipe that is not loaded stay as they are, whatever they hold. */
export const options = z
	.looseObject({ recipe: z.string().min(1).max(60) })
	.transform((value, ctx): Options => {
		const read = schemaOf(value.recipe)?.safeParse(value);
		if (!read) return value;
		if (read.success) return read.data as Options;
		ctx.issues.push(...read.error.issues.map((i) => ({ ...i, input: value }) as never));
		return z.NEVER;
	});
