import type { Everything } from '../file/everything';
import { big, small } from './machines';
import { orders } from './orders';
import { patterns } from './patterns';
import { projects } from './projects';
import { done, faults, placed, results, run } from './runs';
import { swatches } from './swatches';
import { winterResults } from './winter';
import { tests } from './yarn-tests';
import { yarns } from './yarns';

/**
 * Invented data: a stall at a small harbour's winter lantern fair, two machines on the table behind it,
 * hats, tubes, garments, a bag, a toy and garlands at different stages, and what the fair is to have.
 */
const bench = { machines: [small, big], yarns, swatches, tests, evidence: [] };
export const harbour: Everything = {
	bench,
	projects,
	events: placed([
		...run('first', 0, 129, { off: true }),
		...done('first', 0, [
			'rest',
			'gather-cast-off',
			'pick-up-cast-on',
			'waste-off-cast-on',
			'gather-cast-on',
			'tuck',
			'meet',
			'weave-in',
			'turn-up',
			'measure'
		]),
		...run('buoy', 4, 81, { off: true }),
		...done('buoy', 4, ['rest', 'join-tails']),
		...run('keeper', 8, 51, { off: false }),
		...run('flags', 13, 24, { off: true, piece: 'flag-1' }),
		...run('flags', 13, 13, { off: false, piece: 'flag-1.2' }),
		...faults
	]),
	results: [...results, ...winterResults(projects, bench)],
	orders,
	patterns,
	practised: ['weave/even', 'first-row/seat', 'join/waste-to-main', 'dropped/on-machine']
};
