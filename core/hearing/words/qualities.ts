/** Words that tell a field of whatever they stand beside: field, value, and the words for it in lower case. */
export const qualityLines = `
drive torx: torx, torks, torques, torcs, torq, star, tx, star drive, star head, hexalobular
drive phillips: phillips, philips, philip, crosshead, cross head, cross-head, cross, phillip, cross recess
drive pozidriv: pozi, pozidriv, pozidrive, posi, pozi drive, posidrive
drive slotted: slotted, flat blade screw, slot head, minus
drive hex head: hex head, hex, hexagon, hex headed, hex-head, hexes, hexagonal, six sided
drive hex socket: allen, hex socket, allen key, hex key, socket head, inbus, allen head
drive square: square, square drive, robertson, square head
hand left: left hand, left-hand, left hand thread, left-hand thread, lh, l/h, lh thread, reverse thread, reversed thread, left handed, left-handed, left thread, left hander, backwards thread, backwards threads, backward thread, reverse threads, left threads, reverse threaded, left hand threads, left-hand threads, counter thread, ccw-tight, opposite thread
hand right: right hand thread, right-hand thread, rh thread, right-handed, normal thread, ordinary thread, right-hand, right hand threads
head pan: pan head, pan
head countersunk: countersunk, csk, flush head
head flange: flange, flanged, flange head
head cap: cap head
head flat: flat head, flathead
secured thread-lock: thread lock, threadlock, thread locker, thread locking compound, loctite, thrd lock, locking compound, blue paste, thread-lock, glue
secured grease: greased
washers 1: with washer, with a washer, with its washer, star washer, w/ washer, c/w washer, one washer, shakeproof washer
washers 0: no washer, without washer
into plastic: into plastic, in plastic
into metal: into metal, in metal, into steel
captive yes: captive
captive no: not captive
feel finger: finger tight, finger-tight
feel snug: snug
feel firm: firm
pattern circle: in a circle, circle, in a star, crosswise
pattern row: in a row, row, in line
pattern any: any order
fragile yes: fragile, brittle
direction clockwise: clockwise
direction anticlockwise: anticlockwise, counterclockwise, anti-clockwise, counter-clockwise, ccw
lock tab: tab lock, locking tab lock, press tab, with tab, with a tab
lock secondary slider: slider, slide lock, secondary slider, secondary lock, second lock, slider lock, slider-lock, lock slider, cpa, securing slide, locking slide, red slide, yellow slide, secondary latch
lock none: no lock, unlocked
sits upper: upper terminal, top terminal, on the upper terminal
sits middle: middle terminal
sits lower: lower terminal, bottom terminal, on the lower terminal
sits left: left terminal, on the left terminal
sits right: right terminal, on the right terminal
keyed yes: keyed
keyed no: unkeyed, not keyed
clamp none: no clamp, no clip, no clips, no clp, without clamp, without clip, clampless, just pushed on, no clamp on it, without a clamp, none
condition missing: missing, missin, gone, absent, not there, mist sing, lacks, lacking, bare, fails, lost
condition corroded: corroded, rusty, rusted, rusted in, seized, full of rust, rust
condition stripped: stripped, rounded, rounded off, chewed, chewed up, mush, cross threaded, cross-threaded, buggered, mangled, roundd, butchered, worn head
condition cracked: cracked, broken, snapped, split, busted, bust, broken off
condition not original: not original, non original, not the original, odd one, wrong one, bodged, not of factory, not factory, different one from before, aftermarket, of another type, not same like other, not the same as the others
joins screwed: screwed on, screw-on
seat click: clicks in
seat flush: flush
seat bottomed: bottomed, to the stop
fit spline: splined, on a spline, on spline
fit press: press fit, interference fit
people 2: heavy, needs two, two people, two men, two man
again yes: do it again
orientation arrow up: arrow up
orientation mark up: mark up
orientation label up: label up
orientation label out: label out, label outwards
orientation logo up: logo up
releases from the left: from the left, from left
releases from the right: from the right, from right
releases from below: from below
releases from behind: from behind
releases from inside: from inside
releases press inwards: press inwards, pressed inwards
releases press outwards: press outwards
releases push in: push in
oneWay yes: goes on once, once only, one way
`

/** What a fastener or a part looks like. */
export const looks =
  'long, longer, longest, short, shorter, stainless, brass, zinc, plain, coarse, fine, thin, thick, shiny, painted, blunt, pointed, shouldered, security, silver, gold, small, big, large, little, fat, stubby, dark, bright, plated, galvanised, galvanized, plastic, steel, self-tapping'

/** Colours by name, by what the bench shortens them to, and by the letter code of IEC 60757. */
export const colourLines = `
black: black, blk, bk, blck, blak
brown: brown, brn, bn, brwn
red: red, rd
orange: orange, org, og, ora
yellow: yellow, yel, ye, yllw, ylw
green: green, grn, gn
blue: blue, blu, bu, blew
violet: violet, purple, vt, vio
grey: grey, gray, gry, gy
white: white, wht, wh, wite, whte
pink: pink, pk, pnk
turquoise: turquoise, tq
natural: natural, clear, ivory
green-yellow: green-yellow, green/yellow, yellow/green, yellow-green, gnye, green and yellow
`

/** Where on a thing: a place without a name of its own. */
export const positions =
  'left, right, top, bottom, upper, lower, rear, back, front, middle, centre, center, mid, inside, outside, underneath, side, edge, corner, end, ends, rim, far, near, inner, outer, lh, rh, btm, above, below, behind, underside, bottom-left, bottom-right, ' +
  'top-left, top-right, lefthand, righthand, left-hand side, right-hand side, face, lip, opening, hole, bay, recess, position, superior, interior, square'

/** How the machine stands or is laid; only of the machine. */
export const postureLines = `
upright: upright, on its feet, back on its feet, on all fours, on all feet, back up on all fours, right side up, stand up, stood up, of foot, stand up straight, up again, back up, up she gets, on her feet
tipped back: tipped back, tip back, tilted back, tilt back, leaned back, leant back, tilted backwards, tipped backwards, backwards, rearward, tilted rearward, leaning back, back against the wall, back on the wall
on its back: on its back, on the back, on back, on her back, on his back, onto its back, onto the back, its back, on bak, on its bak, flat on its back, on it's back
on its front: on its front, on the front, on front, onto its front, on its face, face down, on her front
on its left side: on its side, on her side, on the side, onto its side, on one side, on its left side, on the left side, on left side, on its left, left side down, on its left hand side, on its left-hand side, on her left side, down left side, on to its left side, onto its left side, on her left-hand side, on left
on its right side: on its right side, on the right side, on right side, on its right, right side down, on its right hand side, on its right-hand side, on her right side, onto its right side, on her right-hand side, on right
`

/** How a line passes a point. */
export const passingLines = `
over: over, across, on top of, over the top of
under: under, beneath, underneath, below
behind: behind, round the back of, in back of, in behind, behind of, behined, behynd
through: through, thru, thro, threw, via, trough
`
