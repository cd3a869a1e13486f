import type { Practised } from '../model/practised';
import { entryAt } from '../quantity/sure';
import { say } from '../quantity/say';
import type { Drawing } from '../technique/drawing/drawing';
import { HEIGHT, WIDTH, type Diagram } from '../technique/drawing/ink';
import { isPlayed, type SkillId, type TableSkill } from '../technique/drawing/skills';
import { frameAt, frameDrawing, stepsOf } from './frames';
import type { Learner, Try } from './lesson';
import { PLAYS, tryNamed } from './skills';
import { AT_THE_TABLE } from '../technique/shown/index';

/** How much of the ring is seen: so many pins, and rows of the fabric below them. */
export interface Room {
	readonly pins: number;
	readonly rows: number;
}
const ROOM: Room = { pins: 5, rows: 2 };

/** Work shown step by step, each drawn from how all stands after it. */
export interface Demonstration {
	readonly steps: number;
	/** The step by which it is known, from 0. */
	readonly pictured: number;
	/** Where it can be tried; null where it is no work of loops on the machine. */
	readonly what: Practised | null;
	/** A step from 0; the last where there are fewer. */
	at(step: number, room?: Room): { readonly says: string; readonly diagram: Diagram };
}

/** A try of a lesson as it is shown. */
export function triedAs(what: Practised, t: Try, learner: Learner, pictured = 0): Demonstration {
	return {
		steps: stepsOf(t, learner),
		pictured,
		what,
		at(step, { pins, rows } = ROOM) {
			const frame = frameAt(t, learner, step);
			return { says: frame.says, diagram: frameDrawing(frame, pins, rows) };
		}
	};
}

function atTheTable(id: TableSkill, learner: Learner, drawing: Drawing): Demonstration {
	const { steps, pictured } = AT_THE_TABLE[id];
	const shown = steps(drawing, say(learner.units));
	return {
		steps: shown.length,
		pictured: Math.min(pictured, shown.length - 1),
		what: null,
		at(step) {
			const { says, draw } = entryAt(shown, Math.max(0, Math.min(shown.length - 1, step)));
			return { says, diagram: { width: WIDTH, height: HEIGHT, inks: draw(), says: `${says}.` } };
		}
	};
}

/**
 * A technique, played: on a ring of about as many pins as it has loops, or at the table. Deterministic.
 * @param drawing where it is of a project, its loops, row, wraps or fold
 */
export function demonstrationOf(id: SkillId, learner: Learner, drawing: Drawing): Demonstration {
	if (!isPlayed(id)) return atTheTable(id, learner, drawing);
	const { what, step } = PLAYS[id];
	return triedAs(what, tryNamed(what).t, { ...learner, pins: drawing.loops }, step);
}
