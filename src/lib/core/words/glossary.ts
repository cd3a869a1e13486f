/** What a word of the field means, in words that a beginner has. Standard terms and their meaning: common practice. */
export interface Term {
	/** As it stands in a sentence, small; its plural is known by it. */
	readonly word: string;
	readonly means: string;
}

export const GLOSSARY: readonly Term[] = [
	{
		word: 'waste yarn',
		means:
			'Yarn that is knitted before or after the piece to hold its loops, and taken out in the end. Smooth, and of another colour.'
	},
	{
		word: 'pin',
		means: 'One of the hooks round the ring. Each makes one stitch in every row.'
	},
	{
		word: 'ring',
		means: 'The round bed that the pins stand in. A machine is called by how many it has.'
	},
	{
		word: 'marker',
		means: 'The one pin of another colour: rows are counted from it.'
	},
	{
		word: 'feeder',
		means: 'The arm that lays the yarn into the pins as the ring turns under it.'
	},
	{
		word: 'gauge',
		means: 'How many stitches and rows go into 10 cm of fabric that lies at rest.'
	},
	{
		word: 'swatch',
		means: 'A trial piece, knitted to be measured: the gauge comes from it.'
	},
	{
		word: 'course',
		means: 'A row of loops, once round or once across.'
	},
	{
		word: 'tail',
		means: 'The end of yarn left hanging where a colour begins or ends.'
	},
	{
		word: 'ease',
		means: 'How much larger a garment is than the body in it.'
	},
	{
		word: 'ladder',
		means:
			'A column left without stitches, so that bars lie across like rungs. Latched up again it makes a looser column.'
	},
	{
		word: 'hem',
		means: 'An edge of double fabric: its first row is hung back onto the pins and knitted in.'
	},
	{
		word: 'panel',
		means: 'A flat piece, knitted to and fro on some of the pins. The opposite of a tube.'
	},
	{
		word: 'tube',
		means: 'A piece knitted round and round on all pins.'
	},
	{
		word: 'lining',
		means: 'The half of a tube that lies inside once it is tucked into itself.'
	},
	{
		word: 'crown',
		means: 'The top of a hat, where both ends of the tube meet.'
	},
	{
		word: 'gather',
		means: 'To draw a yarn through all loops of an end and pull it close like a purse.'
	},
	{
		word: 'graft',
		means: 'To sew loops to loops with yarn that follows their path, so that no seam is seen.'
	},
	{
		word: 'slip stitch',
		means: 'A crochet stitch without height: two edges chained together with a hook.'
	},
	{
		word: 'edge bar',
		means: 'The bar beside the last pin that the yarn goes round when a panel turns.'
	},
	{
		word: 'fashioned',
		means:
			'Decreased a stitch or two in from the edge, so that whole stitches run up beside the seam.'
	},
	{
		word: 'bind off',
		means: 'To close the loops of an edge one over the other, so that it does not run.'
	},
	{
		word: 'tuck',
		means:
			'A loop that lies on its pin beside the next one, not knitted off: a fault, where it was not meant.'
	},
	{
		word: 'drawstring',
		means: 'A cord or yarn in a channel or through loops that pulls an end close.'
	},
	{
		word: 'cover',
		means: 'How thick the yarn lies for the room it has: low is open, high is stiff.'
	}
];

const ENDING = '(?:s|es|ed)?';
const escaped = (w: string) => w.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
// Longer terms first: a slip stitch is no stitch.
const ORDER = [...GLOSSARY].sort((a, b) => b.word.length - a.word.length);
const FIND = new RegExp(`\\b(${ORDER.map((t) => escaped(t.word) + ENDING).join('|')})\\b`, 'giu');

export const termOf = (found: string): Term | undefined => {
	const word = found.toLowerCase();
	return ORDER.find((t) => new RegExp(`^${escaped(t.word)}${ENDING}$`, 'u').test(word));
};

/** A sentence in parts: plain words, and those that the glossary knows, each only where it comes first. */
export function glossed(
	text: string
): readonly (string | { readonly said: string; readonly term: Term })[] {
	const seen = new Set<string>();
	const parts: (string | { said: string; term: Term })[] = [];
	let at = 0;
	for (const m of text.matchAll(FIND)) {
		const term = termOf(m[0]);
		if (!term || seen.has(term.word)) continue;
		seen.add(term.word);
		if (m.index > at) parts.push(text.slice(at, m.index));
		parts.push({ said: m[0], term });
		at = m.index + m[0].length;
	}
	if (at < text.length) parts.push(text.slice(at));
	return parts;
}
