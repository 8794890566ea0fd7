import * as yup from 'yup'

/** What is wrong with an input: where, as a path into it, and what to do. */
export interface Problem {
  path: string
  message: string
}
export type Checked<T> = { ok: true; value: T } | { ok: false; problems: Problem[] }

/** So many problems are told at once; a body that is wrong throughout is not looked at to its end. */
const most = 20
const options = { strict: true, abortEarly: false, recursive: false, disableStackTrace: true } as const

interface Around {
  problems: Problem[]
  /** What the field stands in: a condition may ask for its neighbours. */
  parent?: unknown
}

/** Tells what is wrong with a value itself, without what it holds. Returns what a rule over several of its fields tripped over, where one of them is of no form. */
function own(schema: yup.Schema, value: unknown, path: string, { problems, parent }: Around): unknown {
  try {
    schema.validateSync(value, { ...options, path, parent } as yup.ValidateOptions)
  } catch (error) {
    if (!(error instanceof yup.ValidationError)) return error
    for (const { message } of error.inner.length ? error.inner : [error]) problems.push({ path, message })
  }
  return undefined
}

const isNested = (value: unknown): value is object => typeof value === 'object' && value !== null
/** A value of another type than it should be is named by its type alone: it may be of any size. */
const misfit = (schema: yup.Schema, value: unknown, path: string): Problem | undefined => {
  const wanted = schema.type === 'array' || schema.type === 'object'
  const fits = wanted ? isNested(value) && Array.isArray(value) === (schema.type === 'array') : !isNested(value)
  if (value === undefined || fits || schema.type === 'mixed' || (value === null && schema.spec.nullable))
    return undefined
  const article = /^[aeiou]/.test(schema.type) ? 'an' : 'a'
  return { path, message: `${path || 'the body'} must be ${article} ${schema.type}` }
}

function walk(schema: yup.ISchema<unknown>, value: unknown, path: string, around: Around): void {
  const { problems, parent } = around
  if (problems.length >= most) return
  const of = schema.resolve({ value, parent }) as unknown as yup.Schema
  const wrong = misfit(of, value, path)
  if (wrong) return void problems.push(wrong)
  // A list that is too long, or an object with strange fields, is refused before its elements are looked at.
  const before = problems.length
  const tripped = own(of, value, path, around)
  if (problems.length > before) return
  if (isNested(value)) walkInto(of, value, path, around)
  // The field over which a rule tripped is what is wrong; where none is, the rule is.
  if (tripped !== undefined && problems.length === before) throw tripped
}

function walkInto(of: yup.Schema, value: object, path: string, { problems }: Around): void {
  if (of instanceof yup.ArraySchema && of.innerType)
    for (const [i, element] of (value as unknown[]).entries())
      walk(of.innerType as yup.ISchema<unknown>, element, `${path}[${i}]`, { problems, parent: value })
  if (of instanceof yup.ObjectSchema)
    for (const [name, field] of Object.entries(of.fields as Record<string, yup.ISchema<unknown>>))
      walk(field, (value as Record<string, unknown>)[name], path ? `${path}.${name}` : name, {
        problems,
        parent: value,
      })
}

/** What a schema says of the build of its values, read once. */
interface Build {
  /** A field that may be left out, and then nothing else is asked of it. */
  mayBeLeft: boolean
  element: yup.ISchema<unknown> | undefined
  /** The fields of an object; of anything else none are known. */
  fields: ReadonlyMap<string, yup.ISchema<unknown>> | undefined
  /** What it can be, where only some values are allowed. */
  oneOf: ReadonlySet<unknown> | undefined
  rules: readonly yup.TestConfig[]
}
const builds = new WeakMap<yup.Schema, Build>()
function buildOf(schema: yup.Schema): Build {
  const known = builds.get(schema)
  if (known) return known
  const rules = schema.tests.flatMap(test => test?.OPTIONS ?? [])
  const { oneOf } = schema.describe() as yup.SchemaDescription
  const build: Build = {
    mayBeLeft: Boolean(schema.spec.optional) && rules.every(rule => rule.skipAbsent),
    element: schema instanceof yup.ArraySchema ? (schema.innerType as yup.ISchema<unknown> | undefined) : undefined,
    fields:
      schema instanceof yup.ObjectSchema
        ? new Map(Object.entries(schema.fields as Record<string, yup.ISchema<unknown>>))
        : undefined,
    oneOf: oneOf.length ? new Set(oneOf) : undefined,
    rules,
  }
  builds.set(schema, build)
  return build
}

/** True when a value keeps the rules of its schema itself; asked of each rule as Yup asks it, without words for what is wrong. */
function keeps(schema: yup.Schema, { oneOf, rules }: Build, value: unknown, parent: unknown): boolean {
  if (!schema.isType(value)) return false
  const isAbsent = value === undefined || value === null
  if (oneOf && !isAbsent && !oneOf.has(value)) return false
  const context = { path: '', parent, schema, options: {}, originalValue: value, resolve: same, createError: nothing }
  try {
    for (const { test, skipAbsent } of rules) {
      if (skipAbsent && isAbsent) continue
      const told: unknown = test.call(context as never, value, context as never)
      if (!told || yup.ValidationError.isError(told)) return false
    }
    return true
  } catch {
    // A rule over several fields trips where one of them is of no form: which one is told by the other way.
    return false
  }
}
const same = <T>(value: T) => value
const nothing = () => false

/** True when nothing is wrong with a value nor with what it holds; a list or an object is held against its limits before what is in it. */
function fits(schema: yup.ISchema<unknown>, value: unknown, parent?: unknown): boolean {
  const of = schema.resolve({ value, parent }) as unknown as yup.Schema
  const build = buildOf(of)
  const { mayBeLeft, element, fields } = build
  if (value === undefined && mayBeLeft) return true
  if (misfit(of, value, '')) return false
  if (!keeps(of, build, value, parent)) return false
  if (!isNested(value)) return true
  if (element) return (value as unknown[]).every(v => fits(element, v, value))
  if (!fields) return true
  const held = value as Readonly<Record<string, unknown>>
  for (const [name, field] of fields) if (!fits(field, held[name], held)) return false
  return true
}

/**
 * Holds a value against a schema without changing it. Problems are returned with their path, twenty at most; the cost is bounded by
 * the limits of the schema, whatever the value is.
 */
export function check<T>(schema: yup.ISchema<T>, value: unknown): Checked<T> {
  const of = schema as yup.ISchema<unknown>
  // The usual case; what is wrong is looked for only where something is.
  if (fits(of, value)) return { ok: true, value: value as T }
  const problems: Problem[] = []
  walk(of, value, '', { problems })
  return problems.length ? { ok: false, problems: problems.slice(0, most) } : { ok: true, value: value as T }
}
