import * as z from 'zod';
import { yarnId } from '../../../model/bench';
import { MOST_LINE_LETTERS } from '../../../quantity/bounds';
import { option, type Asked } from '../../option';

export const yarns = option(
	z.array(yarnId).min(1).max(12).describe('A, B, C … of the stripe lines'),
	{ label: '', what: 'colours', editor: 'yarns' }
);
export const line = z
	.string()
	.min(1)
	.max(MOST_LINE_LETTERS)
	.describe('a stripe line, repeated: docs/stripe-line.md');
/** How firmly something is stuffed. */
export const FILLED: Asked = {
	label: 'Stuffed',
	what: 'stuffing',
	words: { light: 'lightly', usual: 'as usual', firm: 'firmly' }
};
