/** What was practised to the end without a mistake, by lesson and try: `weave/even`. */
export type Practised = string;
const FORM = /^[a-z-]{1,40}\/[a-z-]{1,40}$/;
/** More than there is to practise. */
export const MOST_PRACTISED = 500;
/** Whether it can be the name of something practised. */
export const isPractised = (x: unknown): x is Practised => typeof x === 'string' && FORM.test(x);
/** Two devices' together, each once. */
export const practisedTogether = (a: readonly Practised[], b: readonly Practised[]): Practised[] =>
	[...new Set([...a, ...b])].slice(0, MOST_PRACTISED);
