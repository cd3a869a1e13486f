/** A small generator with a named seed, so that a test sees the same chance each time. From 0 to 1. */
export function seeded(seed: number): () => number {
	let state = (seed * 2_654_435_761) >>> 0 || 1;
	return () => {
		state ^= state << 13;
		state >>>= 0;
		state ^= state >>> 17;
		state ^= state << 5;
		state >>>= 0;
		return state / 4_294_967_296;
	};
}
