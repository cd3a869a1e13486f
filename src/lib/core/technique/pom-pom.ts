import { SHARP, technique, tool } from './technique';

declare module './technique' {
	interface WorkKinds {
		wind: { readonly wraps: number; readonly cardCm: number; readonly count: number };
		'tie-cut': { readonly cm: number; readonly tieCm: number; readonly count: number };
		'fix-pom': object;
	}
}

/** How broad a card is, to hold and to wind on, cm (from memory). */
export const cardWideCm = (cardCm: number): number => Math.max(4, cardCm * 0.75);

export const wind = technique<'wind'>({
	id: 'wind',
	works: {
		wind: {
			words: ({ count, wraps, cardCm }, s) => ({
				title: `Wind ${count === 1 ? 'the pom-pom' : `${count} pom-poms`}, ${wraps} wraps round a card ${s.length(cardCm)} long`,
				how: 'Side by side and then over one another, not tight; print the card in true size from the plan.'
			}),
			drawing: ({ wraps }) => ({ skill: 'wind', drawing: { loops: 0, wraps } })
		}
	},
	steps: ({ wraps, cardCm, count }) => [{ id: 'wind', do: 'wind', wraps, cardCm, count }],
	yarn: ({ yarns }) => yarns,
	minutes: ({ count, wraps }) => ({
		what: 'pom-poms wound',
		times: count,
		minutes: 1 + (wraps * 2) / 60
	}),
	tools: () => [tool('card')],
	does: ({ count }, hands) => {
		hands.wound += count;
	}
});

export const tieCut = technique<'tie-cut'>({
	id: 'tie-cut',
	works: {
		'tie-cut': {
			words: ({ cm, tieCm, count }, s) => ({
				title: `Tie ${count === 1 ? 'it' : `each of the ${count}`} in the middle, cut both ends, trim and shake`,
				how: `A strand of ${s.tail(tieCm)}, doubled, round all wraps, as tight as it will go, knotted twice; cut the loops; trim to ${s.length(cm)} across, shake it, warm it in steam at a distance and trim again.`
			}),
			drawing: () => ({ skill: 'tie-cut', drawing: { loops: 12 } })
		}
	},
	steps: ({ cm, tieCm, count }) => [{ id: 'tie-cut', do: 'tie-cut', cm, tieCm, count, ...SHARP }],
	yarn: ({ tieCm, count, yarn }) => [{ yarn, metres: (count * tieCm) / 100 }],
	minutes: ({ count }) => ({ what: 'pom-poms tied and trimmed', times: count, minutes: 4 }),
	tools: () => [tool('scissors')],
	does: ({ count }, hands) => {
		if (hands.wound < count) hands.fault('nothing-wound');
		hands.wound -= count;
	}
});

export const fixPom = technique<'fix-pom'>({
	id: 'fix-pom',
	works: {
		'fix-pom': {
			words: () => ({
				title: 'Fix it so that it comes off for washing',
				how: 'The tie’s ends through what it goes on, in a bow, round a button or a toggle inside.'
			}),
			drawing: () => ({ skill: 'fix-pom', drawing: { loops: 12 } })
		}
	},
	steps: () => [{ id: 'fix-pom', do: 'fix-pom', caution: 'under-three' }]
});
