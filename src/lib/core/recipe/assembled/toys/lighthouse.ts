import { part, straight, swelling, type ToyPreset } from './preset';

export const lighthouse: ToyPreset = {
	id: 'lighthouse',
	name: 'Lighthouse',
	yarns: 3,
	toy: (small) => ({
		stands: 'upright',
		parts: [
			part('tower', 'Tower and lamp', 'body', {
				segments: [swelling(2.6, '8 A, 8 B', 0.05), swelling(0.75, '10 C', 0)]
			}),
			part('rock', 'Rock', 'limb', {
				on: small,
				count: 2,
				pair: true,
				segments: [swelling(1, '10 B', 0.1)],
				to: { part: 'tower', along: 0.1, angle: 100 }
			}),
			part('vane', 'Vane', 'ear', {
				cordPins: 3,
				stuffed: false,
				segments: [straight(6, '10 B')],
				to: { part: 'tower', along: 1, angle: 0 }
			})
		],
		eyes: { kind: 'none', part: 'tower', count: 2 }
	})
};
