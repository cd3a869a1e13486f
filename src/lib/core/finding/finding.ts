import type { Joint } from '../assembly/joint';
import type { Repair } from '../recipe/garments/seams';
import type { SwatchState } from '../model/bench';
import type { Excess } from '../program/load';
import type { ShapeProblem } from '../shaping/schedule';
import type { Fault } from '../simulate/fabric';

export type Severity = 'stop' | 'warn' | 'tip';

/** Where a finding points: main rows counted from 0, or a part of the work. */
export type Where =
	| { readonly at: 'row'; readonly row: number }
	| { readonly at: 'fold' }
	| { readonly at: 'size' }
	| { readonly at: 'yarn'; readonly yarn: number }
	| { readonly at: 'gauge' }
	| { readonly at: 'seam'; readonly seam: string }
	| { readonly at: 'piece'; readonly piece: string }
	| { readonly at: 'bench' };

/** A change that would settle the finding, offered as one press. */
export type Fix =
	| { readonly do: 'rows'; readonly rows: number }
	| { readonly do: 'stitches'; readonly stitches: number }
	| { readonly do: 'use-fresh' }
	| { readonly do: 'lining-extra'; readonly rows: number }
	| { readonly do: 'turn-up' }
	| { readonly do: 'around'; readonly cm: number }
	| { readonly do: 'visible'; readonly cm: number }
	| { readonly do: 'by-yarn' }
	/** Back to what it began with: what was asked is too much to be worked out. */
	| { readonly do: 'begin-again' }
	| { readonly do: 'substitute'; readonly yarnId: string }
	| { readonly do: 'ladder-pins'; readonly pins: readonly number[] }
	| { readonly do: 'eyes'; readonly kind: 'stitched' }
	| { readonly do: 'sag'; readonly cm: number }
	| { readonly do: 'garland-number'; readonly number: number }
	| { readonly do: 'wraps'; readonly wraps: null }
	| Repair;

/** A careful maker's judgement about a plan. The sentences are in `words/findings.ts`, by code. */
export type FindingBody =
	| { code: 'machine-missing' }
	| { code: 'yarn-missing'; yarnId: string }
	| { code: 'cannot-knit'; fault: Fault['code'] }
	| ({ code: 'too-much' } & Excess)
	| { code: 'too-long'; rows: number; most: number; counted: boolean }
	| { code: 'section-vanishes'; yarn: number; rows: number }
	| { code: 'no-swatch'; tubeCm: number; sdCm: number; sdWithSwatchCm: number; otherYarn: boolean }
	| { code: 'fresh-only'; readings: number }
	| { code: 'fresh-used'; readings: number }
	| { code: 'one-reading'; state: SwatchState; sdCm: number; sdMoreCm: number }
	| { code: 'discord'; ratio: number; readings: number; learned: boolean }
	| { code: 'odd-gauge'; ratio: number; usual: number; swatches: number }
	| { code: 'too-tight'; stretch: number; headCm: number; circumferenceCm: number }
	| { code: 'tight'; stretch: number; headCm: number; circumferenceCm: number }
	| { code: 'past-pulled'; stretch: number; pulledTo: number }
	| { code: 'loose'; stretch: number; headCm: number; circumferenceCm: number }
	| { code: 'short'; flat: boolean; heightCm: number; wantedCm: number; rows: number }
	| { code: 'long'; flat: boolean; heightCm: number; wantedCm: number; rows: number }
	| { code: 'brim-too-high'; brimCm: number; layerCm: number }
	| { code: 'lining-lip'; rows: number; cm: number }
	| { code: 'outer-peeks'; rows: number; cm: number }
	| { code: 'boundary-on-fold'; turnedUp: boolean }
	| { code: 'stripe-cut'; rows: number; wanted: number; wholeRows: number }
	| {
			code: 'yarn-short';
			yarn: number;
			needGrams: number;
			haveGrams: number;
			chance: number;
			row: number;
	  }
	| { code: 'yarn-close'; yarn: number; needGrams: number; haveGrams: number; chance: number }
	| { code: 'thick-yarn'; yarn: number; weightClass: number }
	| { code: 'weak-yarn'; yarn: number }
	| { code: 'test-failed'; yarn: number; rows: number; faults: number; disputed: boolean }
	| { code: 'test-care'; yarn: number; rows: number; faults: number; disputed: boolean }
	| { code: 'cotton'; yarn: number; percent: number }
	| { code: 'gauges-differ'; yarn: number; share: number }
	| { code: 'light-lining'; contrast: number }
	| { code: 'clog'; rows: number }
	| { code: 'short-waste'; rows: number }
	| { code: 'baby' }
	| { code: 'panel-too-wide'; stitches: number; most: number }
	| { code: 'tube-too-tight'; stretch: number; aroundCm: number }
	| { code: 'tube-tight'; stretch: number; aroundCm: number }
	| { code: 'tube-loose'; stretch: number; aroundCm: number }
	| { code: 'unusual-pins'; pins: number; least: number; most: number }
	| { code: 'many-tails'; joins: number }
	| { code: 'two-figures'; rows: number; fitRows: number; aroundCm: number; what: string }
	| { code: 'hem-boundary'; rows: number; row: number; yarn: number }
	| { code: 'hidden-joins'; joins: number; tails: number }
	| { code: 'shows-through'; over: number; under: number; rows: number }
	| { code: 'garland' }
	| { code: 'cannot-shape'; name: string; problem: ShapeProblem }
	| { code: 'line-missed'; name: string; side: 'left' | 'right'; row: number; stitches: number }
	| {
			code: 'seam-off';
			kind: Joint['kind'];
			of: 'left' | 'right' | undefined;
			by: 'rows' | 'stitches' | 'length';
			a: number;
			b: number;
			eases: boolean;
	  }
	| { code: 'seam-missing'; kind: Joint['kind'] }
	| { code: 'armhole-small'; aroundCm: number; armCm: number; leastCm: number }
	| { code: 'sleeve-tight'; sleeveCm: number; armCm: number; tube: boolean }
	| { code: 'neck-small'; neckCm: number; headCm: number }
	| { code: 'neck-wide'; neckCm: number; shoulderCm: number }
	| { code: 'body-short'; lengthCm: number; leastCm: number }
	| { code: 'over-bust'; cm: number; rows: number; chestCm: number }
	| { code: 'heavy-shoulders'; gramsPerCm: number; grams: number }
	| { code: 'ladders-uneven'; a: number; b: number; pins: number }
	| { code: 'stripe-ends'; joins: number; all: number }
	| { code: 'neck-beyond-span'; neckCm: number; spanCm: number }
	| { code: 'toy-small-parts'; eyes: 'button' | 'bead'; count: number }
	| { code: 'toy-cord'; name: string; cm: number; most: number }
	| { code: 'toy-part-small'; name: string; across: number; long: number }
	| { code: 'toy-rules'; under3: boolean }
	| { code: 'attach-lost'; name: string }
	| { code: 'will-not-close'; name: string; nth: number; cm: number; leastCm: number }
	| { code: 'part-too-wide'; name: string; host: string; openCm: number; hostCm: number }
	| { code: 'bag-misses'; rows: number; ideal: number; eachRows: number; cm: number }
	| { code: 'bag-loads' }
	| { code: 'cannot-hang'; sagCm: number; cordCm: number }
	| { code: 'garland-count'; number: number; spacingCm: number; cordCm: number }
	| { code: 'items-touch'; times: number; needCm: number; spacingCm: number }
	| { code: 'pom-thin'; wraps: number; usual: number }
	| { code: 'border-off'; loops: number; stitches: number; of: number; eases: boolean }
	| { code: 'no-swatch-there'; machine: string; parts: string[] }
	| {
			code: 'yarn-held';
			yarn: number;
			needGrams: number;
			freeGrams: number;
			heldGrams: number;
			by: readonly string[];
	  }
	| { code: 'no-counter'; panels: boolean };

export type FindingCode = FindingBody['code'];

/**
 * What stops a plan, and cannot be accepted: what the machine cannot do or the bench does not hold, and what could hurt a
 * child. Everything else is the maker's to weigh.
 */
export type StopCode =
	| 'machine-missing'
	| 'yarn-missing'
	| 'cannot-knit'
	| 'cannot-shape'
	| 'panel-too-wide'
	| 'too-long'
	| 'too-much'
	| 'toy-small-parts'
	| 'toy-cord';

export type Finding = FindingBody & {
	/** Code and place: what an acceptance is remembered by. */
	readonly key: string;
	readonly severity: Severity;
	readonly where: Where;
	readonly fix?: Fix;
	/** The other way out. */
	readonly or?: Fix;
	/** Accepted by the maker: stays quiet. A `stop` cannot be accepted. */
	readonly accepted: boolean;
};
