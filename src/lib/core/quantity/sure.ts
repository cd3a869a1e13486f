/** What is known to be there, and says so where it is not: in place of a silent hole that is found far from its cause. */

/** The entry at a place. @throws RangeError where the list has none there */
export function entryAt<T>(list: ArrayLike<T>, i: number): T {
	const entry = list[i];
	if (entry === undefined) throw new RangeError(`no entry ${i} in a list of ${list.length}`);
	return entry;
}
/** @throws RangeError where the list is empty */
export const last = <T>(list: ArrayLike<T>): T => entryAt(list, list.length - 1);
/** What a map holds by a key. @throws RangeError where it holds nothing by it */
export function got<K, T>(map: { get(key: K): T | undefined }, key: K): T {
	const entry = map.get(key);
	if (entry === undefined) throw new RangeError(`nothing by ${String(key)}`);
	return entry;
}
/** The first of a list that fits. @throws RangeError where none does */
export function found<T, S extends T>(list: readonly T[], fits: (x: T) => x is S): S;
export function found<T>(list: readonly T[], fits: (x: T, i: number) => boolean): T;
export function found<T>(list: readonly T[], fits: (x: T, i: number) => boolean): T {
	const entry = list.find(fits);
	if (entry === undefined) throw new RangeError(`none of ${list.length} fits`);
	return entry;
}
/** What is there. @throws RangeError where it is not */
export function sure<T>(x: T | null | undefined): T {
	if (x === null || x === undefined) throw new RangeError('it is not there');
	return x;
}
