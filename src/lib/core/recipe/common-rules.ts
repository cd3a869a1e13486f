import type { Rule } from '../finding/facts';
import type { UsualPins } from './recipe';

/** A kind of tube is usual on some machines; on others it comes out much wider or narrower. */
export const unusualPins =
	({ least, most }: UsualPins): Rule =>
	({ machine }) =>
		machine.pins >= least && machine.pins <= most
			? null
			: {
					body: { code: 'unusual-pins', pins: machine.pins, least, most },
					severity: 'tip',
					where: { at: 'bench' }
				};

/** Fewer waste rows than this do not hang well. */
const LEAST_WASTE = 4;

export const shortWaste: Rule<{ readonly wasteStart: number; readonly wasteEnd: number }> = ({
	wish
}) => {
	const short = [wish.wasteStart, wish.wasteEnd].find((r) => r > 0 && r < LEAST_WASTE);
	return short === undefined
		? null
		: { body: { code: 'short-waste', rows: short }, severity: 'tip', where: { at: 'row', row: 0 } };
};

/** A cord across a room is no toy, and a candle is no neighbour for yarn: said wherever things are strung. */
export const garlandCaution: Rule = () => ({
	body: { code: 'garland' },
	severity: 'tip',
	where: { at: 'size' }
});
