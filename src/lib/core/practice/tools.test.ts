import { describe, expect, it } from 'vitest';
import { learner } from '../../../../tests/support/learner';
import type { Act } from '../program/hand';
import { LESSONS } from './index';
import { perfectActs, stateAfter } from './judge';
import { practiceAtCrank } from './asked-for';
import { practiceOfSkill } from './skills';
import { demonstrationOf } from './demonstration';
import { frameAt, frameDrawing, frameOf, stepsOf } from './frames';
import { sayPin, sayState } from './say';
import { soOn } from './so-on';
import { isPlayed, SKILL_IDS } from '../technique/drawing/skills';

const m = learner(22);
const all = LESSONS.flatMap((lesson) => lesson.tries.map((t) => ({ lesson, t })));

describe('the tools of a try', () => {
	it('are enough, with the crank, for every act of a perfect hand, and few enough for a key each', () => {
		for (const { lesson, t } of all) {
			expect(t.tools.length).toBeLessThanOrEqual(9);
			expect(new Set(t.tools.map((x) => x.id)).size).toBe(t.tools.length);
			const done: Act[] = [];
			for (const act of perfectActs(t, m)) {
				const hand = stateAfter(t, m, done);
				const pin = 'pin' in act ? act.pin : 0;
				const chosen = act.op === 'set' ? act.from : null;
				const number = act.op === 'tell' ? act.rows : 0;
				const made = t.tools.map((tool) => tool.act({ hand, m, pin, chosen }, number));
				const found =
					act.op === 'turn' || made.some((x) => JSON.stringify(x) === JSON.stringify(act));
				expect([lesson.id, t.id, act, found]).toEqual([lesson.id, t.id, act, true]);
				done.push(act);
			}
		}
	});

	it('leave a state that is another in words after each act: what is drawn can be heard', () => {
		for (const { lesson, t } of all) {
			const done: Act[] = [];
			const words = () => {
				const hand = stateAfter(t, m, done);
				return [
					sayState(hand, m),
					...Array.from({ length: hand.pins }, (_, p) => sayPin(hand, p, m))
				].join();
			};
			let before = words();
			for (const act of perfectActs(t, m)) {
				done.push(act);
				const after = words();
				// Rolled up where nothing stands on the table yet.
				if (act.op !== 'roll')
					expect([lesson.id, t.id, act, after !== before]).toEqual([lesson.id, t.id, act, true]);
				before = after;
			}
		}
	});

	it('let mistakes be made: more than one hand move is offered wherever there is a choice', () => {
		for (const { t } of all) expect(t.asks(m)).toMatch(/^.{30,260}$/);
	});
});

it('a count that was lost is said nowhere', () => {
	const t = all.find((x) => x.t.countLost)!.t;
	const hand = stateAfter(t, m, []);
	expect(sayState(hand, m, false)).not.toMatch(/rows? knitted|counter/);
	expect(sayState(hand, m)).toContain('rows knitted');
});

describe('going on as the last acts did', () => {
	it('carries each on by as many pins, to the last pin and no further', () => {
		const lay = (pin: number): Act => ({ op: 'lay', pin, side: pin % 2 ? 'behind' : 'before' });
		expect(soOn([lay(0), lay(1), lay(2), lay(3)], 10, 2)).toEqual([lay(4), lay(5), lay(6), lay(7)]);
		expect(soOn([lay(4), lay(5), lay(6), lay(7)], 10, 9)).toEqual([lay(8), lay(9)]);
		expect(soOn([lay(0), lay(1)], 10, 2)).toEqual([]);
	});
	it('closes a flat end from both sides', () => {
		const hook = (pin: number): Act => ({ op: 'hook', pin, draw: 'through' });
		expect(soOn([hook(1), hook(20), hook(2), hook(19)], 22, 2)).toEqual([3, 18, 4, 17].map(hook));
	});
	it('is nothing where nothing repeats', () => {
		expect(soOn([{ op: 'roll' }, { op: 'slack' }], 22, 3)).toEqual([]);
		expect(soOn([], 22, 3)).toEqual([]);
	});
});

describe('a demonstration', () => {
	it('has a drawing for each step, its letters and pins within it', () => {
		for (const { lesson, t } of all) {
			for (let step = 0; step < stepsOf(t, m); step++) {
				const frame = frameAt(t, m, step);
				expect(frame.says).toMatch(/^[A-Z0-9].{4,140}$/);
				const drawing = frameDrawing(frame, 5, 2);
				expect(drawing.inks.length, `${lesson.id} ${t.id} ${step}`).toBeGreaterThan(9);
				expect(drawing.says).not.toMatch(/undefined|NaN/);
				for (const ink of drawing.inks) {
					if (ink.kind !== 'text') expect(ink.d).not.toMatch(/NaN|undefined/);
					else {
						expect(ink.x).toBeGreaterThan(0);
						expect(ink.x).toBeLessThan(drawing.width);
						expect(ink.y).toBeLessThanOrEqual(drawing.height);
					}
				}
			}
			expect(frameOf(lesson, m).says.length).toBeGreaterThan(8);
		}
	});
	it('looks otherwise after each of its steps that does something', () => {
		for (const { lesson, t } of all) {
			const drawn = (step: number) => {
				const frame = frameAt(t, m, step);
				const { inks, says } = frameDrawing({ ...frame, centre: 0 }, frame.hand.pins, 4);
				return JSON.stringify([inks, says]);
			};
			const shown = t.perfect(m);
			for (let step = 1; step < shown.length; step++) {
				const unseen = shown[step]!.acts.every((a) =>
					[
						'fasten',
						'tie',
						'tell',
						'roll',
						'untwist',
						'snug',
						'bar',
						'zero',
						'draw-up',
						'mark-loop'
					].includes(a.op)
				);
				if (!unseen)
					expect([lesson.id, t.id, step, drawn(step) !== drawn(step - 1)]).toEqual([
						lesson.id,
						t.id,
						step,
						true
					]);
			}
		}
	});
});

describe('what is about to be asked of the hands', () => {
	const known = new Set(all.map(({ lesson, t }) => `${lesson.id}/${t.id}`));
	it('leads to a try that there is', () => {
		for (const skill of SKILL_IDS) {
			const what = practiceOfSkill(skill);
			expect(what !== null).toBe(isPlayed(skill));
			if (what !== null) expect(known.has(what)).toBe(true);
			// Of a few loops and of many, on the ring that comes nearest.
			if (isPlayed(skill))
				for (const loops of [2, 22, 47, 100]) {
					const shown = demonstrationOf(skill, m, { loops });
					expect(shown.at(shown.pictured).diagram.inks.length).toBeGreaterThan(9);
				}
		}
		const place = { in: 'mid-row' } as never;
		const events = [
			{ after: 0, kind: 'cast-on', method: 'weave' },
			{ after: 0, kind: 'cast-on', method: 'rag' },
			{ after: 0, kind: 'slow', why: 'first' },
			{ after: 0, kind: 'slow', why: 'panel' },
			{ after: 0, kind: 'join', place },
			{ after: 0, kind: 'roll', every: 8 },
			{ after: 0, kind: 'clog' },
			{ after: 0, kind: 'mark' },
			{ after: 0, kind: 'take-off', method: 'needle' },
			{ after: 0, kind: 'take-off', method: 'crank' },
			...(['hold', 'hang-hem', 'extend', 'drop'] as const).map((kind) => ({
				after: 0,
				kind: 'hands',
				work: [{ do: kind, pins: [1] }]
			})),
			...(['single', 'double'] as const).map((way) => ({
				after: 0,
				kind: 'hands',
				work: [{ do: 'decrease', way, edge: 'low', edgeStitches: 1, pins: [1] }]
			}))
		] as never[];
		for (const e of events) expect([e, known.has(practiceAtCrank(e, 22)!)]).toEqual([e, true]);
		expect(practiceAtCrank({ after: 0, kind: 'tie' } as never, 22)).toBe(null);
	});
});
