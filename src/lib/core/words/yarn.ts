import { isSpare, RAVEL } from '../program/program';

/** What the hands do, in words. */
export interface EventSaid {
	readonly how: string;
	/** What helps where there is room to say it. */
	readonly also?: string;
}
export interface EventWords extends EventSaid {
	/** Two or three words, read from a metre away. */
	readonly title: string;
}

/** A yarn of a piece by its colour; what comes off again by what it is. */
export const wordYarn = (yarn: number, name: (yarn: number) => string): string =>
	yarn === RAVEL ? 'the contrast strand' : isSpare(yarn) ? 'waste yarn' : name(yarn);

/** `both strands of foam`: each strand is an end of its own at every cast-on, join and close. */
export const wordStrands = (strands: number): string =>
	strands <= 1 ? '' : strands === 2 ? 'both strands of ' : `all ${strands} strands of `;

interface Yarns {
	readonly yarnName: (yarn: number) => string;
	readonly strands: (yarn: number) => number;
}

/** How yarns are said in one context: by their name, and with how many strands at an end. */
export const yarnsIn = (c: Yarns) => {
	const yarn = (i: number) => wordYarn(i, c.yarnName);
	const ends = (i: number) => (isSpare(i) ? yarn(i) : `${wordStrands(c.strands(i))}${yarn(i)}`);
	return { yarn, ends };
};
