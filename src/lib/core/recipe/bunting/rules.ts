import { panelPins } from '../../bench/machine/panel';
import type { Rule } from '../../finding/facts';
import { tooLong } from '../../finding/fit-rules';
import type { BuntingWish } from '../../model/wish';
import { garlandCaution } from '../common-rules';
import type { FinishedOf } from '../finished';

/** A flag has to fit between the edges of the panel; wider than the machine gives, the nearest that fits is offered. */
const panelTooWide: Rule<BuntingWish, FinishedOf<'flags'>> = ({
	finished: { flag },
	wish,
	machine
}) => {
	const { most } = panelPins(machine, wish.turn, flag.stitches);
	return flag.stitches <= most
		? null
		: {
				body: { code: 'panel-too-wide', stitches: flag.stitches, most },
				severity: 'stop',
				where: { at: 'size' },
				fix: { do: 'stitches', stitches: flag.mostStitches }
			};
};

export const buntingRules: readonly Rule<BuntingWish, FinishedOf<'flags'>>[] = [
	tooLong,
	panelTooWide,
	garlandCaution
];
