import { rule } from '../../finding/rule';

declare module '../../finding/finding' {
	interface FindingBodies {
		garland: object;
	}
}

/** A cord across a room is no toy, and a candle is no neighbour for yarn: said wherever things are strung. */
export const garlandCaution = rule({
	says: {
		garland: () => ({
			what: 'Hang it out of children’s reach and away from flames.',
			why: 'A cord can catch a neck and yarn burns; at a fair the organiser’s rules decide.'
		})
	},
	test: () => ({
		body: { code: 'garland' },
		severity: 'tip',
		where: { at: 'size' }
	})
});
