/** The card makers use, cm, and the wraps round it with a usual yarn (common practice: 60 to 80 on a card of 4 in). */
const USUAL_CARD_CM = 10.16;
const USUAL_WRAPS = 70;
/** The yarn those are counted in: 200 m in 100 g, so 500 tex. */
const USUAL_TEX = 500;
/** What trimming leaves of the card's length as its thickness (from memory). */
const TRIMMED = 0.85;

/** A strand that ties one: 12 to 15 in (common practice), cm. */
export const TIE_CM = 34;

/** Yarn wrapped, cm: twice round the card each. */
export const wrappedCm = (wraps: number, cardCm: number): number => wraps * 2 * cardCm;

/**
 * Wraps that fill a ball: its strands all meet at the tie and spread over its surface, which grows with the square of the
 * card; a thicker yarn fills it with fewer. A scale of the usual, an estimate (from memory).
 */
export const usualWraps = (cardCm: number, tex: number): number =>
	Math.max(
		10,
		Math.min(600, Math.round(USUAL_WRAPS * (cardCm / USUAL_CARD_CM) ** 2 * (USUAL_TEX / tex)))
	);

/** Thickness when trimmed, cm. */
export const pomPomCm = (cardCm: number): number => TRIMMED * cardCm;
