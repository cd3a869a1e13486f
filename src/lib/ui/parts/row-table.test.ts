import fc from 'fast-check';
import { expect, it } from 'vitest';
import { doubled, moved, without } from './row-table';

const lists = fc.uniqueArray(fc.integer(), { minLength: 1, maxLength: 9 });
const placed = lists.chain((list) =>
	fc.record({
		list: fc.constant(list),
		from: fc.nat(list.length - 1),
		to: fc.nat(list.length - 1)
	})
);

it('moved there and back it is as it was, and nothing is lost on the way', () => {
	fc.assert(
		fc.property(placed, ({ list, from, to }) => {
			const there = moved(list, from, to);
			expect(there[to]).toBe(list[from]);
			expect([...there].sort()).toEqual([...list].sort());
			expect(moved(there, to, from)).toEqual(list);
			expect(moved(list, from, list.length)).toEqual(list);
			expect(moved(list, from, -1)).toEqual(list);
		})
	);
});

it('doubled it stands beside itself, and taken out again all is as it was', () => {
	fc.assert(
		fc.property(placed, ({ list, from }) => {
			const twice = doubled(list, from);
			expect(twice).toHaveLength(list.length + 1);
			expect(twice[from + 1]).toBe(list[from]);
			expect(without(twice, from)).toEqual(list);
		})
	);
});
