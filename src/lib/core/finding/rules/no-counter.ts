import { rule } from '../rule';

declare module '../finding' {
	interface FindingBodies {
		'no-counter': { readonly panels: boolean };
	}
}

export const noCounter = rule({
	says: {
		'no-counter': (f) => ({
			what: f.panels ? 'The counter counts tubes only.' : 'This machine counts no rows.',
			why: `Count every ${f.panels ? 'row of a panel' : 'turn'} here at the crank; the weave and cast-on are not rows.`
		})
	},
	test: ({ machine, pieces }) => {
		const panels = pieces.some(
			(p) => p.machine.counter === 'tube' && p.rowByRow.stretches.some((x) => x.mode !== 'tube')
		);
		return machine.counter === 'none' || panels
			? {
					body: { code: 'no-counter', panels: machine.counter !== 'none' },
					severity: 'tip',
					where: { at: 'bench' }
				}
			: null;
	}
});
