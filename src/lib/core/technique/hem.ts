import { pieceOf, technique } from './technique';
import { wasteOff, wasteOffWorks } from './waste-off';

declare module './technique' {
	interface WorkKinds {
		hem: { readonly rows: number; readonly high: number };
		'inside-out': object;
	}
}

/** Rows doubled on the machine: at the table it is seen to that every loop hangs. */
export const hem = technique<'hem'>({
	id: 'hem',
	works: {
		...wasteOffWorks,
		hem: {
			words: ({ rows, high }) => ({
				title: `See that the hem of ${rows} rows hangs whole, ${high} rows high`,
				how: 'Every loop of its first row must be caught in the row it hangs from: look along the inside and pick up any that was missed with a short strand.'
			}),
			drawing: () => ({ skill: 'hem', drawing: { loops: 12 } })
		}
	},
	steps: ({ piece, rows }, table) => {
		const p = pieceOf(table, piece);
		return [
			{ id: 'hem', do: 'hem', rows, high: rows / 2 },
			// The loops hung are held by the row after them: what is under them comes off now.
			...(p ? wasteOff(p, 'cast-on') : [])
		];
	},
	does: ({ piece }, hands) => hands.close(piece, 'cast-on', 'hung')
});

/** The purl side out. */
export const insideOut = technique<'inside-out'>({
	id: 'inside-out',
	works: {
		'inside-out': {
			words: () => ({
				title: 'Turn it inside out',
				how: 'The rougher purl side is the face now; knots and tails lie between the layers or inside.'
			}),
			drawing: () => ({ skill: 'inside-out', drawing: { loops: 12 } })
		}
	},
	steps: () => [{ id: 'inside-out', do: 'inside-out' }],
	does: ({ piece }, hands) => hands.reach(piece)
});
