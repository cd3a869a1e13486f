import { patch, yarn, type Ink } from '../drawing/ink';
import { played, type TableDemo } from './shown';

type Fixing = 'set on' | 'ends through' | 'button' | 'bow';
const SAID: Record<Fixing, string> = {
	'set on': 'The pom-pom set where it belongs, its two long ends down',
	'ends through': 'The ends through to the inside, a stitch apart',
	button: 'A button or a toggle between them inside: it takes the pull',
	bow: 'Tied in a bow round it, which opens before it is washed'
};
function inks(done: readonly Fixing[]): Ink[] {
	const has = (f: Fixing) => done.includes(f);
	const ball = has('set on') ? 30 : 22;
	const ends = has('ends through') ? 84 : ball + 26;
	const rays = Array.from({ length: 12 }, (_, i) => {
		const a = (i * Math.PI) / 6;
		return `M84 ${ball}L${Math.round(84 + 20 * Math.cos(a))} ${Math.round(ball + 20 * Math.sin(a))}`;
	}).join('');
	return [
		yarn(`M80 ${ball}L78 ${ends}M88 ${ball}L90 ${ends}`, 'work', 3),
		patch('M14 52Q84 44 154 52V62Q84 54 14 62Z', 'fabric'),
		...(has('ends through') ? [yarn('M78 58V84M90 58V84', 'work', 3)] : []),
		yarn(rays, 'rest', 4),
		...(has('button') ? [patch('M62 66H106V74H62Z', 'second')] : []),
		...(has('bow')
			? [yarn('M84 80C70 68 58 88 84 84C110 88 98 68 84 80L70 98M84 82L98 98', 'work', 3)]
			: [])
	];
}

/** Held by a bow round a button inside. */
export const fixPom: TableDemo = {
	pictured: 3,
	steps: () =>
		played<readonly Fixing[], Fixing>(
			[],
			(done, f) => [...done, f],
			(Object.keys(SAID) as Fixing[]).map((f) => [f]),
			{
				first: 'The pom-pom with the two long ends of its tie, and what it goes on',
				says: (f) => SAID[f],
				draw: inks
			}
		)
};
