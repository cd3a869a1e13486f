import type { Judgement } from '../../../finding/facts';
import { rule } from '../../../finding/rule';
import { piece } from './shared';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'no-swatch-there': { readonly machine: string; readonly parts: string[] };
	}
}

/** Parts made on another machine with a yarn that was never measured there. */
export const noSwatchThere = rule({
	says: {
		'no-swatch-there': (f) => ({
			what: `No swatch on ${f.machine}.`,
			why: `${f.parts.join(', ')}: sized by what other machines say of this yarn.`
		})
	},
	test: ({ pieces, machine }) => {
		const guessed = new Map<string, { name: string; parts: string[] }>();
		for (const p of pieces) {
			const yarn = p.runs[0]?.yarn ?? 0;
			if (p.machine.id === machine.id || p.gauges[yarn]?.rowsPerCm.basis !== 'estimated') continue;
			const known = guessed.get(p.machine.id) ?? { name: p.machine.name, parts: [] };
			guessed.set(p.machine.id, { ...known, parts: [...known.parts, p.name] });
		}
		return [...guessed].map(([id, { name, parts }]): Judgement => ({
			body: { code: 'no-swatch-there', machine: name, parts: [...new Set(parts)] },
			severity: 'tip',
			where: piece(id)
		}));
	}
});
