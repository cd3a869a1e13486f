import { describe, expect, it } from 'vitest';
import { harbour } from '../../demo/harbour';
import { notesFor, sideBySide } from './next-time';

const byKey = (key: string) => harbour.projects.find((p) => p.id === `project-${key}`)!;
const notes = (key: string, results = harbour.results) =>
	notesFor(byKey(key), harbour.projects, results).map((n) => [n.of.name, n.alike]);

describe('notes for next time', () => {
	it('greet a plan of the same recipe first, then of its yarn, then on its machine', () => {
		expect(notes('landing')).toEqual([
			['Deck socks', 'recipe'],
			['Buoy band', 'yarn'],
			['Oar warmers 2', 'yarn']
		]);
		expect(notes('tackle').every(([, alike]) => alike === 'machine')).toBe(true);
		expect(notes('tackle')).toHaveLength(3);
		// A headband is like a headband, whatever ring and yarn.
		expect(notes('tideband')).toEqual([['Buoy band', 'recipe']]);
		expect(notes('keeper')).toEqual([]);
	});

	it('are gone once they are seen to, and do not greet what is made', () => {
		const seen = harbour.results.map((r) =>
			r.next === 'open' ? { ...r, next: 'done' as const } : r
		);
		expect(notes('landing', seen)).toEqual([]);
		expect(notes('deck')).toEqual([]);
	});
});

it('things of a kind stand side by side, this one first, each by its most settled look', () => {
	const kin = sideBySide(byKey('oars-2'), harbour.projects, harbour.results);
	expect(kin.map((k) => k.project.name)).toEqual(['Oar warmers 2', 'Oar warmers']);
	const [socks] = sideBySide(byKey('deck'), harbour.projects, harbour.results);
	expect(socks!.result.when).toBe('washed');
	expect(sideBySide(byKey('keeper'), harbour.projects, harbour.results)[0]!.project.name).toBe(
		'Harbour master'
	);
});
