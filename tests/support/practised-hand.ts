import type { Act } from '../../src/lib/core/program/hand';
import { perfectActs, stateAfter } from '../../src/lib/core/practice/judge';
import { pointsOn } from '../../src/lib/core/practice/so-on';
import type { Learner, Try } from '../../src/lib/core/practice/lesson';

/** What a maker does on the screen, for an act of the hand. */
export type Move =
	| { readonly do: 'point'; readonly pin: number; readonly by: number }
	| { readonly do: 'choose'; readonly from: number }
	| { readonly do: 'use'; readonly tool: number }
	| { readonly do: 'tell'; readonly rows: number }
	| {
			readonly do: 'turn';
			readonly pins: number;
			readonly way: 'forward' | 'back';
			readonly pace: 'slow' | 'fast';
	  };

const round = (x: number, pins: number) => ((x % pins) + pins) % pins;

/** The moves of a hand that does it right, from a try as it opens. @throws where no tool does an act */
export function movesOf(t: Try, m: Learner): Move[] {
	const done: Act[] = [];
	let at = round(stateAfter(t, m, []).pos, m.pins);
	return perfectActs(t, m).flatMap((act): Move[] => {
		const hand = stateAfter(t, m, done);
		done.push(act);
		if (act.op === 'turn') {
			at = round(stateAfter(t, m, done).pos, m.pins);
			return [{ do: 'turn', pins: act.pins, way: act.way, pace: act.pace }];
		}
		if (act.op === 'tell') return [{ do: 'tell', rows: act.rows }];
		const pin = 'pin' in act ? act.pin : at;
		const used = { hand, m, pin, chosen: act.op === 'set' ? act.from : null };
		const tool = t.tools.findIndex((x) => JSON.stringify(x.act(used, 0)) === JSON.stringify(act));
		if (tool < 0) throw new Error(`no tool of ${t.id} does ${JSON.stringify(act)}`);
		const over = round(pin - at, m.pins);
		const by = over > m.pins / 2 ? over - m.pins : over;
		const on = pointsOn(done, m.pins);
		at = on ?? round(pin + (t.tools[tool]!.moves ?? 0), m.pins);
		return [
			...(by === 0 ? [] : [{ do: 'point', pin, by } as const]),
			...(act.op === 'set' && act.from !== hand.pick.at(-1)?.from
				? [{ do: 'choose', from: act.from } as const]
				: []),
			{ do: 'use', tool }
		];
	});
}
