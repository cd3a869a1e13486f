import { entryAt } from '../../quantity/sure';
import type { Seam } from '../../assembly/joint';
import { measuresOf } from './measures';
import type { GarmentOptions } from './options';
import { gridOf, type CutContext, type Pattern } from './pattern';
import { straight } from './simple';

/** Colours of a blanket's panels, from the top left along each row: places in the list of yarns. */
export const layoutOf = ({ layout, yarns }: Pick<GarmentOptions, 'layout' | 'yarns'>): number[] =>
	Array.from({ length: layout.across * layout.down }, (_, i) => {
		const colour = layout.colours[i % Math.max(1, layout.colours.length)] ?? 0;
		return Math.min(colour, yarns.length - 1);
	});

/** A blanket: like panels in colours by place, sewn in rows and the rows to one another. */
export function cutBlanket(options: GarmentOptions, { density }: CutContext): Pattern {
	const grid = gridOf(density);
	const m = measuresOf(options);
	const colours = layoutOf(options);
	const { across, down } = options.layout;
	const size = { w: grid.across(m.width.cm), h: grid.up(m.height.cm), across: 'width' as const };
	const pieces = [...new Set(colours)]
		.sort((a, b) => a - b)
		.map((yarn) =>
			straight(`panel-${yarn + 1}`, 'Panel', size, {
				count: colours.filter((c) => c === yarn).length,
				seam: { left: across > 1 ? 1 : 0, right: across > 1 ? 1 : 0 },
				yarn
			})
		);
	const panelAt = (at: number) => `panel-${entryAt(colours, at) + 1}`;
	const seams: Seam[] = [];
	// Like neighbours are one seam, so many times.
	const add = (kind: 'panels' | 'across', a: number, b: number) => {
		const [one, other] = [panelAt(a), panelAt(b)];
		const known = seams.findIndex(
			(s) => s.kind === kind && s.a[0]?.piece === one && s.b[0]?.piece === other
		);
		// The other way round they are another seam, with a name of its own.
		const names = [one, other].sort().join('-');
		const taken = seams.some((s) => s.id === `${kind}-${names}`);
		const id = `${kind}-${taken ? [other, one].sort().reverse().join('-') : names}`;
		if (known >= 0)
			seams[known] = { ...entryAt(seams, known), times: entryAt(seams, known).times + 1 };
		else
			seams.push({
				id,
				kind,
				a: [
					{
						piece: panelAt(a),
						part: kind === 'panels' ? 'side' : 'top',
						side: kind === 'panels' ? 'right' : 'top'
					}
				],
				b: [
					{
						piece: panelAt(b),
						part: kind === 'panels' ? 'side' : 'hem',
						side: kind === 'panels' ? 'left' : 'bottom'
					}
				],
				times: 1
			});
	};
	for (let row = 0; row < down; row++)
		for (let col = 1; col < across; col++)
			add('panels', row * across + col - 1, row * across + col);
	for (let row = 1; row < down; row++)
		for (let col = 0; col < across; col++)
			add('across', row * across + col, (row - 1) * across + col);
	return { pieces, seams, edges: [] };
}
