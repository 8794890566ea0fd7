import type { JobState } from '../log/state.ts'
import type { Family } from '../machine/families.ts'
import { act } from '../moves/move.ts'
import { arcWords } from '../plan/arc.ts'
import { planReturn } from '../plan/plan.ts'
import { text } from '../words/language.ts'

interface Node {
  id: string
  number: number
  says: string
}
interface Edge {
  from: string
  to: string
  reason: string
  says: string
}
/** The steps of the way back and what binds their order. */
function orderOf(state: JobState, family: Family): { nodes: Node[]; edges: Edge[] } {
  const { steps, arcs } = planReturn(state, family)
  const nodes = steps.flatMap((s): Node[] =>
    s.turn && s.debts.length === 0
      ? []
      : [{ id: s.step.id, number: s.number, says: s.moves.map(m => text(act(m.move))).join(' ') }],
  )
  const known = new Set(nodes.map(n => n.id))
  const edges = arcs.flatMap((a): Edge[] =>
    known.has(a.first) && known.has(a.then) ? [{ from: a.first, to: a.then, reason: a.reason, says: arcWords(a) }] : [],
  )
  return { nodes, edges }
}

/** A text within XML 1.0: signs with a meaning are escaped, those that it cannot hold are left out. */
const xml = (of: string): string =>
  of.replace(/(?![\t\n\r])\p{Cc}|\p{Cs}|[\ufffe\uffff]/gu, '').replace(/[&<>"']/g, c => `&#${c.charCodeAt(0)};`)

/** The precedence of a return as GraphML: a node a step (its number and words), an edge from what comes on first to what comes after it, with the reason. */
export function orderGraphMl(state: JobState, family: Family): string {
  const { nodes, edges } = orderOf(state, family)
  const data = (key: string, value: string | number) => `<data key="${key}">${xml(String(value))}</data>`
  return [
    '<?xml version="1.0" encoding="UTF-8"?>',
    '<graphml xmlns="http://graphml.graphdrawing.org/xmlns">',
    '<key id="number" for="node" attr.name="number" attr.type="int"/>',
    '<key id="act" for="node" attr.name="act" attr.type="string"/>',
    '<key id="reason" for="edge" attr.name="reason" attr.type="string"/>',
    '<key id="why" for="edge" attr.name="why" attr.type="string"/>',
    '<graph id="return" edgedefault="directed">',
    ...nodes.map(n => `<node id="${xml(n.id)}">${data('number', n.number)}${data('act', n.says)}</node>`),
    ...edges.map(
      e =>
        `<edge source="${xml(e.from)}" target="${xml(e.to)}">${data('reason', e.reason)}${data('why', e.says)}</edge>`,
    ),
    '</graph>',
    '</graphml>',
    '',
  ].join('\n')
}

/** A text as a quoted name of DOT. */
const quoted = (of: string): string =>
  `"${of
    .replace(/\\/g, '\\\\')
    .replace(/"/g, '\\"')
    .replace(/[\r\n]+/g, ' ')}"`

/** The same as DOT, for Graphviz. */
export function orderDot(state: JobState, family: Family): string {
  const { nodes, edges } = orderOf(state, family)
  return [
    'digraph return {',
    '  node [shape=box];',
    ...nodes.map(n => `  ${quoted(n.id)} [label=${quoted(`${n.number}. ${n.says}`)}];`),
    ...edges.map(e => `  ${quoted(e.from)} -> ${quoted(e.to)} [label=${quoted(e.reason)}, tooltip=${quoted(e.says)}];`),
    '}',
    '',
  ].join('\n')
}
