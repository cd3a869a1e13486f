import { gaugeBook, type GaugeBook } from '$lib/core/bench/gauge/book';
import type { Bench } from '$lib/core/model/project';

const books = new WeakMap<Bench, GaugeBook>();

/** A bench sorted for asking gauges of it, once. */
export function bookOf(bench: Bench): GaugeBook {
	const known = books.get(bench);
	if (known) return known;
	const book = gaugeBook(bench);
	books.set(bench, book);
	return book;
}
