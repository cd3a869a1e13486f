import { describe } from 'vitest';
import { opensAsItStood } from '../../../tests/support/as-it-stood';

describe('what version 5 wrote', () => {
	// What is asked of a recipe was called a wish there.
	opensAsItStood(5, ({ wish, ...rest }) => ({ ...rest, options: wish }));
});
