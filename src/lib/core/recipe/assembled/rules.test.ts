import { describe, expect, it } from 'vitest';
import { harbour } from '../../../demo/harbour';
import type { Project } from '../../model/project';
import type {
	GarlandOptions,
	PomPomOptions,
	AssembledOptions,
	ToyPart,
	ToyOptions
} from './options';
import { plan } from '../../plan';
import { thingDefaults } from '../../../../../tests/support/start';
import { part, straight, swelling } from './toys/preset';
import { TOY_PRESETS, toyFrom } from './toy';
import { wordFinding } from '../../finding/says';
import { wordFix } from '../../finding/fix';
import type { Finding, FindingCode } from '../../finding/finding';

const { bench } = harbour;
const small = bench.machines.find((m) => m.pins === 22)!;
const findings = (options: AssembledOptions, accepted: string[] = []): readonly Finding[] => {
	const project: Project = { ...harbour.projects[0]!, options, accepted };
	const p = plan(project, bench);
	if (!p.ok) throw new Error(options.recipe);
	return p.findings;
};
const find = (options: AssembledOptions, code: FindingCode) =>
	findings(options).find((f) => f.code === code);
const words = (f: Finding | undefined) => {
	if (!f) throw new Error('silent');
	const w = wordFinding(f, { units: 'cm', yarnName: () => 'foam' });
	return `${w.what} ${w.why}`;
};

const seal: ToyOptions = toyFrom(
	TOY_PRESETS.find((t) => t.id === 'seal')!,
	bench
)!;
const withPart = (p: ToyPart, patch: Partial<ToyOptions> = {}): ToyOptions => ({
	...seal,
	...patch,
	parts: [seal.parts[0]!, p]
});
const onBody = (along: number) => ({ part: 'body', along, angle: 90 });

describe('what may be on a toy', () => {
	it.each(['button', 'bead'] as const)(
		'a %s is a stop under three that no maker can accept',
		(kind) => {
			const options: ToyOptions = {
				...seal,
				age: 'under-3',
				eyes: { kind, part: 'body', count: 1 }
			};
			const f = find(options, 'toy-small-parts')!;
			expect(f.severity).toBe('stop');
			expect(findings(options, [f.key]).find((x) => x.code === 'toy-small-parts')!.accepted).toBe(
				false
			);
			expect(words(f)).toContain(`A ${kind} on a toy for under three`);
		}
	);
	it.each(['none', 'stitched'] as const)('eyes that are %s are none', (kind) => {
		expect(
			find({ ...seal, age: 'under-3', eyes: { kind, part: 'body', count: 2 } }, 'toy-small-parts')
		).toBeUndefined();
	});
	it('a cord longer than 22 cm is a stop under three (toy rules, from memory)', () => {
		const cord = (cm: number) =>
			withPart(
				part('feeler', 'Feeler', 'ear', {
					cordPins: 3,
					stuffed: false,
					segments: [straight(cm)],
					to: onBody(0.9)
				})
			);
		expect(find({ ...cord(30), age: 'under-3' }, 'toy-cord')).toMatchObject({ severity: 'stop' });
		expect(find({ ...cord(20), age: 'under-3' }, 'toy-cord')).toBeUndefined();
		expect(find({ ...cord(30), age: 'from-3' }, 'toy-cord')).toBeUndefined();
		expect(words(find({ ...cord(30), age: 'under-3' }, 'toy-cord'))).toContain('22 cm');
	});
	it('a part that fits the cylinder for small parts is looked at (toy rules, from memory)', () => {
		const nub = (cm: number) =>
			withPart(
				part('nub', 'Nub', 'tail', {
					cordPins: 4,
					stuffed: false,
					segments: [straight(cm)],
					to: onBody(0.1)
				}),
				{ age: 'under-3' }
			);
		expect(find(nub(4), 'toy-part-small')).toMatchObject({ severity: 'warn' });
		expect(find(nub(9), 'toy-part-small')).toBeUndefined();
		expect(find({ ...nub(4), age: 'from-3' }, 'toy-part-small')).toBeUndefined();
	});
	it('the toy rules of the place are named for every toy, and differently by age', () => {
		expect(words(find({ ...seal, age: 'under-3' }, 'toy-rules'))).toContain(
			'nothing that comes off'
		);
		expect(words(find({ ...seal, age: 'from-3' }, 'toy-rules'))).toContain('Not for under-threes');
	});
});

describe('how parts come together', () => {
	it('a tube too short to close is said, with the length it takes', () => {
		const f = find(
			{ ...seal, parts: [part('body', 'Body', 'body', { segments: [straight(3)] })] },
			'will-not-close'
		)!;
		expect(f).toMatchObject({ severity: 'warn', nth: 1 });
		if (f.code !== 'will-not-close') throw new Error();
		expect(f.cm).toBeLessThan(f.leastCm);
		// As long as that, it closes.
		const long = {
			...seal,
			parts: [part('body', 'Body', 'body', { segments: [straight(f.leastCm + 1)] })]
		};
		expect(find(long, 'will-not-close')).toBeUndefined();
	});
	it('is as long as it is wished, and what is too long is said, not cut short', () => {
		const body = (...cm: number[]) => ({
			...seal,
			parts: [part('body', 'Body', 'body', { segments: cm.map((c) => straight(c)) })]
		});
		const rows = (options: ToyOptions) => {
			const p = plan({ ...harbour.projects[0]!, options }, bench);
			return p.ok ? p.pieces[0]!.mainRows : 0;
		};
		expect(rows(body(100, 100, 100))).toBeGreaterThan(2 * rows(body(100)) + 100);
		const long = body(...Array.from({ length: 10 }, () => 100));
		const f = find(long, 'too-long')!;
		expect(f).toMatchObject({ severity: 'stop', rows: rows(long), most: 1900 });
		expect(words(f)).toMatch(/1,?900/);
	});
	it('a part that opens wider than its host is thick is looked at', () => {
		const wide = withPart(
			part('head', 'Head', 'head', { segments: [swelling(1)], to: onBody(0.5) })
		);
		const thin: ToyOptions = {
			...wide,
			parts: [{ ...wide.parts[0]!, on: small.id, segments: [swelling(1)] }, wide.parts[1]!]
		};
		expect(find(wide, 'part-too-wide')).toBeUndefined();
		expect(find(thin, 'part-too-wide')).toMatchObject({ severity: 'warn', name: 'Head' });
	});
	it('a part sewn to itself is lost', () => {
		const self = withPart(
			part('ear', 'Ear', 'ear', {
				segments: [swelling(1)],
				to: { part: 'ear', along: 0, angle: 0 }
			})
		);
		expect(find(self, 'attach-lost')).toMatchObject({ severity: 'warn', name: 'Ear' });
	});
});

describe('how a garland hangs', () => {
	const garland: GarlandOptions = {
		...(thingDefaults('garland', bench) as GarlandOptions),
		solve: 'span',
		number: 5,
		spacingCm: 20
	};
	it('cannot sag deeper than half its cord, and a press makes it less', () => {
		const f = find({ ...garland, sagCm: 90 }, 'cannot-hang')!;
		expect(f).toMatchObject({ severity: 'warn', sagCm: 90 });
		const sagCm = Number(f.fix?.options?.sagCm ?? 90);
		expect(sagCm).toBeLessThan(60);
		expect(find({ ...garland, sagCm }, 'cannot-hang')).toBeUndefined();
		expect(wordFix(f.fix!, 'cm')).toBe(`Sag ${sagCm} cm`);
	});
	it('of so many apart says where whole things do not come out', () => {
		const wide: GarlandOptions = {
			...garland,
			solve: 'number',
			spanCm: 30,
			sagCm: 0,
			spacingCm: 100
		};
		expect(find(wide, 'garland-count')).toMatchObject({ number: 1, severity: 'warn' });
	});
});

describe('pom-poms', () => {
	const pom = thingDefaults('pom-pom', bench) as PomPomOptions;
	it('of too few wraps are thin, and one press fills them', () => {
		const f = find({ ...pom, wraps: 20 }, 'pom-thin')!;
		expect(f.fix?.options).toEqual({ wraps: null });
		expect(find({ ...pom, wraps: null }, 'pom-thin')).toBeUndefined();
	});
	it('are judged by their yarn alone: nothing is said of gauge or machine', () => {
		const codes = findings({ ...pom, count: 500 }).map((f) => f.code);
		expect(codes).toEqual(['yarn-close']);
		expect(findings(pom)).toEqual([]);
	});
});

it('a repeat far from the loops there are is looked at', () => {
	const blanket = thingDefaults('tube-blanket', bench) as Extract<
		AssembledOptions,
		{ recipe: 'tube-blanket' }
	>;
	const far = find({ ...blanket, across: 1, border: 'repeat', repeatOf: 17 }, 'border-off')!;
	expect(far).toMatchObject({ stitches: 17, loops: 24, eases: false, severity: 'warn' });
	expect(
		find({ ...blanket, across: 1, border: 'repeat', repeatOf: 8 }, 'border-off')
	).toBeUndefined();
});
