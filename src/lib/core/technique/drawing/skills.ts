import type { Draw, Drawing } from './draw';
import {
	pickUp,
	gather,
	zip,
	slipStitch,
	threeNeedle,
	loopThrough,
	crochet,
	chainOff
} from './ends';
import { mattress, whip, latch, wasteOff, ravel, weaveIn, knot, attach } from './seams';
import {
	tuck,
	turnUp,
	hem,
	tieOff,
	stuffing,
	foldStep,
	wind,
	tieCut,
	hang,
	block,
	drawstring,
	insideOut,
	stretch,
	measure
} from './shapes';
import { HEIGHT, WIDTH, type Diagram } from './ink';

/** Every technique that has a drawing. */
export const SKILLS = {
	'pick-up': pickUp,
	gather,
	zip,
	'loop-through': loopThrough,
	'slip-stitch': slipStitch,
	'three-needle': threeNeedle,
	crochet,
	'chain-off': chainOff,
	mattress,
	whip,
	latch,
	'waste-off': wasteOff,
	ravel,
	'weave-in': weaveIn,
	knot,
	tuck,
	'turn-up': turnUp,
	hem,
	'tie-off': tieOff,
	stuff: stuffing,
	attach,
	'fold-bag': foldStep,
	wind,
	'tie-cut': tieCut,
	hang,
	block,
	drawstring,
	'inside-out': insideOut,
	stretch,
	measure
} as const satisfies Record<string, Draw>;
export type SkillId = keyof typeof SKILLS;
export const SKILL_IDS = Object.keys(SKILLS) as readonly SkillId[];

/** The drawing of a technique for so many loops, from the side the hand works from. Deterministic. */
export function diagramOf(id: SkillId, drawing: Drawing): Diagram {
	return { width: WIDTH, height: HEIGHT, ...SKILLS[id](drawing) };
}
