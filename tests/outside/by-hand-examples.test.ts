import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import type { HandOp } from '../../src/lib/core/program/hand';
import { gives, type HandExample } from '../support/by-hand';

/** The examples of docs/by-hand.md are what the machine does under the hand. */
const text = readFileSync('docs/by-hand.md', 'utf8');
const examples = [...text.matchAll(/```json\n([\s\S]*?)```/g)].map(
	(m) => JSON.parse(m[1]!) as HandExample & { gives: ReturnType<typeof gives> }
);

describe('docs/by-hand.md', () => {
	it.each(examples.map((e, i) => [i + 1, e] as const))('example %i', (_, e) => {
		expect(gives(e)).toEqual(e.gives);
	});

	it('has an example of every act, and names it in its text', () => {
		const shown = new Set<string>(examples.flatMap((e) => e.acts.map((a) => a.op)));
		const all: Record<HandOp['op'], true> = {
			lay: true,
			wrap: true,
			'rag-loop': true,
			'yarn-in': true,
			'yarn-out': true,
			guide: true,
			gate: true,
			turn: true,
			slack: true,
			roll: true,
			untwist: true,
			tie: true,
			'push-down': true,
			rise: true,
			bar: true,
			snug: true,
			lift: true,
			idle: true,
			set: true,
			'onto-strand': true,
			hang: true,
			fall: true,
			'mark-loop': true,
			'onto-pin': true,
			rung: true,
			clear: true,
			cross: true,
			card: true,
			thread: true,
			ease: true,
			'draw-up': true,
			hook: true,
			chain: true,
			'draw-yarn': true,
			fasten: true,
			'waste-off': true,
			tug: true,
			zero: true,
			tell: true
		};
		for (const op of Object.keys(all)) {
			expect([op, shown.has(op)]).toEqual([op, true]);
			expect([op, text.includes(`\`${op}\``)]).toEqual([op, true]);
		}
	});
});
