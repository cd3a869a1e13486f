import { loadRecipes } from '../../src/lib/core/recipe';
import { readFileSync, writeFileSync } from 'node:fs';
import { gunzipSync, gzipSync, strFromU8, strToU8 } from 'fflate';
import { plan, type NoPlan, type Plan } from '../../src/lib/core/plan';
import { cases } from './cases';
import { facetOf, type Facet } from './facets';

/** By the name of a case: what one facet of its plan says. */
export type Book = Record<string, unknown>;

const path = (facet: Facet) => new URL(`frozen/${facet}.json.gz`, import.meta.url);

/** Every case planned once; what cannot be planned is named by its findings. */
await loadRecipes();
export const planned = (): [string, Plan | NoPlan][] =>
	cases().map((c) => [c.name, plan(c.project, c.bench)]);

export const bookOf = (facet: Facet, plans: readonly [string, Plan | NoPlan][]): Book =>
	Object.fromEntries(
		plans.map(([name, p]) => [
			name,
			p.ok ? facetOf(facet, p) : p.findings.map((f) => ({ code: f.code, key: f.key }))
		])
	);

export const thaw = (facet: Facet): Book =>
	JSON.parse(strFromU8(gunzipSync(readFileSync(path(facet))))) as Book;
export const freeze = (facet: Facet, book: Book): void =>
	writeFileSync(path(facet), gzipSync(strToU8(JSON.stringify(book)), { level: 9, mtime: 0 }));

export interface Difference {
	readonly at: string;
	readonly was: unknown;
	readonly is: unknown;
}

/** Where two pieces of plain data differ, each leaf by its path, the first `most` of them. */
export function differences(was: unknown, is: unknown, at = '', most = 20): Difference[] {
	if (Object.is(was, is)) return [];
	const branch = (x: unknown): x is object => typeof x === 'object' && x !== null;
	if (!branch(was) || !branch(is) || Array.isArray(was) !== Array.isArray(is))
		return [{ at, was, is }];
	const keys = [...new Set([...Object.keys(was), ...Object.keys(is)])];
	const out: Difference[] = [];
	for (const k of keys) {
		if (out.length >= most) break;
		const inner = (x: object) => (x as Record<string, unknown>)[k];
		out.push(...differences(inner(was), inner(is), at ? `${at}.${k}` : k, most - out.length));
	}
	return out;
}
