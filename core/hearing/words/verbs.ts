/**
 * Verbs that fit everything that comes off. The verbs of each kind of move stand in its own file; which kind is meant by one that several
 * have is decided by what else is said. Irregular forms follow with `/`; the regular ones are made.
 */
export const awayVerbs =
  'take/took/taken, remove, get/got/gotten, come/came, go/goes/went/gone, lift, pull, bring/brought, shift, whip, have, clear, withdraw/withdrew/withdrawn, extract, detach, drop, ditch, strip, nab, grab, fetch, yank, outpull, open, do/did/done, finish, separate, dismount, demount, pop, move, fall/fell/fallen, haul, drag, fish, slip, work'

/** Verbs that tell what is seen, thought, wanted or left to do: what they say is a remark. */
export const remarkVerbs =
  'look, smell/smelt, sound, leak, need, think/thought, wonder, know/knew/known, suspect, guess, reckon, say/said, tell/told, ask, see/saw/seen, find/found, hear/heard, feel/felt, want, hope, order, buy/bought, expect, seem, notice, believe, ' +
  'watch, mind, remember, forget/forgot/forgotten, lose/lost, rattle, squeak, burn/burnt, wear/wore/worn, weigh, trust, show, advise, recommend, quote, read, belong, drip, rub, bite/bit, fly/flew, reach, avoid, lack, miss, learn, try, ' +
  'wobble, squeal, hum, trip, fail, rust, perish, melt, jam, stick/stuck, fix, finish, charge, earn, call, ring/rang, wait, start, stop, tighten, fill, count, record, photograph, match, cost, mean/meant, agree, doubt, dunno, replaced'
