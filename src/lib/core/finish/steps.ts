import type { Assembly } from '../assemble/assembly';
import type { Tail } from '../amounts/tails';

/** Usual cautions, shown at the step where they matter. Sentences in `words/cautions.ts`. */
export type CautionCode = 'hooks-and-scissors' | 'pinch' | 'strain' | 'baby-sleep' | 'hot-water';

/** One step after the machine, in order. Sentences in `words/steps.ts`. */
export type FinishStep = { readonly id: string; readonly caution?: CautionCode } & (
	| { readonly do: 'rest' }
	| { readonly do: 'join-tails'; readonly how: 'tie' | 'weave'; readonly joins: number }
	| {
			readonly do: 'pick-up';
			readonly edge: 'cast-on' | 'cast-off';
			readonly loops: number;
			readonly tailCm: number;
			readonly waste: boolean;
	  }
	| { readonly do: 'waste-off'; readonly edge: 'cast-on' | 'cast-off' }
	| { readonly do: 'gather'; readonly edge: 'cast-on' | 'cast-off'; readonly inner: boolean }
	| { readonly do: 'tuck'; readonly atRow: number; readonly layerCm: number }
	| { readonly do: 'meet' }
	| { readonly do: 'zip'; readonly loops: number; readonly tailCm: number }
	| { readonly do: 'turn-up'; readonly heightCm: number }
	| { readonly do: 'weave-in'; readonly ends: number }
	| { readonly do: 'measure' }
);

export interface FinishInput {
	readonly assembly: Assembly;
	readonly pins: number;
	readonly tails: readonly Tail[];
	readonly wasteStart: boolean;
	readonly wasteEnd: boolean;
	readonly joinTails: 'tie' | 'weave';
	readonly layerFlatCm: number;
	readonly baby: boolean;
}

/** Steps in order, from what the assembly does and how the piece came off the machine. */
export function finishSteps(input: FinishInput): FinishStep[] {
	const { assembly, pins, tails } = input;
	const tail = (edge: 'cast-on' | 'cast-off') => tails.find((t) => t.id === edge)?.lengthCm ?? 0;
	const waste = { 'cast-on': input.wasteStart, 'cast-off': input.wasteEnd };
	const joins = tails.filter((t) => t.id === 'join').length / 2;
	const steps: FinishStep[] = [{ id: 'rest', do: 'rest' }];
	if (joins > 0) steps.push({ id: 'join-tails', do: 'join-tails', how: input.joinTails, joins });

	const pickUp = (edge: 'cast-on' | 'cast-off') => {
		steps.push({
			id: `pick-up-${edge}`,
			do: 'pick-up',
			edge,
			loops: pins,
			tailCm: tail(edge),
			waste: waste[edge],
			caution: 'hooks-and-scissors'
		});
		if (waste[edge])
			steps.push({ id: `waste-off-${edge}`, do: 'waste-off', edge, caution: 'hooks-and-scissors' });
	};
	const inner = assembly.find((s) => s.do === 'tuck');
	for (const s of assembly) {
		switch (s.do) {
			case 'gather':
				if (s.edge === 'cast-on' || waste[s.edge]) pickUp(s.edge);
				steps.push({
					id: `gather-${s.edge}`,
					do: 'gather',
					edge: s.edge,
					inner: inner?.do === 'tuck' && inner.inner === s.edge
				});
				break;
			case 'tuck':
				steps.push({ id: 'tuck', do: 'tuck', atRow: s.atRow, layerCm: input.layerFlatCm });
				if (assembly.some((a) => a.do === 'gather')) steps.push({ id: 'meet', do: 'meet' });
				break;
			case 'zip':
				steps.push({
					id: 'zip',
					do: 'zip',
					loops: pins,
					tailCm: tail('cast-off'),
					caution: 'hooks-and-scissors'
				});
				for (const edge of s.edges)
					if (waste[edge])
						steps.push({
							id: `waste-off-${edge}`,
							do: 'waste-off',
							edge,
							caution: 'hooks-and-scissors'
						});
				break;
			case 'turn-up':
				break;
		}
	}
	steps.push({
		id: 'weave-in',
		do: 'weave-in',
		ends: 2 + (input.joinTails === 'weave' ? 0 : 2 * joins)
	});
	for (const s of assembly)
		if (s.do === 'turn-up') steps.push({ id: 'turn-up', do: 'turn-up', heightCm: s.heightCm });
	steps.push(
		input.baby
			? { id: 'measure', do: 'measure', caution: 'baby-sleep' }
			: { id: 'measure', do: 'measure' }
	);
	return steps;
}
