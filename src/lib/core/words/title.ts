import type { RunSheetEvent } from '../crank/events';
import type { EventContext } from './context';
import { wordHands } from './hands';
import { yarnsIn } from './yarn';

/** What comes, in two or three words, read from a metre away. */
export function titleOf(e: RunSheetEvent, c: EventContext): string {
	const { yarn } = yarnsIn(c);
	switch (e.kind) {
		case 'cast-on':
			return `Cast on with ${yarn(e.yarn)}`;
		case 'hands':
			return wordHands(e.work, c.machine).title;
		case 'slow':
			return 'Crank slowly';
		case 'join':
			return `Change to ${yarn(e.to)}`;
		case 'tie':
			return 'Tie the two tails';
		case 'mark':
			return `Mark row ${e.mainRow}`;
		case 'roll':
			return `Roll up the ${e.in}`;
		case 'clog':
			return 'Clear the middle';
		case 'runs-out':
			return e.ball === null
				? `${yarn(e.yarn)} runs out here`
				: `Ball ${e.ball} of ${yarn(e.yarn)} ends about here`;
		case 'take-off':
			return e.method === 'needle' ? 'Cut and take off' : 'Crank off';
	}
}
