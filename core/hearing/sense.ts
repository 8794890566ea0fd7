import type { Tag } from './atom.ts'
import type { Entry } from './lexicon.ts'
import type { Raw } from './scan.ts'

/** Verbs that are commands at the start of a clause although they name parts too. */
const commanding = new Set(['discharge', 'press', 'drain', 'mark', 'measure', 'release', 'twist', 'turn'])

type Is = (a: Raw | undefined) => boolean
const tagged =
  (...tags: Tag[]): Is =>
  a =>
    a !== undefined && tags.includes(a.tag)
const isSep: Is = a => a === undefined || a.tag === 'sep'
const nouny: Is = tagged(
  'thing',
  'part',
  'pos',
  'look',
  'colour',
  'quality',
  'size',
  'old',
  'new',
  'word',
  'num',
  'count',
  'mm',
  'inch',
  'label',
)
const startsObject: Is = a => nouny(a) || tagged('det', 'posture')(a)

const asEntry = (a: Raw, e: Entry): Raw => {
  const { start, end, words, off, can } = a
  return { start, end, words, can, ...(off !== undefined && { off }), ...e }
}
const candidate = (a: Raw, is: (e: Entry) => boolean): Entry | undefined => a.can.find(is)

/** What each atom means where it stands, by its neighbours. */
export function withSense(atoms: readonly Raw[]): Raw[] {
  const out: Raw[] = [...atoms]
  const line = new Set(atoms.map(a => a.words))
  const lemmas = new Set(atoms.flatMap(a => a.can.flatMap(e => (e.verb ? [e.verb.lemma] : []))))
  for (let i = 0; i < out.length; i++) {
    const a = out[i]!
    const before = out[i - 1]
    const after = out[i + 1]
    const set = (e: Entry | undefined) => {
      if (e) out[i] = asEntry(a, e)
    }
    const asVerb = candidate(a, e => e.tag === 'verb')
    const w = a.words
    if (w === 'of' || w === 'offf') {
      if (/^(clear|out|free|because|instead|one|all|both|part|half|rest|kind|sort)$/.test(before?.words ?? '')) continue
      const verbBefore =
        before &&
        (before.tag === 'verb' ||
          before.tag === 'aux' ||
          candidate(before, e => e.tag === 'verb' && e.verb!.form !== 'base') !== undefined)
      const ends =
        isSep(after) ||
        after!.words === 'with' ||
        (after!.tag === 'prep' && after!.words !== 'of') ||
        after!.tag === 'conj' ||
        (after?.n !== undefined && before?.tag === 'verb')
      if (
        (verbBefore && before!.n === undefined && before!.tag !== 'aux') ||
        (ends && !isSep(before)) ||
        (before?.tag === 'thing' && ['hose', 'belt', 'tube'].includes(before.noun ?? '') && after?.tag === 'det')
      )
        out[i] = { ...a, tag: 'away', words: 'off' }
      continue
    }
    if (/^(to|too|for|two)$/.test(w) && a.n === undefined) {
      // Dictation hears a number as a little word: only before what is counted, where nothing else wants the word.
      const counts = (x: Raw | undefined) =>
        x !== undefined &&
        (x.tag === 'size' ||
          x.tag === 'mm' ||
          (x.tag === 'thing' && x.plural === true) ||
          (x.tag === 'num' && (x.n ?? 0) > 5 && w !== 'to'))
      const second = tagged('quality', 'look', 'size', 'mm', 'num')(after) ? out[i + 2] : undefined
      const free =
        isSep(before) ||
        tagged('conj', 'verb', 'aux')(before) ||
        (tagged('part', 'thing', 'pos', 'prep')(before) && w !== 'for')
      const objectless = !(
        before?.tag === 'verb' && ['screw', 'go', 'come', 'run', 'pull', 'get'].includes(before.verb!.lemma)
      )
      if (
        free &&
        objectless &&
        (counts(after) || (second && counts(second)) || (w !== 'for' && after?.tag === 'quality' && after.sets?.drive))
      )
        out[i] = { ...a, tag: 'num', n: w === 'for' ? 4 : 2, off: 1 }
      else if (w === 'for' && isSep(after) && line.has('all')) out[i] = { ...a, tag: 'num', n: 4, off: 1 }
      continue
    }
    if (w === 'left' && asVerb) {
      const place =
        before !== undefined &&
        /^(the|on|bottom|top|rear|upper|lower|front|far|to|at|and|back|in|right)$/.test(before.words)
      const goes =
        after !== undefined &&
        (/^(in|on|it|them|there|alone|attached|hanging|dangling|sitting|standing|lying|resting|still|as|where|plugged|leaning|leaned|just|for|with)$/.test(
          after.words,
        ) ||
          after.tag === 'det' ||
          (after.tag === 'verb' && after.verb!.form === 'ing') ||
          after.words === 'loose')
      if (goes && (!place || isSep(before) || (before!.words === 'and' && after!.verb?.form === 'ing'))) set(asVerb)
      continue
    }
    if (w === 'tape' || w === 'strap' || w === 'prop' || w === 'mark') {
      const verbal =
        (isSep(before) || tagged('pron', 'modal', 'conj')(before)) &&
        (tagged('det', 'part')(after) || (after?.tag === 'thing' && w !== 'mark') || (w === 'mark' && nouny(after)))
      if (asVerb && verbal) set(asVerb)
      continue
    }
    if (
      w === 'pan' &&
      !out.some(x => x.tag === 'size' || x.tag === 'thread' || (x.tag === 'thing' && x.noun === 'fastener'))
    ) {
      set(candidate(a, e => e.tag === 'thing'))
    }
    if (w === 'slack' && after?.tag === 'num' && /^(fingers?|hands?|loops?|cm)$/.test(out[i + 2]?.words ?? '')) {
      out[i] = { ...a, tag: 'lead', field: 'slack' }
      continue
    }
    if (w === 'tap' && before?.words === 'a' && out[i - 2]?.words === 'with') {
      out[i] = { ...a, tag: 'word' }
      continue
    }
    if (a.tag === 'state' && before?.tag === 'det' && (isSep(after) || tagged('prep', 'conj', 'pass')(after))) {
      out[i] = { ...a, tag: 'word' }
      continue
    }
    if (a.tag === 'quality' && a.sets?.condition !== undefined && !tagged('det', 'pron', 'num', 'count')(after))
      continue
    if (w === 'second' || w === 'over' || w === 'under') continue
    if (
      a.tag === 'thing' ||
      a.tag === 'part' ||
      a.tag === 'pos' ||
      a.tag === 'filler' ||
      a.tag === 'look' ||
      a.tag === 'state' ||
      a.tag === 'away' ||
      a.tag === 'quality'
    ) {
      if (asVerb) {
        const form = asVerb.verb!.form
        const subject =
          isSep(before) ||
          tagged('pron', 'modal', 'conj', 'aux', 'filler')(before) ||
          before?.words === 'to' ||
          before?.tag === 'neg'
        const object = startsObject(after) || tagged('pron', 'count')(after)
        if (form === 'ing' || (form === 'ed' && a.tag !== 'pos' && w !== 'cut')) set(asVerb)
        else if (
          form === 'base' &&
          subject &&
          object &&
          w !== 'right' &&
          !(
            isSep(before) &&
            (a.tag === 'pos' || (a.tag === 'thing' && !tagged('det', 'pron', 'num', 'count')(after)))
          ) &&
          !(a.tag === 'part' && !tagged('det', 'pron')(after))
        )
          set(asVerb)
      }
    } else if (a.tag === 'verb') {
      const noun = candidate(a, e => e.tag === 'thing' || e.tag === 'part')
      const form = a.verb!.form
      if (
        form === 'base' &&
        isSep(before) &&
        commanding.has(a.verb!.lemma) &&
        tagged('thing', 'part', 'det', 'pos')(after)
      )
        continue
      const isName =
        tagged('det', 'prep', 'pass', 'pos', 'old', 'new')(before) && before!.words !== 'to' && before!.tag !== 'pron'
      if (noun && (form === 's' || form === 'base')) {
        // What can be a thing is one, unless it stands where only a verb can and something follows that it is done to.
        const commands =
          isSep(before) || tagged('pron', 'modal', 'conj', 'neg', 'filler')(before) || before?.words === 'to'
        const objectAfter =
          tagged('det', 'pron')(after) ||
          (commands && !isSep(before) && tagged('part', 'thing', 'num', 'count', 'pos')(after)) ||
          (isSep(before) &&
            tagged('num', 'count')(after) &&
            form === 'base' &&
            a.can.some(
              e =>
                e.verb &&
                ![
                  'clip',
                  'tie',
                  'screw',
                  'bolt',
                  'tape',
                  'plug',
                  'switch',
                  'lock',
                  'spring',
                  'hook',
                  'clamp',
                  'block',
                ].includes(e.verb.lemma),
            ))
        const asVerbHere = form === 's' ? tagged('pron')(before) : commands && objectAfter
        if (!asVerbHere) set(noun)
      } else if (!noun && form === 'base' && isName && before!.words !== 'inside') out[i] = { ...a, tag: 'word' }
    }
    if (out[i]!.tag === 'thing') {
      const noun = out[i]!.noun
      const toPart = () => (out[i] = { ...out[i]!, tag: 'part', noun: undefined } as Raw)
      const putting =
        [
          'put',
          'place',
          'set',
          'stick',
          'stuff',
          'slip',
          'lay',
          'wedge',
          'prop',
          'chock',
          'shove',
          'support',
          'chuck',
          'stand',
          'catch',
          'spread',
          'bung',
          'ram',
        ].some(l => lemmas.has(l)) ||
        line.has('under') ||
        line.has('underneath') ||
        line.has('into') ||
        line.has('over') ||
        line.has('down')
      if (noun === 'capacitor' && w === 'cap') {
        const electric =
          lemmas.has('discharge') ||
          lemmas.has('short') ||
          lemmas.has('bleed') ||
          /\b(spades?|uf|wires?|run|start)\b/.test([...line].join(' '))
        const otherCap =
          before?.tag === 'part' ||
          before?.tag === 'pos' ||
          ['end', 'screw', 'knob', 'filter'].includes(before?.words ?? '')
        if (otherCap || !electric) toPart()
      }
      if (
        noun === 'temporary' &&
        [
          'board',
          'stand',
          'support',
          'tray',
          'pan',
          'bowl',
          'tin',
          'dish',
          'stick',
          'cord',
          'foam',
          'basin',
          'boards',
          'trays',
          'wood',
        ].includes(w)
      ) {
        const part = before?.tag === 'part' || before?.tag === 'thing' || (before?.tag === 'pos' && w !== 'wood')
        if ((part && w !== 'wood') || (!putting && !['wood', 'stick'].includes(w))) toPart()
        else if (
          ['board', 'boards'].includes(w) &&
          !(before && (before.n !== undefined || before.tag === 'det') && putting)
        )
          toPart()
        else if (w === 'bowl' && !line.has('over') && !line.has('into')) toPart()
        else if (w === 'tray' && before?.words === 'the' && !line.has('under') && !lemmas.has('put')) toPart()
      }
      if (
        noun === 'line' &&
        out[i]!.sets === undefined &&
        (lemmas.has('draw') ||
          lemmas.has('mark') ||
          lemmas.has('scribe') ||
          lemmas.has('scratch') ||
          lemmas.has('make') ||
          !lemmas.size)
      )
        out[i] = { ...out[i]!, noun: 'mark' }
      if (
        noun === 'machine' &&
        ['washer', 'washers'].includes(w) &&
        (before?.n !== undefined || w === 'washers' || before?.tag === 'quality')
      )
        toPart()
      if (noun === 'grommet' && w === 'bush') toPart()
      if (noun === 'water' && (w === 'feed' || w === 'supply') && before?.tag !== 'thing') toPart()
    }
  }
  return out
}
