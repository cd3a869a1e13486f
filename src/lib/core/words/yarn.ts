import { isSpare, RAVEL } from '../program/program';

/** What the hands do, in words. */
export interface EventWords {
	/** Two or three words, read from a metre away. */
	readonly title: string;
	readonly how: string;
}

/** A yarn of a piece by its colour; what comes off again by what it is. */
export const wordYarn = (yarn: number, name: (yarn: number) => string): string =>
	yarn === RAVEL ? 'the contrast strand' : isSpare(yarn) ? 'waste yarn' : name(yarn);

/** `both strands of foam`: each strand is an end of its own at every cast-on, join and close. */
export const wordStrands = (strands: number): string =>
	strands <= 1 ? '' : strands === 2 ? 'both strands of ' : `all ${strands} strands of `;
