import type { WrittenPattern } from '../core/model/written';
import { DAY, START } from './fair';

const SLIPOVER = `LANTERN WATCH SLIPOVER, for a child
Sizes: 3-4 (5-6: 7-8) years. To fit chest 56 (61: 66) cm.
Materials: 3 (3: 4) balls of a soft double knitting wool.
Tension: 20 sts and 28 rows to 10 cm over stocking stitch.

BACK
Cast on 58 (62: 68) sts. Work 6 rows in k1, p1 rib.
Work straight until back measures 20 (22: 25) cm from beg, ending with a WS row.
Shape armholes: cast off 4 sts at beg of next 2 rows. Dec 1 st at each end of next and every foll alt row until 42 (46: 50) sts rem.
Work straight until armhole measures 13 (14: 15) cm, ending with a WS row.
Shape shoulders: cast off 5 (6: 6) sts at beg of next 4 rows. Cast off rem 22 (22: 26) sts.

FRONT
Work as given for Back until armhole shaping is done.
Divide for neck: k 21 (23: 25), turn. Leave rem sts on a holder.
Take in at the neck as on the back of the card, down to 10 (12: 12).
Work straight until front matches back to shoulder. Cast off 5 (6: 6) sts at beg of next and foll alt row.
Rejoin yarn to rem sts. Complete to match first side, reversing shapings.

NECK BAND
Pick up and k 72 (76: 80) sts. Work 5 rows in k1, p1 rib. Cast off in rib.

POCKET
A square of 16 for the lantern, 20 rows.

MAKING UP: join shoulders, then neck band, then sides. Sew the pocket on.
`;

/** A pattern from the drawer under the stall, half of it said. */
export const patterns: WrittenPattern[] = [
	{
		id: 'pattern-slipover' as WrittenPattern['id'],
		name: 'Lantern watch slipover',
		createdAt: START + 20 * DAY,
		text: SLIPOVER,
		note: 'For the child who carries the lantern on the first evening. The pocket takes a small lamp.',
		size: 1,
		notation: 'per-10cm',
		stitches: '',
		rows: '',
		mode: 'panel',
		keep: [],
		corrections: [
			{
				words: 'Take in at the neck as on the back of the card, down to 10 (12: 12)',
				nth: 0,
				says: 'Dec 1 st at neck edge on every foll alt row until 10 (12: 12) sts rem'
			}
		],
		ways: [],
		apart: []
	}
];
