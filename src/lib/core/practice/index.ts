import type { Lesson } from './lesson';
import { lesson as closings } from './lessons/closings';
import { lesson as counting } from './lessons/counting';
import { lesson as decrease } from './lessons/decrease';
import { lesson as drag } from './lessons/drag';
import { lesson as dropped } from './lessons/dropped';
import { lesson as firstRow } from './lessons/first-row';
import { lesson as held } from './lessons/held';
import { lesson as hem } from './lessons/hem';
import { lesson as join } from './lessons/join';
import { lesson as ladders } from './lessons/ladders';
import { lesson as panelTurns } from './lessons/panel-turns';
import { lesson as takingOff } from './lessons/taking-off';
import { lesson as weave } from './lessons/weave';

/** Everything that can be practised, in the order in which a piece asks for it. */
export const LESSONS: readonly Lesson[] = [
	weave,
	firstRow,
	join,
	drag,
	panelTurns,
	decrease,
	held,
	hem,
	dropped,
	takingOff,
	closings,
	ladders,
	counting
];
