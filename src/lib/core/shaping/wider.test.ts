import { describe, expect, it } from 'vitest';
import { fitting, reachable, repeating, returning } from './counts';
import { nearestMultiple } from '../quantity/whole';
import { cardFor, cardWrap, laddered, ladderPins, splitPanels, waysWider } from './wider';

// Figures of the trade, common practice.
describe('wider than the machine', () => {
	it('gives 44 stitches six extensions and 80 columns, 12 stitches one and 18', () => {
		expect(ladderPins(44)).toEqual([6, 12, 18, 24, 30, 36]);
		expect(laddered(44)).toBe(80);
		expect(ladderPins(12)).toEqual([6]);
		expect(laddered(12)).toBe(18);
		expect(ladderPins(11)).toEqual([]);
	});

	it('wraps a card of 7.5 cm and 0.5 cm thick with 15.5 cm', () => {
		expect(cardWrap(7.5, 0.5)).toBe(15.5);
		const card = cardFor(6, { pitchCm: 15.5 / 8 }, 0.5);
		expect(card.widthCm).toBeCloseTo(7.5, 9);
		expect(cardWrap(card.widthCm, card.thicknessCm)).toBeCloseTo(card.wrapCm, 9);
	});

	it('joins two panels of 38 to 74 stitches', () => {
		expect(splitPanels(74, 38)).toEqual([38, 38]);
		expect(splitPanels(46, 46)).toEqual([46]);
		for (let across = 30; across < 200; across++) {
			const panels = splitPanels(across, 46)!;
			expect(panels.reduce((a, b) => a + b, 0) - 2 * (panels.length - 1)).toBe(across);
			expect(Math.max(...panels)).toBeLessThanOrEqual(46);
			expect(Math.max(...panels) - Math.min(...panels)).toBeLessThanOrEqual(1);
		}
	});

	it('sets the ways side by side by what each asks', () => {
		const ways = waysWider(
			{ widthCm: 44, heightCm: 24 },
			{ stitchesPerCm: 1.8, rowsPerCm: 2.4 },
			46
		);
		expect(ways.map((w) => w.way)).toEqual(['panels', 'ladders', 'sideways']);
		const [panels, ladders, sideways] = ways;
		expect(panels).toMatchObject({ panels: 2, seams: 1, across: 79, latched: 0 });
		expect(ladders!.stitches[0]! + 6 * ladderPins(ladders!.stitches[0]!).length).toBe(
			ladders!.across
		);
		expect(Math.abs(ladders!.missCm)).toBeLessThan(4);
		expect(sideways).toMatchObject({ stitches: [43], rows: 106, seams: 0 });
	});
});

describe('counts that cannot happen', () => {
	it('are refused with the nearest two that can', () => {
		// A drop by threes between two counts whose difference is no multiple of three (common practice).
		expect(reachable(44, 10, 3)).toEqual({ ok: false, below: 8, above: 11 });
		expect(reachable(44, 11, 3)).toEqual({ ok: true });
		expect(reachable(10, 44, 3)).toEqual({ ok: false, below: null, above: null });
		expect(returning(61)).toEqual({ ok: false, below: 60, above: 62 });
		expect(returning(60)).toEqual({ ok: true });
		expect(fitting(8, 4, 30)).toEqual({ ok: false, below: 7, above: null });
		expect(repeating(44, 5)).toEqual({ ok: false, below: 40, above: 45 });
		expect(repeating(45, 5)).toEqual({ ok: true });
	});

	it('takes 45 for a cuff pattern of 5 round 44 loops', () => {
		expect(nearestMultiple(44, 5)).toBe(45);
		expect(nearestMultiple(2, 5)).toBe(5);
	});
});
