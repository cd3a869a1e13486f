import { describe, expect, it } from 'vitest';
import { harbour } from '../../demo/harbour';
import type { Plan } from '../plan/types';
import { comesOut, plan } from '../plan';
import { programRows } from '../program/program';
import { cardWideCm } from '../technique/pom-pom';
import { benchWith, everyPlan, everyStart } from '../../../../tests/support/every';
import { wordSequence, wordStep } from '../technique/say-step';
import { eventContext } from '../words/context';
import { wordEvent } from '../words/events';
import { sheetOf } from './sheet';

const planned = (id: string): Plan => {
	const p = plan(
		harbour.projects.find((x) => x.id === `project-${id}`)!,
		harbour.bench
	);
	if (!p.ok) throw new Error(id);
	return p;
};
const options = { title: 'T', kind: 'K', units: 'cm', terms: 'us' } as const;

describe.each(harbour.projects.map((p) => [p.id.replace('project-', '')]))(
	'the sheet of %s',
	(id) => {
		const p = planned(id);
		const sheet = sheetOf(p, options);
		it('has every piece with its rows, and sections that add up in both counter habits', () => {
			expect(sheet.pieces).toHaveLength(p.pieces.length);
			for (const [i, piece] of sheet.pieces.entries()) {
				const of = p.pieces[i]!;
				expect(piece.sections.reduce((t, s) => t + s.rows, 0)).toBe(of.mainRows);
				let row = 0;
				for (const s of piece.sections) {
					row += s.rows;
					expect(s).toMatchObject({ zeroed: s.rows, running: row });
				}
				expect(piece.waste.before + of.mainRows + piece.waste.after).toBe(programRows(of.program));
				expect(piece.copies).toBe(of.count);
				expect(piece.tails.length).toBeGreaterThan(0);
				for (const w of piece.work)
					for (const r of w.rows) expect(r).toBeLessThanOrEqual(of.mainRows + piece.waste.after);
			}
		});
		it('has every finishing step in order, its yarn, and a ring for each machine', () => {
			expect(sheet.steps).toHaveLength(p.steps.length);
			expect(sheet.steps.every((s) => s.title.length > 3 && s.how.length > 3)).toBe(true);
			expect(sheet.yarns).toHaveLength(p.amounts.length);
			expect(sheet.rings.map((r) => r.name).sort()).toEqual(
				[...new Set(p.pieces.map((x) => x.machine.name))].sort()
			);
			for (const r of sheet.rings) {
				expect(r.marker).toBeGreaterThanOrEqual(1);
				expect(r.high).toBeLessThanOrEqual(r.pins);
				expect(r.low).toBeLessThan(r.high);
			}
		});
		it('says findings that are open and grave, and no tips', () => {
			const grave = p.findings.filter((f) => f.severity !== 'tip' && !f.accepted);
			expect(sheet.findings).toHaveLength(grave.length);
		});
	}
);

describe('templates', () => {
	it('are a card for pom-poms as long as it is wound, and a place for the tag', () => {
		const { templates } = sheetOf(planned('garland'), options);
		expect(templates.map((t) => t.kind)).toEqual(['pom-pom', 'tag']);
		expect(templates[0]).toMatchObject({ heightCm: 6, widthCm: cardWideCm(6) });
	});
	it('are the card for extensions where a cloth has ladders', () => {
		const p = planned('cloth');
		const { templates } = sheetOf(p, options);
		const card = templates.find((t) => t.kind === 'extension')!;
		if (!comesOut(p, 'flat')) throw new Error();
		expect(card.widthCm).toBe(p.finished.card!.widthCm);
	});
	it('stay in true size in inches: only the words change', () => {
		const inches = sheetOf(planned('garland'), { ...options, units: 'in' });
		const cm = sheetOf(planned('garland'), options);
		expect(inches.templates.map((t) => [t.widthCm, t.heightCm])).toEqual(
			cm.templates.map((t) => [t.widthCm, t.heightCm])
		);
		expect(inches.templates[0]!.title).toContain('in long');
		expect(JSON.stringify(inches)).not.toMatch(/\d cm\b/);
	});
	it('a card is broad enough to hold, however small', () => {
		expect(cardWideCm(2)).toBe(4);
		expect(cardWideCm(20)).toBe(15);
	});
});

it('a panel’s hand work stands with the rows it is done after', () => {
	const [flag] = sheetOf(planned('flags'), options).pieces;
	const decreases = flag!.work.find((w) => /Decrease/.test(w.title))!;
	expect(decreases.rows.every((r) => r % 2 === 0)).toBe(true);
	expect(decreases.rows.length).toBeGreaterThan(5);
});

it('says what is said at the crank and at the table, and nothing else, for every recipe', () => {
	for (const { what, plan: p } of everyPlan(everyStart((x) => x, [benchWith(48)]))) {
		const sheet = sheetOf(p, options);
		for (const [i, step] of p.steps.entries()) {
			const { title, how } = wordStep(step, 'cm');
			const said = sheet.steps[i]!;
			expect([said.title, said.how], what).toEqual([title, `${how} ${wordSequence(step)}`.trim()]);
		}
		for (const [i, piece] of p.pieces.entries()) {
			const { tails, work } = sheet.pieces[i]!;
			// Each tail by its length and its reason, which the crank says when it is left.
			for (const t of piece.tails)
				expect(
					tails.some((line) => line.includes(`${Math.ceil(t.lengthCm - 1e-6)} cm`)),
					what
				).toBe(true);
			const titles = piece.sheet.events
				.filter((e) => e.kind === 'hands')
				.map((e) => [
					wordEvent(e, eventContext(p, piece.machine, 'cm')).title,
					e.after - piece.sheet.wasteBefore
				]);
			for (const [title, row] of titles)
				expect(work.find((w) => w.title === title)?.rows, what).toContain(row);
		}
	}
});
