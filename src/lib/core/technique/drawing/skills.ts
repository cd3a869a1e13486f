import type { Draw, Drawing } from './draw';
import { crochet } from './ends';
import { mattress, whip, weaveIn, knot, attach } from './seams';
import {
	tuck,
	turnUp,
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

/** Techniques with a drawing of their own. */
export const SKILLS = {
	crochet,
	mattress,
	whip,
	'weave-in': weaveIn,
	knot,
	tuck,
	'turn-up': turnUp,
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
export type DrawnSkill = keyof typeof SKILLS;
/** Techniques of loops: shown by playing them on the machine, step by step. */
export const PLAYED = [
	'pick-up',
	'gather',
	'zip',
	'loop-through',
	'slip-stitch',
	'three-needle',
	'chain-off',
	'latch',
	'hem',
	'waste-off',
	'ravel'
] as const;
export type PlayedSkill = (typeof PLAYED)[number];
export type SkillId = DrawnSkill | PlayedSkill;
export const SKILL_IDS = [...PLAYED, ...Object.keys(SKILLS)] as readonly SkillId[];
export const isPlayed = (id: SkillId): id is PlayedSkill =>
	(PLAYED as readonly string[]).includes(id);

/** The drawing of a technique for so many loops, from the side the hand works from. Deterministic. */
export function diagramOf(id: DrawnSkill, drawing: Drawing): Diagram {
	return { width: WIDTH, height: HEIGHT, ...SKILLS[id](drawing) };
}
