/** The little words that a clause is built with, by what they do. */
export const littleLines: Readonly<Record<string, string>> = {
  away: 'off, out, away, loose, free, clear, outside, apart, down, up, forward, forwards, fwd, oot, offf, undone, frontways, aside, sideways, backward, backwards, in my hand, in my hands, in hand, in my lap',
  prep: 'in, above, at, on, from, by, to, with, w/, into, onto, near, of, against, between, beside, inside, around, round, along, per, for, toward, towards, next to, wi, as, within, @, until, till, without, than, about, against',
  det: 'a, an, the, this, that, these, those, its, his, her, their, my, one of the, some, any, them, each, every, all, all of the, both of the, yon, yer, your, our, other, another, own, tha, teh, such',
  pron: 'i, we, you, he, she, it, they, em, me, us, him, ive, id, im, weve, theyre, hes, shes, youve, ye, one of em, who, which, itself, myself, there, here, mine, what',
  aux: 'is, are, was, were, be, been, being, am, has, have, had, got, get, gets, s, re, ve, do, does, did, having, thats, its, theres, heres, hed, been',
  neg: 'not, no, dont, doesnt, didnt, isnt, wasnt, arent, wont, cant, cannot, couldnt, never, without, nothing, nope, dint, didn, nor, none, wouldnt, werent, havent, hasnt, neither, cudnt, shouldnt, knot, nowt',
  modal:
    'will, would, should, could, can, may, might, must, shall, need to, needs to, have to, has to, had to, going to, gonna, fixing to, want to, ought, got to, gotta, will need, wants, ll, must be, is to, to be, supposed to, id, might need',
  later:
    'later, tomorrow, next time, next job, today, this week, yet, not yet, for now, still, already, always, again, last time, on friday, soon',
  done: 'done, finished, now, all done, finally, ok, okay, finish',
  reason:
    'because, after, once, before, cos, since, so that, as, otherwise, or, in case, just in case, that is why, thats why, which is why, so, so it, so i, so nobody, so nothing, why, if, though, although, when, while, until, due to, to catch, to hold, to keep, for hold',
  conj: 'and, then, also, plus, and then, but, n, after that, once more, afterwards, next, now, &, followed by, an, and also, too, as well, with',
  warn: 'watch, careful, mind, caution, warning, danger, attention, beware, take care, dont lose, never, always, be careful, mind your, mind yer, watch out, note',
  filler:
    'um, uh, er, erm, hmm, ok, okay, alright, well, so, just, really, very, pretty, quite, please, basically, like, you know, i think, i guess, i suppose, i reckon, honey, mate, lovely, there we go, lets see, let me see, yeah, yep, yes, aye, ' +
    'carefully, gently, slowly, first, first of all, firstly, finally, about, approx, approximately, roughly, around, near, maybe, perhaps, possibly, again, of course, actually, went ahead and, all the way, straight, together, only, simply, eventually, hello, ' +
    'right then, well first off, um okay, okay so, so then, now then, there it goes, fully, altogether, completely, easily, with care, nicely, properly, also, even, too, much, grand, by hand, hard, very strong, strong, thank you, bless them, each, ea, pcs, pc, pieces, piece, qty, off of, number of, in all, in total, total, altogether, one by one, one each, a bit, some, nice, thus',
  state:
    'worn, noisy, rough, wet, dry, dirty, filthy, hot, cold to touch, dead, shot, fine, good, bad, fried, stuck, tight, stiff, perished, burnt, burned, glazed, melted, torn, bent, blocked, full, empty, different, same, similar, original, damaged, weak, scored, pitted, ' +
    'scaled, caked, leaking, dripping, knackered, goosed, stuffed, toast, ded, greasy, oily, sticky, sharp, difficult, awkward, easy, impossible, necessary, ready, strange, odd, wrong, correct, ugly, gunked, seeping, weeping, warped, smelly, foul, short of, normal, common, unloaded, ' +
    'handed, terrible, hell, swine, git, big unit, lump, loud, quiet, smooth, free to turn, reused, overtight, siliconed, bodge, excellent, perfect, useless, missing its',
  old: 'old, original part, existing',
  new: 'new, replacement, fresh, spare, brand new, knew',
  still:
    'still, remains, stays, staying, stay, leave in, left in, kept, keep, leave, left on, stays on, stays put, remain, leave on, alone, still attached, attached, in place',
  both: 'both, pair, pair of, a pair of, couple, couple of, a couple of, a couple, pair o, two of, bot, both of',
  question: 'which, why, what, how, where, who, maybe, should i, is it, can i, does, shall i',
}
