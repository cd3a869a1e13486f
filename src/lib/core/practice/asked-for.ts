import type { RunSheetEvent } from '../crank/events';
import type { HandWork } from '../crank/row-by-row';
import type { Practised } from '../model/practised';

function ofWork(work: HandWork): Practised | null {
	switch (work.do) {
		case 'decrease':
			if (work.way === 'double') return 'decrease/double';
			if (work.edgeStitches === 2) return 'decrease/two-kept';
			return work.edge === 'low' ? 'decrease/single-low' : 'decrease/single-high';
		case 'hold':
		case 'take-back':
			return 'held/hold';
		case 'hang-hem':
			return 'hem/hang';
		case 'extend':
		case 'latch-extension':
			return 'ladders/extension';
		case 'drop':
		case 'latch':
		case 'repair':
			return 'dropped/on-machine';
		case 'move-in':
		case 'cast-off':
		case 'decrease-inside':
		case 'spare-strand':
			return null;
	}
}

/** What the crank is about to ask of the hands, as it is practised; null for what needs no practice. */
export function practiceAtCrank(e: RunSheetEvent, pins: number): Practised | null {
	switch (e.kind) {
		case 'cast-on':
			if (e.method === 'e-wrap') return 'weave/e-wrap';
			return e.method === 'rag' ? 'hem/rag' : pins % 2 === 0 ? 'weave/even' : 'weave/odd';
		case 'slow':
			return e.why === 'panel'
				? 'panel-turns/twelve-edges'
				: e.why === 'first'
					? 'first-row/seat'
					: null;
		case 'hands':
			return e.work.map(ofWork).find((p) => p !== null) ?? null;
		case 'join':
			return 'join/waste-to-main';
		case 'roll':
			return 'drag/twelve-rows';
		case 'clog':
			return 'drag/clog';
		case 'mark':
			return 'counting/habits';
		case 'take-off':
			return e.method === 'crank' ? 'taking-off/crank-off' : 'taking-off/needle';
		case 'tie':
		case 'runs-out':
			return null;
	}
}

/** Whether nothing of a lesson was ever done to the end on this device. */
export const neverPractised = (what: Practised, practised: readonly Practised[]): boolean => {
	const [lesson] = what.split('/');
	return !practised.some((p) => p.startsWith(`${lesson}/`));
};
