import * as z from 'zod';
import { option, type Now as NowOf } from '../../option';
import { yarns } from './several';

type Now = NowOf<{ readonly wraps: number }>;

/** What a maker can ask of pom-poms. */
export const pomPomOptions = z.object({
	recipe: z.literal('pom-pom'),
	yarns,
	count: option(z.int().min(1).max(500), {
		label: 'How many',
		what: 'how many…',
		says: ({ count }: { count: number }) => (count === 1 ? 'One pom-pom' : '{} pom-poms')
	}),
	cardCm: option(z.number().min(2).max(30).describe('the length that is wrapped round'), {
		label: 'Card, long',
		what: 'card…',
		unit: 'length'
	}),
	wraps: option(
		z.int().min(10).max(600).nullable().describe('null for as many as the yarn asks for'),
		{
			label: 'Wraps of each',
			what: 'wraps…',
			says: '{} wraps',
			usual: (_: unknown, now: Now) => now.finished.wraps,
			usualSays: 'as many as fill it'
		}
	),
	tieCm: option(z.number().min(15).max(100), {
		label: 'Strand to tie with',
		what: 'tie…',
		unit: 'length'
	})
});
export type PomPomOptions = z.infer<typeof pomPomOptions>;
