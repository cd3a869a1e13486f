import type { Passage } from './passages';

/** Twenty more, written when the reader stood, in the notation of the others. */
export const MORE: readonly Passage[] = [
	{
		hand: 'terse UK',
		text: 'Left Sleeve. Cast on 28 sts. Work 8 rows. Inc 1 st each end next row and every foll 5th row to 40 sts. Cont to 62 rows in all. Cast off 3 sts beg next 4 rows. Cast off.',
		means: `piece Left sleeve
co 28
rows 8
inc 1 both 1,+5 x6
total 62
off 3 x4
off all`
	},
	{
		hand: 'chatty US',
		text: 'Now bind off 3 stitches at the start of each of the next 4 rows, and you have 24 left. Knit another 10 rows and put everything on a holder.',
		means: `off 3 x4
count 24
rows 10
hold all`
	},
	{
		hand: 'terse UK',
		text: 'Dec 1 st at both ends of every row 3 times, then every alt row 4 times. 20 sts rem.',
		means: `dec 1 both 1,+1 x3
dec 1 both 2,+2 x4
count 20`
	},
	{
		hand: 'old-fashioned',
		text: 'Cast on thirty-two stitches and work eighteen rows. Increase one stitch at each end of the next row. Work seven rows.',
		means: `co 32
rows 18
inc 1 both 1,+1 x1
rows 7`
	},
	{
		hand: 'table',
		text: 'Collar\nCO: 64\nRows: 14\nBO',
		means: `piece Collar
co 64
rows 14
off all`
	},
	{
		hand: 'mixed',
		text: 'Work straight until armhole measures 16 cm, ending RS facing. Cast off 7 sts at beg of next 2 rows and 6 sts at beg of foll 2 rows.',
		means: `to 16 cm from armhole WS
off 7 x2
off 6 x2`
	},
	{
		hand: 'chatty US',
		text: 'Work 2 inches of ribbing, then switch to plain knitting and work until the piece measures 12 inches. Bind off.',
		means: `to 2 in from here
to 12 in
off all`
	},
	{
		hand: 'terse UK',
		text: 'Right Front: as Left Front, reversing shapings.',
		means: `piece Right front
same Left front
reverse`
	},
	{
		hand: 'terse UK',
		text: 'Neck: K15, turn, leave rem sts on holder. Dec 1 st at neck edge on next 5 rows. 10 sts. Cont until 60 rows in all. Cast off.',
		means: `divide 15
dec 1 neck 1,+1 x5
count 10
total 60
off all`
	},
	{
		hand: 'chatty US',
		text: 'Decrease one stitch at the armhole edge on the next 4 rows. Keep the other side straight. Work 22 rows.',
		means: `dec 1 armhole 1,+1 x4
rows 22`
	},
	{
		hand: 'mixed',
		text: 'Sizes 1 (2, 3). CO 36 (40, 44). K 40 (44, 48) rows. Dec 1 st at each end of every 3rd row until 28 (30, 32) sts remain.',
		means: `co 36
rows 40
dec 1 both 3,+3 x4`
	},
	{
		hand: 'table',
		text: 'Strap (make 2)\nCast on 6 sts\nKnit 120 rows\nCast off',
		means: `piece Strap
make 2
co 6
rows 120
off all`
	},
	{
		hand: 'old-fashioned',
		text: 'Cast off four stitches at the beginning of the next row and three at the beginning of the following row.',
		means: `off 4 x1
off 3 x1`
	},
	{
		hand: 'terse UK',
		text: 'Cast on 50 sts. 1st row: k. 2nd row: p. Rep these 2 rows 9 times more. Cast off.',
		means: `co 50
rows 1
rows 1
rows 18
off all`
	},
	{
		hand: 'mixed',
		text: 'With RS facing pick up and knit 48 sts along front edge. K 5 rows. Cast off.',
		means: `band 48
rows 5
off all`
	},
	{
		hand: 'chatty US',
		text: 'Increase 1 stitch at the beginning and end of every 10th row 3 times (46 stitches).',
		means: `inc 1 both 10,+10 x3
count 46`
	},
	{
		hand: 'terse UK',
		text: 'Shape shoulder: cast off 5 sts at beg of next and foll alt row. Work 1 row. Cast off rem 6 sts.',
		means: `off 5 x1
rows 1
off 5 x1
rows 1
count 6
off all`
	},
	{
		hand: 'mixed',
		text: 'Dec 1 st at neck edge on every row until 8 sts rem. Cont straight until front matches back to shoulder. Cast off.',
		means: `dec 1 neck 1,+1 to 8
same Back to shoulder
off all`
	},
	{
		hand: 'old-fashioned',
		text: 'Work four inches plain. Narrow one stitch at each end of every fourth row six times. Bind off.',
		means: `to 4 in from here
dec 1 both 4,+4 x6
off all`
	},
	{
		hand: 'table',
		text: 'Back: 52 sts, 70 rows, off 4 / 3 / 2 at each side on alternate rows, 20 rows, off.',
		means: `piece Back
co 52
rows 70
off 4 both
off 3 both
off 2 both
rows 20
off all`
	}
];
