/** What the browser's own small store answers; where it is shut nothing is said, and nothing else is lost. */
export const guarded = <T>(does: () => T, otherwise: T): T => {
	try {
		return does();
	} catch {
		return otherwise;
	}
};
