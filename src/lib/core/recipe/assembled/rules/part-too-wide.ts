import type { Judgement } from '../../../finding/facts';
import { rule } from '../../../finding/rule';
import type { ToyOptions } from '../options';
import type { FinishedOf } from '../../finished';
import { piece } from './shared';

declare module '../../../finding/finding' {
	interface FindingBodies {
		'part-too-wide': {
			readonly name: string;
			readonly host: string;
			readonly openCm: number;
			readonly hostCm: number;
		};
	}
}

export const partTooWide = rule<ToyOptions, FinishedOf<'stuffed'>>({
	says: {
		'part-too-wide': (f, s) => ({
			what: `${f.name} opens wider than ${f.host.toLowerCase()} is thick there.`,
			why: `${s.length(f.openCm)} across on ${s.length(f.hostCm)}: move it to a thicker place, or make it on fewer pins.`
		})
	},
	test: (facts) => {
		return facts.joints.flatMap((j): Judgement[] =>
			j.kind === 'attach' && j.verdict === 'off'
				? [
						{
							body: {
								code: 'part-too-wide',
								name: j.a.name,
								host: j.b.name,
								openCm: j.a.cm,
								hostCm: j.b.cm
							},
							severity: 'warn',
							where: piece(j.edges[0]?.piece ?? '')
						}
					]
				: []
		);
	}
});
