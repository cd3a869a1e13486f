import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { colourApart } from './colour';
import { COLOUR_NAMES, colourOfName, FIRST_COLOURS, nameOfColour } from './colour-names';

describe('names of colours', () => {
	it('each colour is called by its own name, and its name is that colour', () => {
		for (const [name, hex] of Object.entries(COLOUR_NAMES)) {
			expect(nameOfColour(hex)).toBe(name);
			expect(colourOfName(name)).toBe(hex);
			expect(colourOfName(`Dark ${name.toUpperCase()}, lot 4`)).toBe(hex);
		}
	});

	it('any colour has the name that no other is nearer to', () => {
		const hex = fc
			.integer({ min: 0, max: 0xffffff })
			.map((n) => `#${n.toString(16).padStart(6, '0')}`);
		fc.assert(
			fc.property(hex, (of) => {
				const mine = colourApart(of, COLOUR_NAMES[nameOfColour(of)]!);
				for (const other of Object.values(COLOUR_NAMES))
					expect(colourApart(of, other)).toBeGreaterThanOrEqual(mine);
			})
		);
	});

	it('what names no colour sets none', () => {
		for (const name of ['', 'harbour fog', 'constructor', 'tealish', '17'])
			expect(colourOfName(name)).toBeUndefined();
	});

	it('those offered first can be told apart', () => {
		for (const a of FIRST_COLOURS)
			for (const b of FIRST_COLOURS)
				if (a !== b)
					expect(colourApart(COLOUR_NAMES[a]!, COLOUR_NAMES[b]!), `${a} ${b}`).toBeGreaterThan(
						0.06
					);
	});
});
