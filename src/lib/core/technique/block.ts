import { isPanel, technique, tool } from './technique';

declare module './technique' {
	interface WorkKinds {
		block: { readonly panels: number; readonly tubes: number };
	}
}

/** What is blocked: `all 4 pieces`, `both tubes`, `the piece`. */
function blocked(panels: number, tubes: number): string {
	const what = panels === 0 ? 'tubes' : tubes === 0 ? 'panels' : 'pieces';
	const n = panels + tubes;
	return n === 1 ? `the ${what.slice(0, -1)}` : n === 2 ? `both ${what}` : `all ${n} ${what}`;
}

/** Damped, pinned out and dried before anything is sewn. */
export const block = technique<'block'>({
	id: 'block',
	works: {
		block: {
			words: ({ panels, tubes }) => ({
				title: `Block ${blocked(panels, tubes)} flat and let ${panels + tubes === 1 ? 'it' : 'them'} dry`,
				how: [
					...(panels > 0
						? [
								`${panels === 1 ? 'A panel curls: damp it, pin it' : 'Panels curl: damp them, pin each'} to its measures without stretching${panels > 1 ? ', mirror images beside each other' : ''}.`
							]
						: []),
					...(tubes > 0
						? [
								`${tubes === 1 ? 'A tube does not curl: damp it and pat it' : 'Tubes do not curl: damp them and pat each'} to its length and width, not stretched.`
							]
						: []),
					'Nothing is sewn before it is dry.'
				].join(' ')
			}),
			drawing: () => ({ skill: 'block', drawing: { loops: 12 } })
		}
	},
	steps: (_, { pieces }) => {
		const all = pieces.reduce((t, p) => t + p.count, 0);
		const tubes = pieces.reduce((t, p) => t + (isPanel(p) ? 0 : p.count), 0);
		return all > 0 ? [{ id: 'block', do: 'block', panels: all - tubes, tubes }] : [];
	},
	minutes: (_, { pieces }) => ({
		what: 'pieces blocked',
		times: pieces.reduce((t, p) => t + p.count, 0),
		minutes: 5
	}),
	tools: (_, { pieces }) => (pieces.some(isPanel) ? [tool('blocking-pins')] : []),
	does: (_, hands) => {
		for (const l of hands.pieces) {
			hands.atRest(l.piece.id);
			if (l.sewn) hands.fault('blocked-late', l.piece.id);
			l.blocked = true;
		}
	}
});
