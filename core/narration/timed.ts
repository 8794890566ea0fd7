/** What was said from one second to another, of a recording; `who` where more than one person speaks. */
export interface Cue {
  from: number
  to: number
  text: string
  who?: string
}
/** A text with times as it was read, or what is wrong with it and what to do. */
export type Timed = { ok: true; cues: Cue[] } | { ok: false; problem: string }

/** A narration is two hours long at most, and as a text a million characters. */
const longest = 2 * 3600
const largest = 1_000_000
/** A run of text in the quick line has so many characters at most: about eight minutes of speech. */
export const longestRun = 8000
/** So many seconds a word takes to be said, where nothing says when its cue ends. */
const perWord = 0.4

const clock = String.raw`(?:(\d{1,2}):)?(\d{1,3}):(\d{2})(?:[.,](\d{1,3}))?`
const arrow = new RegExp(`^\\s*${clock}\\s*-->\\s*${clock}`)
const lead = new RegExp(
  `^\\s*[[(]?${clock}[\\])]?(?:\\s*(?:-|–|—|to)\\s*[[(]?${clock}[\\])]?)?(?:\\s*[-–—:|]\\s*|\\s+|$)`,
)

/** Seconds of `hours:minutes:seconds.thousandths`; null where minutes or seconds are none. */
function seconds([h, m, s, ms]: readonly (string | undefined)[]): number | null {
  const [hours, minutes, whole] = [Number(h ?? 0), Number(m), Number(s)]
  if (whole > 59 || (h !== undefined && minutes > 59)) return null
  return hours * 3600 + minutes * 60 + whole + Number((ms ?? '0').padEnd(3, '0')) / 1000
}

const entities: Record<string, string> = { amp: '&', lt: '<', gt: '>', nbsp: ' ', quot: '"', lrm: '', rlm: '' }
/** The words of a cue without its markup, and who speaks where the cue says so. */
function plain(text: string): { text: string; who?: string } {
  const voice = /<v(?:\.[^\s>]*)?\s+([^>]+)>/.exec(text)
  const words = text
    .replace(/<[^>]*>/g, '')
    .replace(/\{\\[^}]*\}/g, '')
    .replace(/&(amp|lt|gt|nbsp|quot|lrm|rlm);/g, (_, name: string) => entities[name]!)
    .replace(/^\s*(?:>>+|[-–—])\s*/, '')
  const who = voice?.[1]?.trim()
  return { text: words.replace(/\s+/g, ' ').trim(), ...(who && { who }) }
}

const named = /^([A-Z][\p{L}'-]{1,20}):\s+(?=\S)/u
/** `Ines: lid off`: names before a colon are who speaks where most of what is said begins with one; else they are headings. */
function withSpeakers(cues: readonly Cue[]): Cue[] {
  const spoken = cues.filter(c => named.test(c.text)).length
  if (spoken * 2 < cues.length) return [...cues]
  return cues.map(cue => {
    const name = named.exec(cue.text)
    return name ? { ...cue, text: cue.text.slice(name[0].length), who: name[1]! } : cue
  })
}

interface Raw {
  from: number
  to: number | null
  lines: string[]
}
const wrongTime = (row: number, text: string): Timed => ({
  ok: false,
  problem: `Line ${row}: the time "${text.trim().slice(0, 40)}" is none. Minutes and seconds are under 60: write 1:05 or 0:01:05.`,
})

/** WebVTT and SubRip: blocks of a line with two times and the words under it. */
function readBlocks(rows: readonly string[]): Raw[] | Timed {
  const found: Raw[] = []
  let open: Raw | null = null
  for (const [i, row] of rows.entries()) {
    const times = arrow.exec(row)
    if (times) {
      const [from, to] = [seconds(times.slice(1, 5)), seconds(times.slice(5, 9))]
      if (from === null || to === null) return wrongTime(i + 1, row)
      // The number of a SubRip block stands over its times, where no empty line parts it from the block before.
      if (open && /^\d+$/.test(open.lines.at(-1) ?? '')) open.lines.pop()
      open = { from, to, lines: [] }
      found.push(open)
    } else if (!row.trim()) open = null
    else open?.lines.push(row)
  }
  return found
}
/** Lines that begin with their time; what begins with none goes on with the line before. */
function readLines(rows: readonly string[]): Raw[] | Timed {
  const found: Raw[] = []
  for (const [i, row] of rows.entries()) {
    const time = lead.exec(row)
    if (time) {
      const from = seconds(time.slice(1, 5))
      const to = time[6] === undefined ? null : seconds(time.slice(5, 9))
      if (from === null || (time[6] !== undefined && to === null)) return wrongTime(i + 1, time[0])
      found.push({ from, to, lines: [row.slice(time[0].length)] })
    } else if (row.trim() && found.length) found.at(-1)!.lines.push(row)
  }
  return found
}

const wordsOf = (text: string) => text.split(' ').filter(Boolean).length

/** Captions that roll repeat the line before over the new one: each line is said once. */
function unrolled(cues: readonly Raw[]): Raw[] {
  let shown: string[] = []
  return cues.flatMap(cue => {
    const lines = cue.lines.map(l => l.trim()).filter(Boolean)
    const bare = lines.map(l => plain(l).text)
    const fresh = lines.filter((_, i) => !(shown.includes(bare[i]!) && wordsOf(bare[i]!) > 1))
    shown = bare
    return fresh.length ? [{ ...cue, lines: fresh }] : []
  })
}

/**
 * Reads a narration: WebVTT, SubRip, or lines that begin with their time (`1:05 lid off`, `[0:01:05] …`). Times are in seconds from the start of
 * the recording, in ascending order. A text without any time is one cue from 0.
 */
export function readTimed(source: string): Timed {
  if (source.length > largest)
    return {
      ok: false,
      problem: 'That is more than a million characters. Cut it in parts and take in one after the other.',
    }
  const rows = source.replace(/^\uFEFF/, '').split(/\r\n|\r|\n/)
  const isBlocks = rows.some(row => arrow.test(row))
  if (!isBlocks && /^WEBVTT/.test(rows[0] ?? ''))
    return { ok: false, problem: 'This WebVTT file has no cue in it: nothing is said.' }
  const isTimed = isBlocks || rows.some(row => lead.test(row))
  const words = source.replace(/\s+/g, ' ').trim()
  if (!words)
    return {
      ok: false,
      problem: 'There is no text in it. Take a WebVTT or SubRip file, or paste lines that begin with their time.',
    }
  if (!isTimed) return { ok: true, cues: [{ from: 0, to: wordsOf(words) * perWord, text: words }] }
  const raw = isBlocks ? readBlocks(rows) : readLines(rows)
  if (!Array.isArray(raw)) return raw
  const ordered = (isBlocks ? unrolled(raw) : raw).toSorted((a, b) => a.from - b.from)
  const cues = ordered.flatMap(({ from, to, lines }, i): Cue[] => {
    const { text, who } = plain(lines.join(' '))
    if (!text) return []
    const next = ordered[i + 1]?.from ?? Infinity
    const until = to !== null && to > from ? to : from + Math.max(1, wordsOf(text) * perWord)
    return [{ from, to: Math.max(from, Math.min(until, next)), text, ...(who && { who }) }]
  })
  const last = cues.at(-1)
  if (!last) return { ok: false, problem: 'There are times in it, but nothing is said at any of them.' }
  if (last.to > longest)
    return { ok: false, problem: 'It is longer than two hours. Cut it in parts and take in one after the other.' }
  return { ok: true, cues: withSpeakers(cues) }
}
