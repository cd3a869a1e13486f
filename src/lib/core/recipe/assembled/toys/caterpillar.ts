import { part, straight, swelling, type ToyPreset } from './preset';

export const caterpillar: ToyPreset = {
	id: 'caterpillar',
	name: 'Caterpillar',
	yarns: 3,
	toy: (small) => ({
		stands: 'lying',
		parts: [
			part('body', 'Body', 'body', {
				segments: [
					...['10 A', '10 B', '10 A', '10 B', '10 A'].map((line) => swelling(0.85, line, 0.1)),
					swelling(1, '10 C', 0.2)
				]
			}),
			part('foot', 'Foot', 'limb', {
				on: small,
				count: 8,
				pair: true,
				segments: [swelling(0.8, '10 C', 0)],
				to: { part: 'body', along: 0.09, angle: -90 }
			}),
			part('feeler', 'Feeler', 'ear', {
				cordPins: 3,
				stuffed: false,
				count: 2,
				pair: true,
				segments: [straight(6, '10 C')],
				to: { part: 'body', along: 0.93, angle: 65 }
			})
		],
		eyes: { kind: 'stitched', part: 'body', count: 2 }
	})
};
