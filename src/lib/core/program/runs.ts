import { isSpare, type Program } from './program';

/** Main rows of one yarn, from 0, waste apart: what the program says, without knitting it. */
export function mainRuns(program: Program): { from: number; to: number; yarn: number }[] {
	const runs: { from: number; to: number; yarn: number }[] = [];
	let yarn = 0;
	let row = 0;
	for (const o of program) {
		if (o.op === 'cast-on' || o.op === 'join') yarn = o.yarn;
		const rows = o.op === 'rows' ? o.count : o.op === 'hang-hem' ? 1 : 0;
		if (rows === 0 || isSpare(yarn)) continue;
		const last = runs.at(-1);
		if (last?.yarn === yarn) last.to = row + rows;
		else runs.push({ from: row, to: row + rows, yarn });
		row += rows;
	}
	return runs;
}
