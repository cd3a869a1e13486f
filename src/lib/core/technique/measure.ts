import { technique } from './technique';

declare module './technique' {
	interface WorkKinds {
		measure: object;
	}
}

/** The last step of everything: the next one is planned from it. */
export const measure = technique<'measure'>({
	id: 'measure',
	works: {
		measure: {
			words: () => ({
				title: 'Measure it and write it down',
				how: 'Length and width flat, the weight, the minutes: the next one is planned from them.'
			}),
			drawing: () => ({ skill: 'measure', drawing: { loops: 12 } })
		}
	},
	steps: ({ worn }) => [
		worn === 'baby'
			? { id: 'measure', do: 'measure', caution: 'baby-sleep' }
			: worn === 'foot'
				? { id: 'measure', do: 'measure', caution: 'slippery' }
				: { id: 'measure', do: 'measure' }
	]
});
