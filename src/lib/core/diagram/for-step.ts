import type { FinishStep } from '../finish/steps';
import type { FlatClosing } from '../model/kinds';
import type { Drawing, TechniqueId } from './techniques';

const CLOSINGS: Record<FlatClosing, TechniqueId> = {
	slip: 'slip-stitch',
	'three-needle': 'three-needle',
	loop: 'loop-through'
};

/** The technique a finishing step is worked by, and what its drawing is made from. */
export function techniqueOf(step: FinishStep): {
	readonly id: TechniqueId;
	readonly drawing: Drawing;
} {
	const of = (id: TechniqueId, drawing: Drawing = { loops: 12 }) => ({ id, drawing });
	switch (step.do) {
		case 'pick-up':
			return of('pick-up', step);
		case 'gather':
			return of('gather', step);
		case 'gather-piece':
			return of('gather', step);
		case 'draw-end':
		case 'draw-tip':
			return of('gather', step);
		case 'zip':
			return of('zip', step);
		case 'close-flat':
			return step.toe ? of('whip', step) : of(CLOSINGS[step.how], step);
		case 'close-crown':
			return of(CLOSINGS[step.how], step);
		case 'join-ring':
			return of('whip', step);
		case 'bind':
		case 'bind-edge':
			return step.do === 'bind' && step.perLoop === 2 ? of('crochet', step) : of('chain-off', step);
		case 'close-held':
			return of('chain-off', step);
		case 'crochet-edge':
			return of('crochet', { loops: step.count.stitches });
		case 'border':
			return of('crochet', { loops: step.stitches });
		case 'sew':
			return of(step.check.seam.kind === 'shoulder' ? 'whip' : 'mattress', { loops: 8 });
		case 'sew-bag':
		case 'side-by-side':
			return of('mattress');
		case 'handle':
			return of('whip', { loops: step.rows });
		case 'hook-ends':
		case 'meet':
			return of('whip', { loops: 8 });
		case 'latch-card':
		case 'latch-ladders':
			return of('latch');
		case 'waste-off':
			return of('waste-off', { loops: 24 });
		case 'join-tails':
			return of(step.how === 'tie' ? 'knot' : 'weave-in');
		case 'weave-in':
			return of('weave-in');
		case 'tuck':
			return of('tuck');
		case 'turn-up':
			return of('turn-up');
		case 'hem':
			return of('hem');
		case 'tie-off':
			return of('tie-off', { loops: step.loops, row: step.atRow });
		case 'stuff':
			return of('stuff');
		case 'attach':
			return of('attach', step);
		case 'eyes':
			return of('attach', { loops: step.count });
		case 'fold-bag':
			return of('fold-bag', { loops: 0, stage: 'strip' });
		case 'wind':
			return of('wind', { loops: 0, wraps: step.wraps });
		case 'tie-cut':
		case 'fix-pom':
			return of('tie-cut');
		case 'string':
		case 'hang':
			return of('hang');
		case 'block':
			return of('block');
		case 'drawstring':
		case 'straps':
		case 'ties':
			return of('drawstring');
		case 'thumb':
			return of('chain-off', { loops: 2 * step.stitches });
		case 'inside-out':
			return of('inside-out');
		case 'rest':
			return step.as === 'flag' ? of('block') : of('stretch');
		case 'measure':
			return of('measure');
	}
}
