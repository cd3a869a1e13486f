import type { Tool } from './technique';

/** What to have at hand, in one sentence: `Crochet hook, blunt needle, 2 buttons.` Empty where nothing is needed. */
export function wordTools(tools: readonly Tool[]): string {
	const said = tools.map(({ name, count }, i) => {
		const what = i === 0 && count === undefined ? name : name.toLowerCase();
		return count === undefined ? what : `${count} ${what}`;
	});
	return said.length === 0 ? '' : `${said.join(', ')}.`;
}
