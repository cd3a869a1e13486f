import type { Band, Point, Rung, Stage, Trim } from '$lib/core/assembly/stage';

/** Size of the drawn stitch in its tile, px: large enough to be shrunk, never grown much. */
const TILE = 24;
/** Smaller stitches are specks: far away one sees colour only. */
const NEAR_PX = 2.2;

/** One stitch on a tile of its own, the knit side or the purl side. */
function tileOf(colour: string, knit: boolean): HTMLCanvasElement {
	const tile = document.createElement('canvas');
	tile.width = TILE;
	tile.height = TILE;
	const c = tile.getContext('2d')!;
	c.fillStyle = colour;
	c.fillRect(0, 0, TILE, TILE);
	c.fillStyle = 'rgb(0 0 0 / 0.34)';
	c.fillRect(0, 0, TILE, TILE);
	c.fillStyle = colour;
	c.strokeStyle = 'rgb(255 255 255 / 0.16)';
	c.lineWidth = TILE * 0.05;
	const w = TILE;
	if (knit) {
		// Two legs, point at the start of the row.
		for (const side of [-1, 1]) {
			const x = (v: number) => w / 2 + side * v * w;
			c.beginPath();
			c.moveTo(x(0.03), -0.02 * w);
			c.quadraticCurveTo(x(0.1), 0.58 * w, x(0.4), 1.02 * w);
			c.quadraticCurveTo(x(0.5), 0.58 * w, x(0.03), -0.02 * w);
			c.fill();
			c.stroke();
		}
	} else {
		// A bump over the whole width, the next row's under it.
		c.beginPath();
		c.ellipse(w / 2, w * 0.5, w * 0.52, w * 0.24, 0, 0, 2 * Math.PI);
		c.fill();
		c.stroke();
	}
	return tile;
}

export interface Fabric {
	readonly colours: readonly string[];
	/** Stitches across the face one looks at. */
	readonly stitches: number;
	/** px for a cm, and where the drawing's origin lies, px. */
	readonly px: number;
	readonly left: number;
	readonly top: number;
	readonly ink: string;
}

/** A band between two rungs, and the top layer of all. */
interface Strip {
	readonly band: Band;
	readonly top: number;
	readonly from: Rung;
	readonly to: Rung;
}

/** Draws stages of a tube with the stitches they are made of. Tiles are kept from one drawing to the next. */
export class FabricDrawing {
	readonly #tiles = new Map<string, HTMLCanvasElement>();

	#tile(colour: string, knit: boolean): HTMLCanvasElement {
		const key = `${colour} ${knit}`;
		let tile = this.#tiles.get(key);
		if (!tile) {
			tile = tileOf(colour, knit);
			this.#tiles.set(key, tile);
		}
		return tile;
	}

	/** Draws the way from one stage to the next, `t` of it done, from 0 to 1. */
	draw(
		c: CanvasRenderingContext2D,
		{ from, to, t }: { from: Stage; to: Stage; t: number },
		f: Fabric
	): void {
		const at = (p: Point, q: Point): Point => ({
			x: f.left + f.px * (p.x + (q.x - p.x) * t),
			y: f.top + f.px * (p.y + (q.y - p.y) * t)
		});
		const rungs = from.rungs.map((r, i) => ({
			row: r.row,
			a: at(r.a, to.rungs[i]!.a),
			b: at(r.b, to.rungs[i]!.b)
		}));
		// What lies over what, and which side is out, changes half-way.
		const looks = t < 0.5 ? from.bands : to.bands;
		const order = looks.map((_, i) => i).sort((i, j) => looks[i]!.layer - looks[j]!.layer);
		const top = Math.max(...looks.map((b) => b.layer));
		for (const i of order) {
			this.#band(c, { band: looks[i]!, top, from: rungs[i]!, to: rungs[i + 1]! }, f);
		}
		this.#outline(c, looks, rungs, f);
		const trims = t < 1 ? from.trims : to.trims;
		for (const trim of trims) this.#trim(c, trim, f);
	}

	#band(c: CanvasRenderingContext2D, { band, top, from, to }: Strip, f: Fabric): void {
		const colour = f.colours[band.yarn] ?? '#9fb0b8';
		const path = new Path2D();
		path.moveTo(from.a.x, from.a.y);
		path.lineTo(from.b.x, from.b.y);
		path.lineTo(to.b.x, to.b.y);
		path.lineTo(to.a.x, to.a.y);
		path.closePath();
		c.fillStyle = colour;
		c.fill(path);
		c.strokeStyle = colour;
		c.lineWidth = 0.7;
		c.stroke(path);
		const rows = to.row - from.row;
		const across = { x: (from.b.x - from.a.x) / f.stitches, y: (from.b.y - from.a.y) / f.stitches };
		const along = {
			x: (to.a.x + to.b.x - from.a.x - from.b.x) / 2 / rows,
			y: (to.a.y + to.b.y - from.a.y - from.b.y) / 2 / rows
		};
		const near = Math.min(Math.hypot(across.x, across.y), Math.hypot(along.x, along.y));
		if (near >= NEAR_PX) {
			const pattern = c.createPattern(this.#tile(colour, band.faceOut), 'repeat');
			// A tile is one stitch: across the wales, and along them from a whole row.
			const start = Math.floor(from.row) - from.row;
			pattern?.setTransform(
				new DOMMatrix([
					across.x / TILE,
					across.y / TILE,
					along.x / TILE,
					along.y / TILE,
					from.a.x + along.x * start,
					from.a.y + along.y * start
				])
			);
			if (pattern) c.fillStyle = pattern;
			c.fill(path);
		}
		const shade = Math.max(band.shade, band.layer < 0 && top > band.layer ? 0.3 : 0);
		if (shade > 0) {
			c.fillStyle = `rgb(11 24 32 / ${shade})`;
			c.fill(path);
		}
	}

	/** The edges of every layer, and the lines where it is folded. */
	#outline(
		c: CanvasRenderingContext2D,
		looks: readonly Band[],
		rungs: readonly { a: Point; b: Point }[],
		f: Fabric
	): void {
		const top = Math.max(...looks.map((b) => b.layer));
		c.strokeStyle = f.ink;
		c.lineWidth = 1.4;
		c.lineJoin = 'round';
		c.beginPath();
		for (const side of ['a', 'b'] as const) {
			let pen = false;
			for (const [i, b] of looks.entries()) {
				const shown = b.layer === top || b.layer === 0;
				if (!shown) {
					pen = false;
					continue;
				}
				if (!pen) c.moveTo(rungs[i]![side].x, rungs[i]![side].y);
				c.lineTo(rungs[i + 1]![side].x, rungs[i + 1]![side].y);
				pen = true;
			}
		}
		const line = (r: { a: Point; b: Point }) => {
			c.moveTo(r.a.x, r.a.y);
			c.lineTo(r.b.x, r.b.y);
		};
		if (looks[0]!.layer >= 0) line(rungs[0]!);
		if (looks.at(-1)!.layer >= 0) line(rungs.at(-1)!);
		for (const [i, b] of looks.entries())
			if (i > 0 && looks[i - 1]!.layer !== b.layer) line(rungs[i]!);
		c.stroke();
	}

	#trim(c: CanvasRenderingContext2D, trim: Trim, f: Fabric): void {
		const points = trim.points.map((p) => ({ x: f.left + f.px * p.x, y: f.top + f.px * p.y }));
		const [first, ...rest] = points;
		if (!first) return;
		c.save();
		c.strokeStyle = f.ink;
		c.fillStyle = f.ink;
		c.lineCap = 'round';
		if (trim.kind === 'gather') {
			c.beginPath();
			c.arc(first.x, first.y, 4, 0, 2 * Math.PI);
			c.fill();
		} else if (trim.kind === 'slit') {
			const last = rest[0] ?? first;
			c.beginPath();
			c.ellipse(
				(first.x + last.x) / 2,
				(first.y + last.y) / 2,
				Math.max(3, Math.abs(last.x - first.x) / 2),
				3.5,
				0,
				0,
				2 * Math.PI
			);
			c.fill();
		} else {
			const lay = () => {
				c.beginPath();
				c.moveTo(first.x, first.y);
				for (const p of rest) c.lineTo(p.x, p.y);
				c.stroke();
			};
			c.lineWidth = trim.kind === 'seam' ? 4 : trim.kind === 'bound' ? 3.5 : 3;
			if (trim.kind === 'bound') c.setLineDash([1, 6]);
			lay();
			if (trim.kind === 'chain') {
				c.strokeStyle = f.colours[0] ?? '#9fb0b8';
				c.lineWidth = 1.6;
				c.setLineDash([2, 4]);
				lay();
			}
		}
		c.restore();
	}
}

/** The box, cm, that holds every stage and its trims. */
export function boxOf(stages: readonly Stage[]): {
	left: number;
	top: number;
	width: number;
	height: number;
} {
	const points = stages.flatMap((s) => [
		...s.rungs.flatMap((r) => [r.a, r.b]),
		...s.trims.flatMap((t) => t.points)
	]);
	const xs = points.map((p) => p.x);
	const ys = points.map((p) => p.y);
	const [left, top] = [Math.min(...xs), Math.min(...ys)];
	return { left, top, width: Math.max(...xs) - left, height: Math.max(...ys) - top };
}
