/** Techniques of loops: shown by playing a lesson's hand on the machine. */
export const PLAYED = [
	'pick-up',
	'gather',
	'zip',
	'loop-through',
	'slip-stitch',
	'three-needle',
	'chain-off',
	'latch',
	'hem',
	'waste-off',
	'ravel',
	'knot',
	'latch-card'
] as const;
export type PlayedSkill = (typeof PLAYED)[number];
/** Techniques at the table: shown by playing the work there. */
export const AT_TABLE = [
	'crochet',
	'mattress',
	'whip',
	'weave-in',
	'tuck',
	'turn-up',
	'tie-off',
	'stuff',
	'attach',
	'fold-bag',
	'wind',
	'tie-cut',
	'fix-pom',
	'hang',
	'string',
	'sew-on',
	'stitch-eyes',
	'patch',
	'join-open',
	'block',
	'drawstring',
	'inside-out',
	'stretch',
	'measure'
] as const;
export type TableSkill = (typeof AT_TABLE)[number];
export type SkillId = PlayedSkill | TableSkill;
export const SKILL_IDS: readonly SkillId[] = [...PLAYED, ...AT_TABLE];
export const isPlayed = (id: SkillId): id is PlayedSkill =>
	(PLAYED as readonly string[]).includes(id);
