import type { MachineId } from '../../../model/bench';
import { part, straight, swelling, type ToyPreset } from './preset';

/** A fin of a narrow tube, or of the widest cord where there is no small machine. */
const fin = (small: MachineId | null) => ({ on: small, cordPins: small ? null : 4 });

export const seal: ToyPreset = {
	id: 'seal',
	name: 'Seal',
	yarns: 2,
	toy: (small) => ({
		stands: 'lying',
		parts: [
			part('body', 'Body and head', 'body', {
				segments: [swelling(1.9, '10 A', 0.2), swelling(1.08, '10 A', 0.05)]
			}),
			// On one ring alone a muzzle would be as thick as the head, and a fin as broad as the body: it has cords for fins.
			...(small
				? [
						part('muzzle', 'Muzzle', 'muzzle', {
							on: small,
							segments: [swelling(0.95, '10 B', 0.1)],
							to: { part: 'body', along: 1, angle: -12 }
						})
					]
				: []),
			part('flipper', 'Flipper', 'limb', {
				...fin(small),
				stuffed: false,
				count: 2,
				pair: true,
				segments: [straight(7)],
				to: { part: 'body', along: 0.5, angle: -118 }
			}),
			part('tail', 'Tail fin', 'tail', {
				...fin(small),
				stuffed: false,
				count: 2,
				pair: true,
				segments: [straight(small ? 5.5 : 6.5)],
				to: { part: 'body', along: 0.01, angle: 155 }
			})
		],
		eyes: { kind: 'stitched', part: 'body', count: 2 }
	})
};
