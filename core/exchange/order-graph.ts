import { act } from '../moves/move.ts'
import { arcWords } from '../plan/arc.ts'
import type { ReturnPlan } from '../plan/plan.ts'
import { text } from '../words/language.ts'
import { inMarkup } from '../words/markup.ts'

/** What of a plan is its order. */
type Order = Pick<ReturnPlan, 'steps' | 'arcs'>
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
function orderOf({ steps, arcs }: Order): { nodes: Node[]; edges: Edge[] } {
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

/** The precedence of a return as GraphML: a node a step (its number and words), an edge from what comes on first to what comes after it, with the reason. */
export function orderGraphMl(plan: Order): string {
  const { nodes, edges } = orderOf(plan)
  const data = (key: string, value: string | number) => `<data key="${key}">${inMarkup(String(value))}</data>`
  return [
    '<?xml version="1.0" encoding="UTF-8"?>',
    '<graphml xmlns="http://graphml.graphdrawing.org/xmlns">',
    '<key id="number" for="node" attr.name="number" attr.type="int"/>',
    '<key id="act" for="node" attr.name="act" attr.type="string"/>',
    '<key id="reason" for="edge" attr.name="reason" attr.type="string"/>',
    '<key id="why" for="edge" attr.name="why" attr.type="string"/>',
    '<graph id="return" edgedefault="directed">',
    ...nodes.map(n => `<node id="${inMarkup(n.id)}">${data('number', n.number)}${data('act', n.says)}</node>`),
    ...edges.map(
      e =>
        `<edge source="${inMarkup(e.from)}" target="${inMarkup(e.to)}">${data('reason', e.reason)}${data('why', e.says)}</edge>`,
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
export function orderDot(plan: Order): string {
  const { nodes, edges } = orderOf(plan)
  return [
    'digraph return {',
    '  node [shape=box];',
    ...nodes.map(n => `  ${quoted(n.id)} [label=${quoted(`${n.number}. ${n.says}`)}];`),
    ...edges.map(e => `  ${quoted(e.from)} -> ${quoted(e.to)} [label=${quoted(e.reason)}, tooltip=${quoted(e.says)}];`),
    '}',
    '',
  ].join('\n')
}
