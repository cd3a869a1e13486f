import { describe } from 'vitest';
import { OffTheRing } from '../../../../tests/support/off-the-ring';
import { readEverywhere, type Sentence } from '../../../../tests/support/reading';
import { tokensOf } from '../../../../tests/support/tokens';
import {
	RAVEL_NAME,
	ToldAtTheCrank,
	WASTE_NAME
} from '../../../../tests/support/told-at-the-crank';
import type { Plan } from '../plan';
import { eventContext } from './context';
import { wordEvent } from './events';

function* atTheCrank(p: Plan): Generator<Sentence> {
	const yarns = [...p.yarns.map((y) => y.colourName), WASTE_NAME, RAVEL_NAME];
	for (const piece of p.pieces) {
		const told = new ToldAtTheCrank(p, piece, new OffTheRing(piece.program, piece.machine));
		for (const e of piece.sheet.events) {
			const { title, how, also = '' } = wordEvent(e, eventContext(p, piece.machine, 'cm'));
			const is = told.of(e);
			// One stitch alone is at either edge.
			const states = tokensOf(`${title}. ${how} ${also}`, yarns).map((fact, i) =>
				is[i] === 'edge of one' && fact.startsWith('edge ') ? 'edge of one' : fact
			);
			yield { text: `${piece.name}, after row ${e.after}: "${title}. ${how}"`, states, is };
		}
	}
}

describe('what is said at the crank is what the machine has', () => {
	readEverywhere('crank', atTheCrank);
});
