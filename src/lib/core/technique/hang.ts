import type { Say } from '../quantity/say';
import { CHAIN_CM } from '../quantity/chain';
import { CHAIN_TIMES, gaugeOf, HOOK_SECONDS } from './hand';
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
			readonly cordCm: number;
			readonly cord: 'chain' | 'knitted' | 'own';
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
			drawing: ({ flags }) => ({ skill: 'string', drawing: { loops: 12, things: flags } })
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

/** Where the cord comes from; with its loops and its sag it is so long. */
const CORD = {
	chain: (s: Say, cm: number) =>
		`Chain the cord, ${s.length(cm)}, about ${Math.round(cm / CHAIN_CM)} chains.`,
	knitted: (s: Say, cm: number) => `The knitted cord has to be ${s.length(cm)} long.`,
	own: (s: Say, cm: number) => `Cut a cord of ${s.length(cm)}.`
} as const;

/** Things tied to a cord over a span. */
export const hang = technique<'hang'>({
	id: 'hang',
	works: {
		hang: {
			words: ({ number, spacingCm, loopCm, spanCm, sagCm, cordCm, cord }, s) => ({
				title: `Tie ${number === 1 ? '1 thing' : `${number} things`} on, ${s.length(spacingCm)} from middle to middle`,
				how: `${CORD[cord](s, cordCm)} Mark it: a loop of ${s.length(loopCm)} at each end, then every ${s.length(spacingCm)}. Hung ${s.length(spanCm)} apart its middle hangs ${s.length(sagCm)} low.`
			}),
			drawing: ({ number }) => ({ skill: 'hang', drawing: { loops: 12, things: number } })
		}
	},
	steps: ({ widthsCm, spacingCm, spanCm, sagCm, loopCm, cordCm, chain }, { pieces }) => [
		{
			id: 'hang',
			do: 'hang',
			number: widthsCm.length,
			spacingCm,
			spanCm,
			sagCm,
			loopCm,
			cordCm,
			cord: chain ? 'chain' : pieces.some((p) => p.id === 'cord') ? 'knitted' : 'own',
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
	minutes: ({ widthsCm: { length }, chain, cordCm }) => ({
		what: chain ? 'things tied on, and the cord chained' : 'things tied on',
		times: length,
		minutes: 1 + (chain ? ((cordCm / CHAIN_CM) * HOOK_SECONDS) / 60 / length : 0)
	}),
	tools: ({ chain }) => (chain ? [tool('hook'), tool('scissors')] : [tool('scissors')]),
	does: ({ pieces }, hands) => {
		for (const id of new Set(pieces)) if (id !== null) hands.atRest(id);
	}
});
