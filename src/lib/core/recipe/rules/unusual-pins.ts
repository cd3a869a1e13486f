import { rule } from '../../finding/rule';
import type { UsualPins } from '../recipe';

declare module '../../finding/finding' {
	interface FindingBodies {
		'unusual-pins': { readonly pins: number; readonly least: number; readonly most: number };
	}
}

/** A kind of tube is usual on some machines; on others it comes out much wider or narrower. */
export const unusualPins = ({ least, most }: UsualPins) =>
	rule({
		says: {
			'unusual-pins': (f) => ({
				what: `On ${f.pins} pins this comes out ${f.pins < f.least ? 'narrow' : 'wide'}.`,
				why: `It is usual on ${f.least} to ${f.most} pins.`
			})
		},
		test: ({ machine }) =>
			machine.pins >= least && machine.pins <= most
				? null
				: {
						body: { code: 'unusual-pins', pins: machine.pins, least, most },
						severity: 'tip',
						where: { at: 'bench' }
					}
	});
