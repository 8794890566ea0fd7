const markVerbs = [
  'draw mark',
  'mark',
  'scribe',
  'draw',
  'scratch',
  'number',
  'label',
  'paint',
  'dot',
  'write',
  'pencil',
  'score',
  'tick',
  'punch',
  'chalk',
  'tag',
  'letter',
]
const attendVerbs = [
  'measure',
  'test',
  'inspect',
  'check',
  'clean',
  'photograph',
  'wipe',
  'grease',
  'lubricate',
  'meter',
  'brush',
  'rinse',
  'knock',
  'oil',
  'examine',
  'turn',
  'spin',
]

/** What is said in a stretch, for what it can be at all. */
export interface Evidence {
  nouns: readonly string[]
  lemmas: readonly string[]
  /** True when something of this name is said: a tag, or a feature of the stretch. */
  has: (name: string) => boolean
  /** Neither a verb nor a thing is said. */
  bare: boolean
  /** A point that a line passes is said. */
  passes: boolean
}

/** False where something is not said that a kind cannot be without. */
export function isPossible(reading: string, { nouns, lemmas, has, bare, passes }: Evidence): boolean {
  const some = (...of: string[]) => of.some(has)
  const verb = (...of: string[]) => of.some(l => lemmas.includes(l))
  switch (reading) {
    case 'isolate':
      return (
        nouns.some(n => ['power', 'water', 'pressure', 'standpipe', 'capacitor', 'plug'].includes(n)) ||
        some('wall', 'hot-cold') ||
        verb('discharge', 'bleed', 'unplug', 'depressurise', 'depressurize')
      )
    case 'drain':
      return (
        nouns.some(n => ['filter', 'drain'].includes(n)) ||
        has('litres') ||
        verb('drain', 'empty', 'bail', 'siphon', 'syphon', 'suck')
      )
    case 'draw-mark':
      return nouns.includes('mark') || verb(...markVerbs)
    case 'slip-belt':
      return nouns.includes('belt')
    case 'turn-machine':
      return (
        has('posture') ||
        (nouns.includes('machine') && lemmas.length > 0) ||
        verb('tip', 'tilt', 'stand', 'lay', 'lie', 'roll', 'lean', 'turn', 'flip', 'right', 'upend')
      )
    case 'pull-out':
      return nouns.includes('machine') || some('wall')
    case 'cut':
      return (
        nouns.some(n => ['tie', 'tape', 'seal', 'clamp'].includes(n)) ||
        verb('cut', 'snip', 'chop', 'nip', 'slit', 'sever')
      )
    case 'unroute':
      return passes || nouns.some(n => ['line', 'retainer', 'groove', 'grommet', 'hose', 'tube'].includes(n))
    case 'place-temporary':
      return (
        nouns.some(n => ['temporary', 'tape', 'clamp'].includes(n)) ||
        verb('prop', 'chock', 'tape', 'strap', 'wedge', 'lash', 'bungee', 'support', 'block', 'tie')
      )
    case 'open-joint':
      return nouns.some(n => ['hose', 'tube', 'clamp'].includes(n)) || has('Q:clamp')
    case 'unplug':
      return (
        nouns.some(n => ['plug', 'spade', 'line'].includes(n)) ||
        some('colour', 'ways', 'label', 'Q:lock') ||
        verb('unplug', 'disconnect', 'plug') ||
        (bare && has('figure'))
      )
    case 'release-clips':
      return (
        nouns.some(n => ['clip', 'spring', 'ring', 'pin', 'retainer'].includes(n)) ||
        verb('unclip', 'unhook', 'unlatch', 'release', 'clip', 'hook', 'unsnap') ||
        (bare && has('figure'))
      )
    case 'remove-fasteners':
    case 'slacken':
      return (
        nouns.includes('fastener') ||
        some('sized', 'Q:drive', 'Q:hand') ||
        has('figure') ||
        (has('Q:condition') && !nouns.length) ||
        verb('unscrew', 'unbolt', 'slacken', 'loosen', 'undo', 'slack', 'ease')
      )
    case 'replace-part':
      return some('old', 'new') || verb('replace', 'renew', 'change', 'swap', 'exchange', 'substitute')
    case 'exchange':
      return verb('swap', 'exchange', 'change') || some('new')
    case 'fit-new':
      return has('new') || verb('fit', 'install')
    case 'attend':
      return verb(...attendVerbs)
    case 'fold-back':
      return verb('fold', 'peel', 'roll', 'turn', 'tuck', 'bend', 'flap', 'flip')
    default:
      return true
  }
}
