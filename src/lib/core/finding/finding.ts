import type { Fix } from './fix';

export type Severity = 'stop' | 'warn' | 'tip';

/** Where a finding points: main rows counted from 0, or a part of the work. */
export type Where =
	| { readonly at: 'row'; readonly row: number }
	| { readonly at: 'fold' }
	| { readonly at: 'size' }
	| { readonly at: 'yarn'; readonly yarn: number }
	| { readonly at: 'gauge' }
	| { readonly at: 'seam'; readonly seam: string }
	| { readonly at: 'piece'; readonly piece: string }
	| { readonly at: 'bench' };

/** What a rule says, by its code: each rule declares its own. */
// eslint-disable-next-line @typescript-eslint/no-empty-object-type
export interface FindingBodies {}
/** A careful maker's judgement about a plan, in figures; its sentences are its rule's. */
export type FindingBody = {
	[C in keyof FindingBodies]: { readonly code: C } & FindingBodies[C];
}[keyof FindingBodies];

export type FindingCode = keyof FindingBodies;

/**
 * What stops a plan, and cannot be accepted: what the machine cannot do or the bench does not hold, and what could hurt a
 * child. Everything else is the maker's to weigh. Each rule that stops declares its code here too.
 */
// eslint-disable-next-line @typescript-eslint/no-empty-object-type
export interface StopCodes {}
export type StopCode = keyof StopCodes & FindingCode;

export type Finding = FindingBody & {
	/** Code and place: what an acceptance is remembered by. */
	readonly key: string;
	readonly severity: Severity;
	readonly where: Where;
	readonly fix?: Fix;
	/** The other way out. */
	readonly or?: Fix;
	/** Accepted by the maker: stays quiet. A `stop` cannot be accepted. */
	readonly accepted: boolean;
};
