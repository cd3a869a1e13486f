import { describe } from 'vitest';
import { knittedAsItWas, opensAsItStood } from '../../../tests/support/as-it-stood';
import { projectFrom7 } from './upgrade';

describe('what version 7 wrote', () => {
	opensAsItStood(7, projectFrom7);
	knittedAsItWas(7);
});
