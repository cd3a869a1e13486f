/** The words that patterns share, as people type them, and the one form that the rules know. */

const ONES =
	'one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen'.split(
		' '
	);
const TENS = 'twenty thirty forty fifty sixty seventy eighty ninety'.split(' ');
export const ORDINALS =
	'first second third fourth fifth sixth seventh eighth ninth tenth eleventh twelfth'.split(' ');
export const SIMPLE: ReadonlyMap<string, number> = new Map([
	...ONES.map((w, i) => [w, i + 1] as const),
	...TENS.map((w, i) => [w, 20 + 10 * i] as const)
]);

/** The same word, as people type it. */
const FORMS: Readonly<Record<string, string>> = {
	st: 'sts stitch stitches loop loops',
	row: 'rows rnd rnds round rounds',
	k: 'knit knits',
	p: 'purl purls',
	work: 'working worked cont continue continuing keep',
	co: 'c/on cast-on',
	off: 'bo c/off b/off',
	dec: 'decrease decreases decreasing narrow lose',
	inc: 'increase increases increasing widen',
	both: '',
	beg: 'beginning start commencement',
	end: 'ends ending finishing',
	every: 'each',
	foll: 'following',
	o2: 'alt alternate other alternating',
	until: 'till',
	rem: 'remain remains remaining',
	rep: 'repeat repeating',
	times: 'x time',
	rs: '',
	ws: '',
	inch: 'inches in. ins',
	cm: 'cms centimetres centimeters',
	straight: 'even plain',
	measures: 'measure measuring',
	hold: 'holder waste spare',
	rejoin: 'reattach',
	reverse: 'reversing reversed',
	arm: 'armhole armholes underarm',
	edge: 'edges',
	side: 'sides',
	centre: 'center',
	shape: 'shaping shapings',
	dec1: 'k2tog skpo ssk p2tog skp',
	total: 'altogether',
	wool: 'yarn',
	cut: '',
	rib: 'ribbing ribbed',
	rest: '',
	match: 'matches matching'
};
export const FORM: ReadonlyMap<string, string> = new Map(
	Object.entries(FORMS).flatMap(([form, words]) =>
		[form, ...words.split(' ').filter((w) => w !== '')].map((w) => [w, form] as const)
	)
);

/** Several words that are one. */
export const PHRASES: readonly (readonly [string, string])[] = [
	['cast off', 'off'],
	['cast', 'co'],
	['bind off', 'off'],
	['slip slip k', 'dec1'],
	['k 2 together', 'dec1'],
	['take 2 together', 'dec1'],
	['take in', 'dec'],
	['right side', 'rs'],
	['wrong side', 'ws'],
	['p row', 'ws row'],
	['every end', 'both'],
	['beg and end', 'both'],
	['both end', 'both'],
	['every arm edge', 'both'],
	['both arm edge', 'both'],
	['every edge', 'both'],
	['both edge', 'both'],
	['every side', 'both'],
	['both side', 'both'],
	['in st st', ''],
	['st st', ''],
	['in stockinette st', ''],
	['stockinette st', ''],
	['stocking st', ''],
	['garter st', 'garter'],
	['moss st', 'moss'],
	['g st', 'garter'],
	['neck edge', 'neck'],
	['neck end', 'neck'],
	['arm edge', 'arm'],
	['side edge', 'sideedge'],
	['same edge', 'sameedge'],
	['left edge', 'left'],
	['right edge', 'right'],
	['pick up', 'pick'],
	['gather up', 'pick'],
	['without shape', 'straight'],
	['same times', 'meanwhile'],
	['st hold', 'hold'],
	['join wool', 'rejoin'],
	['rejoin wool', 'rejoin'],
	['in all', 'total'],
	['in total', 'total'],
	['making up', 'makingup'],
	['made up', 'makingup'],
	['both alike', 'make 2'],
	['put everything hold', 'leave hold'],
	['right s', 'rs']
];

/** Words that change nothing. */
export const NOISE = new Set(
	`the of at on a an for it it's is you your you'll you've will should have so that these this just now needle again onto only firmly by being was are had has been with also still is fabric smooth stockinette stocking loosely`.split(
		' '
	)
);
/** An "in" before one of these is no inch. */
export const NOT_INCH = new Set([
	'rib',
	'ribbing',
	'garter',
	'moss',
	'st',
	'k',
	'the',
	'all',
	'every',
	'each',
	'plain',
	'stockinette',
	'total',
	'next',
	'first'
]);
