import type { JobState } from '../log/state.ts'
import { zoneTitle, type Family } from '../machine/families.ts'
import { act, notes, toolsFor } from '../moves/move.ts'
import { nearestPhoto } from '../plan/nearest-photo.ts'
import type { ReturnStep } from '../plan/mirror.ts'
import { text } from '../words/language.ts'
import { inMarkup } from '../words/markup.ts'

/** The photos, by their hashes, that a page of the return shows. */
export const photosOfReturn = (state: JobState, steps: readonly ReturnStep[]): string[] => [
  ...new Set(steps.flatMap(s => photoFor(state, s.step.id) ?? [])),
]
const photoFor = (state: JobState, step: string): string | undefined =>
  (state.steps.get(step)?.photos.at(-1) ?? nearestPhoto(state, step)?.photo)?.hash

/**
 * The whole way back as one HTML file that opens on any phone without a network: every step of a plan with its photo as data, what to fetch from which cell, a box
 * to tick. `photos` gives the data address of each photo by its hash; what it does not have is left out. No script; nothing is loaded.
 */
export function returnPage(
  state: JobState,
  family: Family,
  steps: readonly ReturnStep[],
  title: string,
  photos: ReadonlyMap<string, string>,
): string {
  const shown = steps.map((s, i) => {
    const { step } = s
    const says = s.moves.map(m => text(act(m.move)))
    const minds = s.moves.flatMap(m => notes(m.move).map(n => text(n.says)))
    const cells = [...new Set(s.moves.flatMap(m => m.move.cell ?? []))]
    const tools = [...new Set(s.moves.flatMap(m => toolsFor(m.move)))]
    const hash = photoFor(state, step.id)
    const photo = hash ? photos.get(hash) : undefined
    const under = [step.zone && zoneTitle(family, step.zone), cells.length && `from ${cells.join(', ')}`, ...tools]
    return [
      '<li>',
      `<label><input type="checkbox"${s.owes === 0 ? ' checked' : ''}> <b>${i + 1}</b> ${says.map(inMarkup).join(' ')}</label>`,
      `<p class="under">${inMarkup(under.filter(Boolean).join(' · '))}</p>`,
      ...(minds.length ? [`<ul>${minds.map(m => `<li>${inMarkup(m)}</li>`).join('')}</ul>`] : []),
      ...(photo ? [`<img alt="As it was, step ${s.number}" src="${inMarkup(photo)}">`] : []),
      '</li>',
    ].join('\n')
  })
  return `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<meta http-equiv="Content-Security-Policy" content="default-src 'none'; img-src data:; style-src 'unsafe-inline'">
<title>${inMarkup(title)}</title>
<style>
body{margin:0 auto;max-width:44rem;padding:1rem;font:18px/1.35 system-ui,sans-serif;background:#f1ede2;color:#1c2326}
h1{font-size:1.6rem}ol{list-style:none;padding:0}ol>li{border-top:2px solid;padding:.8rem 0}
label{display:block;min-height:48px;font-size:1.15rem}input{width:28px;height:28px;vertical-align:middle}
.under{margin:.2rem 0;color:#55605f}img{width:100%;height:auto}label:has(:checked){opacity:.55}
</style>
</head>
<body>
<h1>${inMarkup(title)}: the way back</h1>
<p>Water, a leak check, then power, then proof. Local codes and licensed practice have the last word.</p>
<ol>
${shown.join('\n')}
</ol>
</body>
</html>
`
}
