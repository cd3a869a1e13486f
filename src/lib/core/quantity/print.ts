import type { Estimate } from './estimate';
import {
	cmToInches,
	inchesToCm,
	unitOf,
	gramsToOunces,
	metresToYards,
	type QuantityKind,
	type Units
} from './units';

/** From this spread on whole units are said. */
const WHOLE_FROM = 1.95;

interface Shown {
	readonly unit: string;
	readonly factor: number;
	/** Decimals for a value with no spread. */
	readonly decimals: number;
}

const PLAIN: Partial<Record<QuantityKind, [string, number]>> = {
	rows: ['rows', 0],
	stitches: ['stitches', 0],
	pins: ['pins', 0],
	minutes: ['min', 0],
	hours: ['h', 1],
	seconds: ['s', 1],
	balls: ['balls', 1],
	ends: ['ends', 0],
	things: ['', 0],
	plain: ['', 2]
};

/** The unit a kind of quantity is shown in, and the factor from the stored metric value to it. */
export function shownUnit(kind: QuantityKind, units: Units): Shown {
	const metric = units === 'cm';
	switch (kind) {
		case 'length':
			return { unit: unitOf(units), factor: metric ? 1 : cmToInches(1), decimals: metric ? 1 : 2 };
		case 'loop':
			return {
				unit: metric ? 'mm' : 'in',
				factor: metric ? 10 : cmToInches(1),
				decimals: metric ? 1 : 2
			};
		case 'yarn':
			return { unit: metric ? 'm' : 'yd', factor: metric ? 1 : metresToYards(1), decimals: 0 };
		case 'mass':
			return {
				unit: metric ? 'g' : 'oz',
				factor: metric ? 1 : gramsToOunces(1),
				decimals: metric ? 0 : 2
			};
		case 'yarn-per-mass':
			return metric
				? { unit: 'm / 100 g', factor: 1, decimals: 0 }
				: { unit: 'yd / 100 g', factor: metresToYards(1), decimals: 0 };
		case 'stitch-density':
			return {
				unit: metric ? 'st / 10 cm' : 'st / 4 in',
				factor: metric ? 10 : 10.16,
				decimals: 1
			};
		case 'row-density':
			return {
				unit: metric ? 'rows / 10 cm' : 'rows / 4 in',
				factor: metric ? 10 : 10.16,
				decimals: 1
			};
		case 'volume':
			return metric
				? { unit: 'cm³', factor: 1, decimals: 0 }
				: { unit: 'in³', factor: cmToInches(1) ** 3, decimals: 1 };
		case 'fill':
			return metric
				? { unit: 'g / 100 cm³', factor: 100, decimals: 1 }
				: { unit: 'oz / in³', factor: gramsToOunces(1) * inchesToCm(1) ** 3, decimals: 3 };
		case 'percent':
			return { unit: '%', factor: 100, decimals: 0 };
		default: {
			const [unit, decimals] = PLAIN[kind] ?? ['', 2];
			return { unit, factor: 1, decimals };
		}
	}
}

/** Digits with a true minus, no trailing zeros past `decimals`. */
export function digits(value: number, decimals: number): string {
	if (!Number.isFinite(value)) return '–';
	const fixed = value.toFixed(decimals);
	return (Number(fixed) === 0 ? fixed.replace('-', '') : fixed).replace('-', '−');
}

const EIGHTHS = 8;
/** To the eighth, as makers write inches: `7 1/4`, `5/8`, `12`. */
export function inEighths(inches: number): string {
	const eighths = Math.round(Math.abs(inches) * EIGHTHS);
	const sign = inches < 0 && eighths > 0 ? '−' : '';
	const whole = Math.floor(eighths / EIGHTHS);
	const rest = eighths % EIGHTHS;
	if (rest === 0) return `${sign}${whole}`;
	const by = rest % 4 === 0 ? 4 : rest % 2 === 0 ? 2 : 1;
	return `${sign}${whole > 0 ? `${whole} ` : ''}${rest / by}/${EIGHTHS / by}`;
}

export interface Printed {
	readonly value: string;
	/** Empty where there is no spread. */
	readonly spread: string;
	readonly unit: string;
}

/**
 * Rounds to what the spread supports: two digits of spread below 2, otherwise whole units. Lengths come to the tenth of the
 * maker's unit, or to the eighth of an inch, and minutes are whole.
 */
export function printEstimate(e: Estimate, kind: QuantityKind, units: Units): Printed {
	const { unit, factor, decimals } = shownUnit(kind, units);
	const value = e.mean * factor;
	const sd = e.sd * factor;
	if (kind === 'minutes') {
		const least = (x: number) => (x > 0 ? Math.max(1, x) : x);
		return {
			value: digits(least(value), 0),
			spread: sd > 0 ? digits(least(sd), 0) : '',
			unit
		};
	}
	const most = kind === 'length' ? 1 : decimals;
	const places = sd === 0 ? most : sd >= WHOLE_FROM ? 0 : sd >= 0.095 || kind === 'length' ? 1 : 2;
	if (kind === 'length' && units === 'in-8' && places > 0)
		return {
			value: inEighths(value),
			spread: sd > 0 ? inEighths(Math.max(1 / EIGHTHS, sd)) : '',
			unit
		};
	const spread = places === 1 && kind === 'length' ? Math.max(0.1, sd) : sd;
	return { value: digits(value, places), spread: sd === 0 ? '' : digits(spread, places), unit };
}

/** A bare value with its unit: `18.2 cm`, `120 rows`. Trailing zeros are dropped. */
export function printValue(value: number, kind: QuantityKind, units: Units): string {
	const { unit, factor, decimals } = shownUnit(kind, units);
	const shown = value * factor;
	const eighth = Math.abs(shown * EIGHTHS - Math.round(shown * EIGHTHS)) < EIGHTHS / 1000;
	if (kind === 'length' && units === 'in-8' && eighth) return `${inEighths(shown)} ${unit}`;
	const text = digits(shown, decimals).replace(/\.0+$|(\.\d*?)0+$/, '$1');
	if (kind === 'percent') return `${text} %`;
	if (kind === 'rows' && text === '1') return '1 row';
	if (kind === 'balls' && text === '1') return '1 ball';
	return unit ? `${text} ${unit}` : text;
}

/** A length in a sentence: to the millimetre, or the tenth or eighth of an inch, as the maker has it. Fields keep what was typed. */
export function printLength(cm: number, units: Units): string {
	const { unit, factor } = shownUnit('length', units);
	if (units === 'in-8') return `${inEighths(cm * factor)} ${unit}`;
	return `${digits(cm * factor, 1).replace(/\.0$/, '')} ${unit}`;
}

/** A length of yarn as it was measured or stands on a label, with up to `places` decimals: `5.38 m`, `5.88 yd`. */
export function printYarnFine(metres: number, units: Units, places: number): string {
	const { unit, factor } = shownUnit('yarn', units);
	return `${Number((metres * factor).toFixed(places))} ${unit}`;
}

/** `54 cm ± 1.5`, or without the spread where there is none. */
export function printWithSpread(e: Estimate, kind: QuantityKind, units: Units): string {
	const p = printEstimate(e, kind, units);
	const unit = p.unit ? ` ${p.unit}` : '';
	return p.spread ? `${p.value}${unit} ± ${p.spread}` : `${p.value}${unit}`;
}
