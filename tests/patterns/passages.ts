/**
 * Invented passages of knitting patterns, as different hands write them, each with what it means act by act. They were written
 * before anything read them. Nothing of them is from a published pattern.
 *
 * One act a line, in order:
 * `piece NAME` a heading that begins a piece; `co N` cast on; `rows N` straight; `to N cm|in [from armhole|here] [RS|WS]` straight
 * until it measures so much from its beginning (or from there), ending with a row of that side;
 * `off N xK` cast off N at the beginning of each of the next K rows; `off N both|right|left|neck|armhole` in the next row or two;
 * `dec N EDGE F,+E xT` N stitches at EDGE (both, start, end, left, right, neck, armhole, side) first in row F from here, then every
 * E rows, T times in all; `inc` alike; `&` before an act: at the same time as the one before, from the same row on;
 * `centre N` cast off in the middle; `divide N` work on the first N, the rest waits; `rejoin` to what waits; `reverse` shape as the
 * other side, mirrored; `off all`, `hold all` at the end; `same NAME [to WHAT]` as given for another piece; `band N` pick up;
 * `count N` what is said to be on the needle now; `total N` rows in all; `make N` so many of it.
 */
export interface Passage {
	readonly hand: string;
	/** Stitches and rows in 10 cm, where the passage needs them. */
	readonly gauge?: readonly [stitches: number, rows: number];
	readonly text: string;
	readonly means: string;
}

export const PASSAGES: readonly Passage[] = [
	// Terse, as it is written in the UK.
	{
		hand: 'terse UK',
		text: 'BACK. Cast on 46 sts. Work 40 rows in st st. Cast off 3 sts at beg of next 2 rows. 40 sts. Dec 1 st at each end of next and every foll alt row until 32 sts rem. Work 20 rows straight. Cast off.',
		means: `piece Back
co 46
rows 40
off 3 x2
count 40
dec 1 both 1,+2 x4
rows 20
off all`
	},
	{
		hand: 'terse UK',
		text: 'FRONT\nC.O. 38 sts, k 24 rows. Dec 1 st each end of next row and foll 6th row. 34 sts. Cont straight to 40 rows in all. Cast off loosely.',
		means: `piece Front
co 38
rows 24
dec 1 both 1,+6 x2
count 34
total 40
off all`
	},
	{
		hand: 'terse UK',
		gauge: [16, 24],
		text: 'Sleeves (make 2). Cast on 30 sts. Inc 1 st each end of every 6th row 5 times. 40 sts. Cont straight until work measures 25 cm, ending with a WS row. Cast off.',
		means: `piece Sleeves
make 2
co 30
inc 1 both 6,+6 x5
count 40
to 25 cm WS
off all`
	},
	{
		hand: 'terse UK',
		text: 'Armholes: Cast off 4 sts at beg of next 2 rows, then dec 1 st at each end of next 3 rows and 2 foll alt rows. 28 sts rem.',
		means: `off 4 x2
dec 1 both 1,+1 x3
dec 1 both 2,+2 x2
count 28`
	},
	{
		hand: 'terse UK',
		text: 'Shape shoulders. Cast off 5 sts at beg of next 4 rows. Leave rem 14 sts on a holder.',
		means: `off 5 x4
count 14
hold all`
	},
	{
		hand: 'terse UK',
		text: 'Divide for neck: K12, turn. Leave rem sts on a holder. Dec 1 st at neck edge on next 3 rows, then on foll 2 alt rows. 7 sts. Work 9 rows. Cast off. Rejoin yarn, cast off centre 10 sts, k to end. Complete to match first side, reversing shapings.',
		means: `divide 12
dec 1 neck 1,+1 x3
dec 1 neck 2,+2 x2
count 7
rows 9
off all
rejoin
centre 10
reverse`
	},
	{
		hand: 'terse UK',
		text: 'LEFT FRONT: Cast on 24 sts. Work as given for Back until 30 rows have been worked. Cast off 4 sts at beg of next row. Dec 1 st at armhole edge of every row 3 times.',
		means: `piece Left front
co 24
same Back to 30 rows
off 4 x1
dec 1 armhole 1,+1 x3`
	},
	{
		hand: 'terse UK',
		text: 'RIGHT FRONT. Work as Left Front, reversing all shapings.',
		means: `piece Right front
same Left front
reverse`
	},
	{
		hand: 'terse UK',
		text: 'Next row: cast off 3, k to end. Rep last row once more. Dec 1 st both ends of next and foll 4 alt rows.',
		means: `off 3 x2
dec 1 both 1,+2 x5`
	},
	{
		hand: 'terse UK',
		gauge: [18, 26],
		text: 'Cont without shaping until armhole measures 18cm, ending on a WS row. Cast off 6 sts at beg of next 4 rows. Cast off rem sts.',
		means: `to 18 cm from armhole WS
off 6 x4
off all`
	},
	{
		hand: 'terse UK',
		text: 'Neck band: With RS facing, pick up and k 72 sts evenly round neck. Work 6 rows in k1, p1 rib. Cast off in rib.',
		means: `piece Neck band
band 72
rows 6
off all`
	},
	{
		hand: 'terse UK',
		text: 'c/on 52 sts. dec 1 st at each end of 9th and every foll 8th row to 44 sts. work 7 rows.',
		means: `co 52
dec 1 both 9,+8 x4
rows 7`
	},
	{
		hand: 'terse UK',
		text: 'Shape top: Dec 1 st at each end of next and every alt row until 18 sts rem, then every row until 10 sts rem. Cast off.',
		gauge: [16, 24],
		means: `dec 1 both 1,+2 to 18
dec 1 both 1,+1 to 10
off all`
	},
	{
		hand: 'terse UK',
		text: 'V-neck: Next row: dec 1 st at armhole edge, k to last 2 sts, k2tog. Keeping armhole edge straight dec 1 st at neck edge of every foll alt row 6 times. At the same time when 20 rows have been worked from underarm cast off 4 at beg of next row.',
		means: `dec 1 armhole 1,+1 x1
& dec 1 end 1,+1 x1
dec 1 neck 2,+2 x6
& rows 20 from armhole
off 4 x1`
	},
	{
		hand: 'terse UK',
		text: 'POCKET. Using smaller size, cast on 18 sts. Work 22 rows st st. Leave sts on holder.',
		means: `piece Pocket
co 18
rows 22
hold all`
	},
	// Chatty, as it is written in the US.
	{
		hand: 'chatty US',
		text: "Back: Start at the bottom! Cast on 44 stitches. Knit 36 rows of plain stockinette. Now for the armholes: bind off 4 stitches at the beginning of the next 2 rows (you'll have 36 stitches). Keep going for 30 more rows, then bind off everything.",
		means: `piece Back
co 44
rows 36
off 4 x2
count 36
rows 30
off all`
	},
	{
		hand: 'chatty US',
		gauge: [17, 22],
		text: 'Cast on 40 stitches and work even until the piece measures 10 inches from the beginning. Decrease 1 stitch at each end of the next row, then every other row 5 more times. You should have 28 stitches left.',
		means: `co 40
to 10 in
dec 1 both 1,+2 x6
count 28`
	},
	{
		hand: 'chatty US',
		text: 'To shape the sleeve, increase one stitch on both ends of every 8th row four times, so you end up with 36 stitches.',
		means: `inc 1 both 8,+8 x4
count 36`
	},
	{
		hand: 'chatty US',
		text: 'Work across 14 stitches and slip the rest onto a stitch holder. Working on just these 14 stitches, bind off 2 stitches at the neck edge once, then decrease 1 stitch at the neck edge every other row 3 times. Work 6 rows even and bind off the remaining 9 stitches.',
		means: `divide 14
off 2 neck
dec 1 neck 2,+2 x3
rows 6
count 9
off all`
	},
	{
		hand: 'chatty US',
		text: 'Leaving the center 12 stitches on the holder, reattach the yarn and finish the second side just like the first, reversing the shaping.',
		means: `hold 12
rejoin
reverse`
	},
	{
		hand: 'chatty US',
		text: 'Knit 8 rows. Decrease row: knit 2, knit 2 together, knit to the last 4 stitches, slip slip knit, knit 2. Repeat the decrease row every 4th row until you have 30 stitches.',
		gauge: [18, 24],
		means: `rows 8
dec 1 both 1,+1 x1
dec 1 both 4,+4 to 30`
	},
	{
		hand: 'chatty US',
		text: 'Bind off 5 stitches at the beginning of the next two rows, then bind off 4 stitches at the beginning of the following two rows.',
		means: `off 5 x2
off 4 x2`
	},
	{
		hand: 'chatty US',
		text: "That's it for the back. The front is made exactly like the back until you've worked 48 rows. Then shape the neck.",
		means: `same Back to 48 rows`
	},
	{
		hand: 'chatty US',
		text: 'Pocket (make two): cast on 16 stitches, knit 20 rows, and bind off.',
		means: `piece Pocket
make 2
co 16
rows 20
off all`
	},
	{
		hand: 'chatty US',
		gauge: [16, 20],
		text: 'Continue in stockinette stitch till it\'s 14" long, ending with a wrong side row. Bind off.',
		means: `to 14 in WS
off all`
	},
	{
		hand: 'chatty US',
		text: 'Every 6th row, decrease a stitch at each side, 7 times in all (34 sts left). Work 5 rows even.',
		means: `dec 1 both 6,+6 x7
count 34
rows 5`
	},
	{
		hand: 'chatty US',
		text: 'On the next right side row bind off 3 stitches, knit to end. Purl back. Decrease 1 at the beginning of every right side row 4 times.',
		means: `off 3 x1
rows 1
dec 1 start 1,+2 x4`
	},
	{
		hand: 'chatty US',
		text: 'Shape the cap: bind off 3 sts at the beginning of the next 2 rows. Decrease 1 stitch each end every other row 8 times, then every row 3 times. Bind off the last 12 stitches.',
		means: `off 3 x2
dec 1 both 2,+2 x8
dec 1 both 1,+1 x3
count 12
off all`
	},
	{
		hand: 'chatty US',
		text: 'Cast on 60. Knit 4 rows in garter stitch for the edge, switch to stockinette and knit 50 rows. Bind off loosely so that it will stretch.',
		means: `co 60
rows 4
rows 50
off all`
	},
	{
		hand: 'chatty US',
		text: 'With the right side facing you, pick up 56 stitches around the armhole and knit three rows. Bind off.',
		means: `band 56
rows 3
off all`
	},
	// As a table or a list.
	{
		hand: 'table',
		text: 'Piece: Back panel\nCast on: 48\nRows: 64\nArmhole: bind off 3 each side\nThen: dec 1 each side, every 2nd row, 4 times\nRows: 24\nBind off',
		means: `piece Back panel
co 48
rows 64
off 3 both
dec 1 both 2,+2 x4
rows 24
off all`
	},
	{
		hand: 'table',
		text: 'Rows 1-20: straight\nRow 21: dec 1 each end\nRows 22-25: straight\nRow 26: dec 1 each end\nRows 27-40: straight',
		means: `rows 20
dec 1 both 1,+1 x1
rows 4
dec 1 both 1,+1 x1
rows 14`
	},
	{
		hand: 'table',
		text: 'SLEEVE x 2\nCO 32\nRow 7: inc 1 each end\nrep every 8th row 4 x\n= 42 sts\nwork to row 60\nBO',
		means: `piece Sleeve
make 2
co 32
inc 1 both 7,+1 x1
inc 1 both 8,+8 x4
count 42
total 60
off all`
	},
	{
		hand: 'table',
		text: 'Sts: 40. Rows: 30. Cast off 4 (4) at each armhole edge.',
		means: `co 40
rows 30
off 4 both`
	},
	{
		hand: 'table',
		text: '1. Cast on 26 sts\n2. Knit 18 rows\n3. Cast off 2 sts at the start of next 2 rows\n4. Knit 10 rows\n5. Cast off',
		means: `co 26
rows 18
off 2 x2
rows 10
off all`
	},
	{
		hand: 'table',
		text: 'Size: 2 (4: 6) years\nCast on 40 (44: 48) sts\nWork 30 (36: 42) rows\nCast off 3 (4: 5) sts at beg of next 2 rows',
		means: `co 40
rows 30
off 3 x2`
	},
	{
		hand: 'table',
		text: 'To fit chest 56 [61, 66] cm. CO 46 [50, 54] sts. Dec 1 st each end of every 4th row to 40 [44, 48] sts.',
		means: `co 46
dec 1 both 4,+4 x3`
	},
	{
		hand: 'table',
		text: 'Sizes S (M, L, XL). Cast on 42 (46, 50, 54) stitches. Knit 50 (54, 58, 62) rows. BO 4 sts beg next 2 rows: 34 (38, 42, 46) sts.',
		means: `co 42
rows 50
off 4 x2
count 34`
	},
	{
		hand: 'table',
		text: 'left shoulder: cast off 4 / 4 / 3 sts at armhole edge on alt rows',
		means: `off 4 armhole
off 4 armhole
off 3 armhole`
	},
	{
		hand: 'table',
		text: 'Neck: cast off centre 8 sts, then each side 2 sts once, 1 st twice on every 2nd row.',
		means: `centre 8
off 2 neck
dec 1 neck 2,+2 x2`
	},
	// Old-fashioned, in words.
	{
		hand: 'old-fashioned',
		text: 'Cast on forty-eight stitches. Knit plain for thirty rows. Cast off three stitches at the commencement of each of the next two rows.',
		means: `co 48
rows 30
off 3 x2`
	},
	{
		hand: 'old-fashioned',
		text: 'Decrease one stitch at both ends of the needle in the next and every following fourth row until thirty stitches remain.',
		gauge: [18, 26],
		means: `dec 1 both 1,+4 to 30`
	},
	{
		hand: 'old-fashioned',
		text: 'THE SLEEVES (both alike). Cast on twenty-four stitches. Work twelve rows, then increase once at each end of the next and every sixth row until there are thirty-six stitches on the needle.',
		means: `piece Sleeves
make 2
co 24
rows 12
inc 1 both 1,+6 x6`
	},
	{
		hand: 'old-fashioned',
		text: 'Work six rows without shaping. Cast off six stitches at the beginning of each of the following four rows. Cast off the remaining stitches.',
		means: `rows 6
off 6 x4
off all`
	},
	{
		hand: 'old-fashioned',
		text: 'Knit ten stitches, turn, and work on these stitches only. Decrease once at the neck end in every row until six stitches remain. Cast off. Slip the next sixteen stitches on to a spare needle, join the wool to the remaining stitches, and work to correspond with the first side.',
		means: `divide 10
dec 1 neck 1,+1 x4
off all
hold 16
rejoin
reverse`
	},
	{
		hand: 'old-fashioned',
		text: 'Continue in plain smooth fabric until the work measures nine inches from the cast-on edge, finishing after a purl row.',
		gauge: [20, 28],
		means: `to 9 in WS`
	},
	{
		hand: 'old-fashioned',
		text: 'Work two dozen rows. Take two together at each end of the needle in the following row and in every third row thereafter, five times altogether.',
		means: `rows 24
dec 1 both 1,+3 x5`
	},
	{
		hand: 'old-fashioned',
		text: 'The right front is worked in the same manner as the left, all shapings being reversed.',
		means: `same Left
reverse`
	},
	{
		hand: 'old-fashioned',
		text: 'Half an inch of ribbing, then plain for five and a half inches. Cast off loosely.',
		gauge: [20, 28],
		means: `to 0.5 in from here
to 5.5 in from here
off all`
	},
	{
		hand: 'old-fashioned',
		text: 'Gather up sixty stitches along the neck and work an inch and a half in ribbing. Cast off in rib.',
		gauge: [20, 28],
		means: `band 60
to 1.5 in from here
off all`
	},
	// Mixed hands.
	{
		hand: 'mixed',
		text: 'Tension 18 sts and 24 rows to 10 cm. Cast on 50 sts. Work 10 rows. Keeping continuity of stripes, dec 1 st at each end of next and foll 10th rows to 44 sts. 31 rows in total.',
		gauge: [18, 24],
		means: `co 50
rows 10
dec 1 both 1,+10 x3
total 31`
	},
	{
		hand: 'mixed',
		text: 'Cast on 38 sts, work 20 rows, dec 3 sts evenly across last row (35 sts). Cast off 5 at beg next 2 rows.',
		means: `co 38
rows 20
dec 3 evenly 0,+1 x1
count 35
off 5 x2`
	},
	{
		hand: 'mixed',
		text: 'Shape raglan: cast off 2 sts at beg of next 2 rows. Next row: k1, skpo, k to last 3 sts, k2tog, k1. Next row: p. Rep last 2 rows until 12 sts rem. Leave on a holder.',
		gauge: [18, 26],
		means: `off 2 x2
dec 1 both 1,+1 x1
rows 1
dec 1 both 1,+2 to 12
rows 1
hold all`
	},
	{
		hand: 'mixed',
		text: 'HOOD: cast on 56 sts; 44 rows straight; cast off.',
		means: `piece Hood
co 56
rows 44
off all`
	},
	{
		hand: 'mixed',
		text: 'Strap - cast on 8, knit until strap is 60 cm (24 in) long, cast off.',
		gauge: [18, 24],
		means: `piece Strap
co 8
to 60 cm
off all`
	},
	{
		hand: 'mixed',
		text: 'Materials: 3 balls of harbour yarn, one pair of 4 mm needles. Abbreviations: alt = alternate, beg = beginning. Back: cast on 44 sts. Making up: join side seams.',
		means: `piece Back
co 44`
	},
	{
		hand: 'mixed',
		text: 'Work 3 rows. Next row (RS): inc 1 st in first and last st. Work 5 rows. Rep the last 6 rows 4 times more. 40 sts.',
		gauge: [16, 22],
		means: `rows 3
inc 1 both 1,+1 x1
rows 5
inc 1 both 1,+6 x4
rows 5
count 40`
	},
	{
		hand: 'mixed',
		text: 'Cast off 3 sts at armhole edge on next row, 2 sts at same edge on foll alt row and 1 st on next 2 alt rows.',
		means: `off 3 armhole
off 2 armhole
dec 1 armhole 2,+2 x2`
	},
	{
		hand: 'mixed',
		text: 'cont in st st for a further 2 1/2 in. ending RS facing for next row. BO 7 sts at beg of foll 2 rows, 6 sts at beg of next 2 rows.',
		gauge: [20, 28],
		means: `to 2.5 in from here WS
off 7 x2
off 6 x2`
	},
	{
		hand: 'mixed',
		text: 'FRONT: as Back to armhole. Cast off 4 sts beg next 2 rows, dec 1 st each end next 4 rows: 30 sts. Work 8 rows more.',
		means: `piece Front
same Back to armhole
off 4 x2
dec 1 both 1,+1 x4
count 30
rows 8`
	},
	{
		hand: 'mixed',
		text: 'Gusset: Cast on 3 sts. Inc 1 st at each end of every row to 15 sts, then dec 1 st at each end of every row to 3 sts. Cast off.',
		means: `piece Gusset
co 3
inc 1 both 1,+1 x6
dec 1 both 1,+1 x6
off all`
	},
	{
		hand: 'mixed',
		text: 'Yoke: with RS facing work 6 rows in moss st, then 4 rows st st, dec 1 st at beg of every row.',
		means: `piece Yoke
rows 6
rows 4
& dec 1 start 1,+1 x4`
	}
];
