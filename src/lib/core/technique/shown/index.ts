import type { TableSkill } from '../drawing/skills';
import { foldStrip } from './bag';
import { block, stuff } from './filled';
import { hang, string } from './garland';
import { crochet, drawstring } from './hooks';
import { tieCut, wind } from './pompom';
import { fixPom } from './fix-pom';
import { patchOn, sewOn, stitchEyes } from './on-cloth';
import { joinOpen } from './open-rows';
import { attach, mattress, weaveIn } from './seams';
import type { TableDemo } from './shown';
import { insideOut, measure, stretch, tuck, turnUp } from './tubes';
import { tieOff } from './waist';
import { whip } from './whip';

/** Techniques at the table, each played step by step. */
export const AT_THE_TABLE: Record<TableSkill, TableDemo> = {
	crochet,
	mattress,
	whip,
	'weave-in': weaveIn,
	tuck,
	'turn-up': turnUp,
	'tie-off': tieOff,
	stuff,
	attach,
	'fold-bag': foldStrip,
	wind,
	'tie-cut': tieCut,
	'fix-pom': fixPom,
	hang,
	string,
	'sew-on': sewOn,
	'stitch-eyes': stitchEyes,
	patch: patchOn,
	'join-open': joinOpen,
	block,
	drawstring,
	'inside-out': insideOut,
	stretch,
	measure
};
