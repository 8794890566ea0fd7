/** What a stretch of speech is about: what is done now; what belongs to the way back; or neither. */
export type Stance = 'now' | 'back' | 'aside' | 'kept'
/** A stretch of an utterance, characters `from` to `to`, and what it is about. `turns` begins the way back for good. */
export interface Piece {
  from: number
  to: number
  stance: Stance
  turns?: true
}

const any = (...phrases: string[]) => new RegExp(`\\b(?:${phrases.join('|')})\\b`, 'i')

/** Who talks to those who watch, and of other things. */
const audience = any(
  '(?:hey|hi|hello) (?:folks|guys|everyone|everybody|there|all)',
  'welcome(?: back)?',
  'thanks? (?:you )?(?:for watching|everyone)',
  'subscribe',
  'hit (?:that|the) (?:like |subscribe )?(?:button|bell)',
  'in the next (?:one|video|part)',
  '(?:in|on) (?:the|my) (?:last|other) video',
  'see you (?:next|later|soon)',
  'come on',
  'in this video',
  'going to be a long one',
)
/** Who tells of others: where nothing says how far that goes, only in what is short. */
const hearsay = any(
  'my (?:wife|husband|kids?|mother|mom|mum|dad|father)',
  'a (?:chap|guy|fella|bloke|lady|friend) (?:last|who)',
  '(?:lady|customer|owner|he|she|they) (?:says?|said|tells?|told|reckons?)',
)
const short = 12
/** What is asked, said before it is done for good, or only imagined. */
const imagined = any(
  'later',
  'not now',
  'not yet',
  'next time',
  "i'?d (?:put|use|do|get|rather)",
  'i would(?! (?:say|guess|think))',
  'if (?:i|you|we) (?:have|need|want|had|like|liked|were)',
  '(?:you|they|it) (?:should|might|may|could)',
  '(?:need|needs|want|wants) (?:to be )?(?:replac|renew|chang)\\w+',
  'going to be (?:all|it) for',
  "(?:we'?re|we are|i'?m|i am) going to (?:tear|strip|go all|see|find|have a look|look at|be)",
  'to see (?:what|if|whether)',
  "(?:want|wanted|going|like|hope) to (?:[\\w']+ ){1,8}?(?:and|to) (?:see|find out|check)",
)
const asked =
  /^(?:(?:and|so|but|okay|now) )?(?:did|do|does|should|shall|can (?:i|you|we)|could|would|where|what|why|how|who|are you|have you|is it|is that)\b/i
/** Who counts along: `that is one`, `and that's the other one`, `one, two, three`. */
const tally = new RegExp(
  [
    "^(?:(?:and|so|okay|there|oh)\\W+)*(?:that(?:'s| is| was)|this(?: is)?|there(?:'s| is)|here(?:'s| is)) (?:the )?(?:(?:other|last|first|second|third|fourth|left|right|top|bottom) )?(?:one|two|three|four|it|them|that)\\W*$",
    "^(?:(?:and|so)\\W+)*(?:that(?:'s| is| makes| was)) (?:[\\w-]+ ){1,3}(?:in (?:all|total)|all told|altogether)\\b",
    '^(?:(?:one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|and|uh|um)\\W*)+$',
  ].join('|'),
  'i',
)
/** What is not touched: it cancels what was only described before. */
const leaves = any(
  'leave (?:it|that|those|them|this)(?: alone| be| where)?',
  "(?:do not|don'?t|won'?t|not going to|no need to) (?:\\w+ )?(?:touch|need|remove|take|undo|bother)",
)

const intoPlace = '(?:on|in|together|up|home|over|down)'
/** What is said of the way back. */
const back = any(
  `(?:go|goes|going|went|put|puts|putting|slide|slides|slid|get|gets|clip|clips|plug|plugs|screw|bolt|push|drop|stand|build|come|comes) (?:\\w+ ){0,3}?back ${intoPlace}`,
  '(?:panel|front|cover|lid|top|fascia|hose|belt|seal|drum|basket|tub|motor|pump|stator|rotor|door|drawer|console|cabinet)s? back (?:on|in)',
  're-?(?:fit|install|assembl|connect|attach|mount|place it)\\w*',
  '(?:re)?tighten\\w*(?! nut)',
  'torque (?:it|that|this|them|those|to|down)',
  'button (?:it|this|that|her|everything) (?:all )?(?:back )?up',
  'together again',
  'back together',
  'new (?:one|ones) (?:go|goes|in|on)',
  'in reverse',
  'reverse of that',
  'start(?:ed)? (?:it|them|all) by hand',
  'stand (?:it|her|him|this) (?:back )?up(?: again)?',
  '(?:on|in|up|together|back) again',
  'click(?:s|ed)? (?:in|home)',
  'do up the',
)
/** From here on it is the way back. */
const turns = any(
  '(?:now )?(?:we|i|it) (?:go|goes|work|come) (?:back )?the other way',
  '(?:put|putting|get|getting|build|building) (?:it|this|that|her|him|everything|the (?:machine|whole thing|thing)) (?:all )?back together',
  'reassembl\\w+',
  "(?:that'?s|that is) everything (?:down|off|out|apart)",
  'now (?:for )?the way back',
  'just the reverse',
  'in reverse order',
)

const ends = /[.?!;]+(?=\s|$)/g
const markers =
  /\s(?=(?:okay|ok|alright|all right|anyway|now|next|so|but|because|first (?:thing|off|of all|up)|(?<!\b(?:and|so|if|because|that|what|when|as|before|where|which|while|until|now|then) )(?:i|we) (?:have|will|am|are|had|got|did|just|can))\s)/gi

/** Where an utterance is parted to see what each part is about: at its stops, and where it has hardly any, at the words with which people begin anew. */
function partsOf(text: string): { from: number; to: number }[] {
  const words = text.split(/\s+/).length
  const stops = [...text.matchAll(ends)].map(m => m.index + m[0].length)
  const at =
    stops.length * 25 >= words
      ? stops
      : [...stops, ...[...text.matchAll(markers)].map(m => m.index)].sort((a, b) => a - b)
  const bounds = [0, ...at.filter(i => i > 0 && i < text.length), text.length]
  return bounds.slice(1).map((to, i) => ({ from: bounds[i]!, to }))
}

/** What each part of an utterance is about. */
export function piecesOf(text: string): Piece[] {
  return partsOf(text).map(({ from, to }): Piece => {
    const said = text.slice(from, to).trim()
    const turning = turns.test(said)
    const isShort = /[.?!]$/.test(said) || said.split(/\s+/).length <= short
    if (
      /\?$/.test(said) ||
      asked.test(said) ||
      tally.test(said) ||
      audience.test(said) ||
      (isShort && hearsay.test(said))
    )
      return { from, to, stance: 'aside' }
    if (turning || back.test(said)) return { from, to, stance: 'back', ...(turning && { turns: true }) }
    if (leaves.test(said)) return { from, to, stance: 'kept' }
    return { from, to, stance: imagined.test(said) ? 'aside' : 'now' }
  })
}

const intent = new RegExp(
  [
    String.raw`(?:\b(?:so|and|then)\s+)?\b(?:i|we)(?:'m|'re|'ll|'ve|\s+am|\s+are|\s+will)?\s+(?:just\s+)?(?:going\s+to|gonna|need\s+to|have\s+to|had\s+to|want\s+to|got\s+to|gotta|will|like\s+to)\s+(?:just\s+)?`,
    String.raw`\b(?:i|we)'ll\s+(?:just\s+)?`,
    String.raw`\blet(?:'s|\s+us|\s+me)\s+(?:just\s+)?`,
    String.raw`\byou(?:'re|'ll)?\s+(?:just\s+|then\s+)?(?:want\s+to|need\s+to|have\s+to|can|will|just)\s+`,
    String.raw`\b(?:go ahead and|as you can see|you can see|you(?:'ll)? see here|you know|here we go|there (?:we|you) (?:go|are))\b`,
    // What only begins what is said, and who counts along.
    String.raw`^\s*(?:(?:right|alright|all right|okay|ok|now then|now|well|yeah|yep)\b(?![ -](?:hand|side|rear|front|one|at the))[,.]?\s*)+`,
    String.raw`\bone,? two(?:,? (?:and )?(?:three|four|five|six|seven|eight|nine|ten|eleven|twelve))+\b`,
    String.raw`\bstart(?:ing|ed)? (?:with|at one end|from one end)\s`,
    // What stays as it is.
    String.raw`\b(?:and |but )?(?:(?:i|we|you)(?:'ll|'ve| will| can)? )?(?:leave|leaving|left) (?:the|that|its|his|this) \w+ (?:\w+ )?(?:on|in|alone|there|where it is|connected|attached)(?: for \w+ \w+)?\b`,
    String.raw`\b(?:before|while) (?:i|we|you) (?:do|start|touch) (?:anything|any of that)(?: else)?(?: with (?:it|that|those|them|this))?\b`,
  ].join('|'),
  'gi',
)
/** Words of intent are blanked: `I'm going to take those two out` is what is done then, at the same places of the text. */
export const withoutIntent = (text: string): string => text.replace(intent, m => ' '.repeat(m.length))
