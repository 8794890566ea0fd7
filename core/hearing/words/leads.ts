/** Words that lead a field: what follows, up to the next sign, tells it as it is written. */
export const leadLines = `
note: note, nb, remark
label: label, labelled, named
orientation: faces, facing
notch: notch to, notch at, notch
opens: opens, opens up
carryOver: carry over, carries over, carried over
keepClear: clear of, keep clear of, keep away from, not near
slack: slack of
shares: shares, sharing, under them, under its head, under the heads, with eyelet
terminal: on terminal, terminal marked
releases: releases, release from
why: to catch, to hold
`
