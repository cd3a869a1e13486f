/** Whose held yarn is: two by name, the rest as others. */
export const wordHolders = (names: readonly string[]): string =>
	names.length === 0
		? 'other projects'
		: `${names.slice(0, 2).join(', ')}${names.length > 2 ? ' and others' : ''}`;
