import type { JobState } from '../log/state.ts'
import type { Family } from '../machine/families.ts'
import type { ReturnStep } from '../plan/mirror.ts'
import { inMarkup } from '../words/markup.ts'
import { returnInWords } from './return-steps.ts'

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
  const shown = returnInWords(state, family, steps).map(({ number, down, says, under, minds, photo, done }) => {
    const src = photo ? photos.get(photo) : undefined
    return [
      '<li>',
      `<label><input type="checkbox"${done ? ' checked' : ''}> <b>${number}</b> ${says.map(inMarkup).join(' ')}</label>`,
      `<p class="under">${inMarkup(under)}</p>`,
      ...(minds.length ? [`<ul>${minds.map(m => `<li>${inMarkup(m)}</li>`).join('')}</ul>`] : []),
      ...(src ? [`<img alt="As it was, step ${down}" src="${inMarkup(src)}">`] : []),
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
