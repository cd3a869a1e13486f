import { entryAt } from '../../quantity/sure';
import { SIDES, type Side } from '../../shaping/outline';
import type { TypedTake } from '../../shaping/typed';
import { mirroredStrip, offOf, type Mark, type Strip } from './strip';
import type { Divided, PieceWalk, Walked } from './walk';

const slug = (name: string): string =>
	name
		.toLowerCase()
		.replace(/[^a-z0-9]+/g, '-')
		.replace(/^-|-$/g, '')
		.slice(0, 24) || 'piece';
/** A name for a panel that none before it has. */
export function idFor(name: string, taken: ReadonlySet<string>): string {
	const base = slug(name);
	for (let n = 1; ; n++) {
		const id = n === 1 ? base : `${base}-${n}`;
		if (!taken.has(id)) return id;
	}
}

const sorted = (takes: readonly TypedTake[]) => [...takes].sort((a, b) => a.row - b.row);

/** Rows before the end in which a shoulder is shaped, and rows that stand straight before it. */
const SHOULDER_ROWS = 12;
const STRAIGHT_BEFORE = 4;
/** Fewer are no step of a shoulder. */
const SHOULDER_STEP = 3;
/** Where the last groups of an edge that has an armhole are its shoulder, though the text has no word for it. */
function withShoulder(takes: readonly TypedTake[], marks: readonly Mark[], rows: number): Mark[] {
	const armhole = marks.find((m) => m.part === 'armhole');
	if (!armhole || marks.some((m) => m.part === 'shoulder')) return [...marks];
	const list = sorted(takes);
	let i = list.length;
	while (
		i > 0 &&
		entryAt(list, i - 1).stitches >= SHOULDER_STEP &&
		entryAt(list, i - 1).row >= rows - SHOULDER_ROWS
	)
		i -= 1;
	const first = list[i];
	const before = Math.max(armhole.row, list[i - 1]?.row ?? 0);
	if (!first || first.row - before <= STRAIGHT_BEFORE) return [...marks];
	return [...marks, { row: first.row, part: 'shoulder' }];
}

const isSleeve = (name: string) => /sleeve/i.test(name);
const isBody = (name: string) => /back|front/i.test(name);

/** A piece that is one panel. */
function wholeStrip({ said, trunk, outer }: PieceWalk, id: string): Strip {
	const rows = trunk.row;
	const body = isBody(said.name);
	const marked = (side: Side) =>
		body && (outer === 'both' || outer === side)
			? withShoulder(trunk.takes[side], trunk.marks[side], rows)
			: body
				? [{ row: 0, part: 'centre' }, ...neckMark(trunk.takes[side])]
				: trunk.marks[side];
	const marks = { left: marked('left'), right: marked('right') };
	const shouldered = SIDES.some((s) => marks[s].some((m) => m.part === 'shoulder'));
	const capped = marks.left.some((m) => m.part === 'cap');
	return {
		id,
		name: said.name,
		of: said.name,
		count: said.count,
		mirrored: body && outer !== 'both' && said.count > 1,
		castOn: trunk.castOn,
		rows,
		takes: { left: sorted(trunk.takes.left), right: sorted(trunk.takes.right) },
		marks,
		top:
			isSleeve(said.name) && capped
				? 'cap'
				: body && outer !== 'both'
					? 'shoulder'
					: shouldered
						? 'neck'
						: 'top',
		lines: trunk.lines,
		turned: false
	};
}
/** The edge in the middle of a front, straight up to where it goes in. */
function neckMark(takes: readonly TypedTake[]): Mark[] {
	const first = sorted(takes)[0];
	return first ? [{ row: Math.max(0, first.row), part: 'neck' }] : [];
}

/** One half of a divided piece, with its middle sewn up: a stitch more at the middle, which the seam takes. */
function halfStrip(walk: PieceWalk, d: Divided, half: Walked): Omit<Strip, 'id' | 'name'> {
	const { trunk, said } = walk;
	const castOn = Math.floor(trunk.castOn / 2) + 1;
	// Of the two edges the one that is worked first speaks for both.
	const side = trunk.takes.right;
	const lower = side.length >= trunk.takes.left.length ? side : trunk.takes.left;
	const on = castOn - offOf(lower);
	const middle = Math.max(1, on - d.first);
	const rows = half.row;
	const left = sorted([...lower, ...half.takes.left]);
	const marks = trunk.marks.right.length > 0 ? trunk.marks.right : trunk.marks.left;
	return {
		of: said.name,
		count: 2,
		mirrored: true,
		castOn,
		rows,
		takes: {
			left,
			right: sorted([{ row: d.row, stitches: middle }, ...half.takes.right])
		},
		marks: {
			left: withShoulder(left, [...marks, ...half.marks.left], rows),
			right: [
				{ row: 0, part: 'centre' },
				{ row: d.row, part: 'neck' }
			]
		},
		top: 'shoulder',
		lines: [...trunk.lines, ...half.lines],
		turned: false
	};
}

/** The panels of a piece: one, or its halves where it is divided for a neck. Copies of a divided piece come in twos. */
export function stripsOf(walk: PieceWalk, taken: ReadonlySet<string>): Strip[] {
	const { said, divided } = walk;
	if (!divided) {
		const strip = wholeStrip(walk, idFor(said.name, taken));
		// A front's edges lie by its own hand already.
		return [walk.reversed && walk.outer === 'both' ? mirroredStrip(strip) : strip];
	}
	const one = halfStrip(walk, divided, divided.half);
	const ids = new Set(taken);
	const named = (strip: Omit<Strip, 'id' | 'name'>, name: string): Strip => {
		const id = idFor(name, ids);
		ids.add(id);
		return { ...strip, id, name };
	};
	const second = divided.second;
	if (!second || second.row === divided.row)
		return [named({ ...one, count: 2 * said.count }, `${said.name} half`)];
	const other = halfStrip(walk, divided, second);
	const same = (s: Side) => JSON.stringify(one.takes[s]) === JSON.stringify(other.takes[s]);
	if (one.rows === other.rows && SIDES.every(same))
		return [named({ ...one, count: 2 * said.count }, `${said.name} half`)];
	const alone = { count: said.count, mirrored: false };
	return [
		named({ ...one, ...alone }, `${said.name} first half`),
		mirroredStrip(named({ ...other, ...alone }, `${said.name} second half`))
	];
}
