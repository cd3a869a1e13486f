import type { Judgement } from './facts';
import type { Finding, Where } from './finding';

/** Rows move with every change of the plan; an acceptance is for the kind of place, not the row. */
const place = (w: Where): string => {
	switch (w.at) {
		case 'yarn':
			return `yarn-${w.yarn}`;
		case 'seam':
			return `seam-${w.seam}`;
		case 'piece':
			return `piece-${w.piece}`;
		default:
			return w.at;
	}
};

/** A judgement as the maker meets it: known again by its kind and place, and quiet once it is accepted. */
export function toFinding(j: Judgement, accepted: readonly string[]): Finding {
	const yarn = 'yarn' in j.body ? `-${j.body.yarn}` : '';
	const key = `${j.body.code}@${place(j.where)}${j.where.at === 'yarn' ? '' : yarn}`;
	return {
		...j.body,
		key,
		severity: j.severity,
		where: j.where,
		...(j.fix ? { fix: j.fix } : {}),
		...(j.or ? { or: j.or } : {}),
		accepted: j.severity !== 'stop' && accepted.includes(key)
	};
}

const RANK = { stop: 0, warn: 1, tip: 2 } as const;

/** The gravest first. */
export const graver = (a: Finding, b: Finding): number => RANK[a.severity] - RANK[b.severity];
