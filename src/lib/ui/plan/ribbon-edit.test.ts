import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { sectionsOf, type Section } from '$lib/core/stripes/sections';
import { readStripes } from '$lib/core/stripes/stripe-line';
import { RibbonEdit } from './ribbon-edit.svelte';

const YARNS = 3;
const rowsIn = (sections: readonly Section[]) => sections.reduce((t, s) => t + s.rows, 0);

/** A tube whose line is what the last edit said, as the project keeps it. */
function tube(line: string) {
	let now = line;
	const said: { what: string; newTotal: boolean }[] = [];
	const sections = () => {
		const read = readStripes(now, YARNS);
		if (!read.ok) throw new Error(`the line does not read: ${now}`);
		return sectionsOf(read.line);
	};
	const edit = new RibbonEdit(sections, (next, what, newTotal) => {
		now = next;
		said.push({ what, newTotal });
	});
	return { edit, sections, said, line: () => now };
}

describe('edits on the ribbon', () => {
	it('a boundary is shown while it is dragged, and stored once when it is let go', () => {
		const t = tube('20 A, 20 B');
		for (const row of [22, 25, 31]) t.edit.drag(0, row);
		expect(t.edit.sections.map((s) => s.rows)).toEqual([31, 9]);
		expect(t.said).toHaveLength(0);
		t.edit.drop();
		expect(t.line()).toBe('31 A, 9 B');
		expect(t.said).toHaveLength(1);
	});
	it('let go with Escape, nothing has changed', () => {
		const t = tube('20 A, 20 B');
		t.edit.drag(0, 39);
		t.edit.cancel();
		t.edit.drop();
		expect([t.line(), t.said.length]).toEqual(['20 A, 20 B', 0]);
	});
	it('split, merge, shift, repeat and fade act on the section in hand', () => {
		const t = tube('20 A, 10 B, 30 C');
		t.edit.at = 1;
		t.edit.split(2);
		expect(t.line()).toBe('20 A, 5 B, 35 C');
		t.edit.shift(1);
		expect([t.line(), t.edit.at]).toEqual(['20 A, 35 C, 5 B', 2]);
		t.edit.merge();
		expect(t.line()).toBe('20 A, 40 C');
		t.edit.at = 0;
		t.edit.repeat();
		expect(rowsIn(t.sections())).toBe(60);
		expect(t.sections()).toHaveLength(4);
		t.edit.fade();
		expect(rowsIn(t.sections())).toBe(60);
	});
	it('what changes the total says so, so that the line sets the length', () => {
		const t = tube('20 A, 13 B');
		t.edit.whole(5);
		expect(t.line()).toBe('3 times (5 A, 5 B), 5 A');
		t.edit.useUp([12, 7, 0]);
		expect([rowsIn(t.sections()), t.said.every((s) => s.newTotal)]).toEqual([19, true]);
	});
	it('random stripes are the same again from the same seed, within their rules', () => {
		const [a, b, c] = [tube('30 A, 30 B'), tube('30 A, 30 B'), tube('30 A, 30 B')];
		a.edit.random(7, { least: 3, most: 8 });
		b.edit.random(7, { least: 3, most: 8 });
		c.edit.random(8, { least: 3, most: 8 });
		expect(a.line()).toBe(b.line());
		a.edit.random(7, { least: 3, most: 8 });
		expect(a.line()).toBe(b.line());
		expect(a.line()).not.toBe(c.line());
		expect(a.sections().every((s) => s.rows >= 3 && s.rows <= 8)).toBe(true);
	});

	it('figures typed between two rows give whole rows', () => {
		const t = tube('30 A, 30 B');
		t.edit.random(7, { least: 2.5, most: 6.5 });
		t.edit.whole(4.4);
		expect(t.sections().every((s) => s.rows === 4)).toBe(true);
		t.edit.random(3, { least: 2.5, most: 3 });
		expect(t.sections().every((s) => Number.isInteger(s.rows) && s.rows >= 3)).toBe(true);
	});

	it('any edits one after the other keep the total and leave a line that reads', () => {
		const act = fc.tuple(
			fc.constantFrom(
				'drag',
				'nudge',
				'split',
				'merge',
				'recolour',
				'shift',
				'repeat',
				'fade',
				'swap',
				'mirror',
				'even',
				'random'
			),
			fc.nat({ max: 30 }),
			fc.nat({ max: 200 })
		);
		fc.assert(
			fc.property(
				fc.array(fc.tuple(fc.nat({ max: YARNS - 1 }), fc.integer({ min: 1, max: 30 })), {
					minLength: 1,
					maxLength: 12
				}),
				fc.array(act, { maxLength: 12 }),
				(parts, acts) => {
					const t = tube(parts.map(([y, r]) => `${r} ${'ABC'[y]}`).join(', '));
					const total = rowsIn(t.sections());
					for (const [what, i, n] of acts) {
						t.edit.at = i % t.sections().length;
						if (what === 'drag') {
							t.edit.drag(i, n);
							t.edit.drop();
						} else if (what === 'nudge') t.edit.nudge(i, n - 100);
						else if (what === 'split') t.edit.split(n % YARNS);
						else if (what === 'merge') t.edit.merge();
						else if (what === 'recolour') t.edit.recolour(n % YARNS);
						else if (what === 'shift') t.edit.shift(n % 2 ? 1 : -1);
						else if (what === 'repeat' && t.sections().length < total / 3) t.edit.repeat();
						else if (what === 'fade') t.edit.fade();
						else if (what === 'swap') t.edit.swap(0, 1);
						else if (what === 'mirror') t.edit.mirror();
						else if (what === 'even') t.edit.evenOut();
						else if (what === 'random' && total >= 4) t.edit.random(n, { least: 1, most: 4 });
						expect(rowsIn(t.sections()), what).toBe(total);
						expect(t.sections().every((s) => s.rows >= 1)).toBe(true);
					}
				}
			),
			{ seed: 61, numRuns: 300 }
		);
	});
});
