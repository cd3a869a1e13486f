import { expect, it } from 'vitest';
import { everyStart } from '../../../../tests/support/every';
import { machineOf } from '../../../../tests/support/bench';
import { machinesOf, madeHere, withYarn, yarnsOf } from './uses';

/** Every recipe's options, a part or a thing of it made on another machine where it has such. */
const all = everyStart().map(({ what, project: { options } }) => {
	const { id } = machineOf(18);
	const away = JSON.parse(
		JSON.stringify(options).replace('"on":null', `"on":"${id}"`)
	) as typeof options;
	return { what, options, away, id };
});

it('a part whose machine is gone is made on the project’s, one whose machine is here stays', () => {
	expect(all.some((x) => machinesOf(x.away).length > 0)).toBe(true);
	for (const { what, options, away, id } of all) {
		expect([what, machinesOf(madeHere(away, () => false))]).toEqual([what, []]);
		expect(madeHere(away, () => false)).toEqual(options);
		expect(madeHere(away, (m) => m === id)).toEqual(away);
	}
});

it('one yarn takes the place of another wherever it stands, and nothing else moves', () => {
	for (const { options } of all) {
		const [first] = yarnsOf(options);
		const other = 'yarn-other' as typeof first & string;
		const put = withYarn(options, first!, other);
		expect(yarnsOf(put)).toEqual(yarnsOf(options).map((y) => (y === first ? other : y)));
		expect(withYarn(put, other, first!)).toEqual(options);
	}
});
