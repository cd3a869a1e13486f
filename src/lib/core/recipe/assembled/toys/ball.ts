import { part, swelling, type ToyPreset } from './preset';

/** One tube, as long as half its stuffed circumference and a little more. */
export const ball: ToyPreset = {
	id: 'ball',
	name: 'Ball',
	yarns: 2,
	toy: () => ({
		stands: 'upright',
		parts: [part('ball', 'Ball', 'body', { segments: [swelling(1, '4 A, 4 B')] })],
		eyes: { kind: 'none', part: 'ball', count: 2 }
	})
};
