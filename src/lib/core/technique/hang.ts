import { CHAIN_TIMES, gaugeOf } from './hand';
import { jointOf, side } from '../assembly/joint';
import { technique, tool } from './technique';

declare module './technique' {
	interface WorkKinds {
		string: { readonly flags: number; readonly cm: number };
		hang: {
			readonly number: number;
			readonly spacingCm: number;
			readonly spanCm: number;
			readonly sagCm: number;
			readonly loopCm: number;
		};
	}
}

/** Flags threaded on a cord by their first rows. */
export const string = technique<'string'>({
	id: 'string',
	works: {
		string: {
			words: ({ flags, cm }, s) => ({
				title: `Thread ${flags} flags on the cord by their first rows`,
				how: `Side by side they take ${s.length(cm)}; leave a loop at either end to hang it by, and let the colours take turns.`
			}),
			drawing: () => ({ skill: 'hang', drawing: { loops: 12 } })
		}
	},
	steps: ({ pieces: ids }, { pieces }) => {
		const on = pieces.filter((p) => ids.includes(p.id));
		const flags = on.reduce((t, p) => t + p.count, 0);
		const cm = on.reduce(
			(t, p) => t + (p.count * p.stitches.first) / (gaugeOf(p)?.stitchesPerCm.mean ?? 1),
			0
		);
		return [{ id: 'string', do: 'string', flags, cm, caution: 'garland' }];
	},
	minutes: ({ pieces: ids }, { pieces }) => ({
		what: 'flags threaded',
		times: pieces.filter((p) => ids.includes(p.id)).reduce((t, p) => t + p.count, 0),
		minutes: 1
	}),
	tools: () => [tool('needle'), tool('cord')],
	does: ({ pieces }, hands) => {
		for (const id of pieces) hands.atRest(id);
	}
});

/** A strand ties each thing on a garland, m (from memory). */
const TIE_METRES = 0.3;

/** Things tied to a cord over a span. */
export const hang = technique<'hang'>({
	id: 'hang',
	works: {
		hang: {
			words: ({ number, spacingCm, loopCm, spanCm, sagCm }, s) => ({
				title: `Tie ${number === 1 ? '1 thing' : `${number} things`} on, ${s.length(spacingCm)} from middle to middle`,
				how: `Mark the cord first: a loop of ${s.length(loopCm)} at each end, then every ${s.length(spacingCm)}. Hung ${s.length(spanCm)} apart its middle hangs ${s.length(sagCm)} low.`
			}),
			drawing: () => ({ skill: 'hang', drawing: { loops: 12 } })
		}
	},
	steps: ({ widthsCm, spacingCm, spanCm, sagCm, loopCm }) => [
		{
			id: 'hang',
			do: 'hang',
			number: widthsCm.length,
			spacingCm,
			spanCm,
			sagCm,
			loopCm,
			caution: 'garland'
		}
	],
	// Neighbours that would touch: what stands clear is no joint.
	joints: ({ widthsCm, spacingCm, pieces }) =>
		widthsCm.slice(1).flatMap((cm, i) => {
			const need = (cm + (widthsCm[i] ?? 0)) / 2;
			if (need <= spacingCm) return [];
			const piece = pieces[i + 1];
			return [
				jointOf({
					id: `hang-${i + 1}`,
					kind: 'hang',
					times: 1,
					by: 'length',
					a: side('two side by side', { cm: need }),
					b: side('the cord between them', { cm: spacingCm }),
					edges: piece ? [{ piece, part: 'cast-on' }] : [],
					within: true
				})
			];
		}),
	yarn: ({ widthsCm, cordYarn, chain, cordCm }) => [
		{ yarn: cordYarn, metres: widthsCm.length * TIE_METRES },
		...(chain ? [{ yarn: cordYarn, metres: (cordCm * CHAIN_TIMES) / 100 }] : [])
	],
	minutes: ({ widthsCm }) => ({ what: 'things tied on', times: widthsCm.length, minutes: 1 }),
	tools: ({ chain }) => (chain ? [tool('hook'), tool('scissors')] : [tool('scissors')]),
	does: ({ pieces }, hands) => {
		for (const id of new Set(pieces)) if (id !== null) hands.atRest(id);
	}
});
