import { describe, expect, it } from 'vitest'
import { blank } from '../log/state.ts'
import { table } from '../triage/table/table.ts'
import { alongside } from './alongside.ts'
import { fetchText, toFetch } from './list.ts'

const cause = (id: string) => table.causes.find(c => c.id === id)!
const names = (id: string, looks: string[] = []) =>
  toFetch(
    blank,
    'front-loader',
    'FL-84',
    cause(id),
    table.checks.filter(k => looks.includes(k.id)),
  ).map(f => `${f.kind}: ${f.name}`)

describe('what to fetch before anyone drives', () => {
  it('the part with the plate, what goes with it, the tools of the way', () => {
    expect(names('pump worn')).toEqual(
      expect.arrayContaining(['part: drain pump', 'consumable: ring of the pump', 'tool: flat tray', 'tool: towel']),
    )
  })
  it('nothing is bought for what is only cleaned or opened', () =>
    expect(names('filter blocked').filter(n => n.startsWith('part'))).toEqual([]))
  it('a meter where something is read, once', () => {
    const tools = names('element open', ['read the element across', 'read the temperature sensor'])
    expect(tools.filter(n => n === 'tool: meter')).toHaveLength(1)
  })
  it('what goes with a part is named for parts of the table only', () => {
    const parts = new Set(table.causes.map(c => c.part))
    for (const part of Object.keys(alongside)) expect(parts, part).toContain(part)
  })
  it('is sent as lines with boxes, ticked ones with a cross', () => {
    const list = toFetch(blank, 'front-loader', 'FL-84', cause('pump worn'), [])
    const sent = fetchText('FL-84', list, new Set(['drain pump']))
    expect(sent).toContain('[x] drain pump (part): for FL-84, by the number on the old part; pump worn')
    expect(sent.split('\n')).toHaveLength(list.length + 1)
  })
})
