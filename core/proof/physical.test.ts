import { expect, it } from 'vitest'
import { dice } from '../test/dice.ts'
import { prove } from '../test/physical/prove.ts'
import { misreadings, story } from '../test/physical/story.ts'

/** The proof of machines of both families, asked at any moment of the return, judged by a body of metal, water and wire that knows no table of the core. */
it.each(misreadings)('with %s misread, a proof has no power over an open danger and no water over a way out', how => {
  const troubles = Array.from({ length: 60 }, (_, i) => i + 1).flatMap(seed => {
    const d = dice(seed * 11 + misreadings.indexOf(how))
    return prove(story(d, how), d).map(t => `${seed} ${t.law}: ${t.says}`)
  })
  expect(troubles).toEqual([])
})
