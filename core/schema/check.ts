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

/** What is wrong with a value itself, without what it holds. */
function own(schema: yup.Schema, value: unknown, path: string, { problems, parent }: Around): boolean {
  const before = problems.length
  try {
    schema.validateSync(value, { ...options, path, parent } as yup.ValidateOptions)
  } catch (error) {
    if (!(error instanceof yup.ValidationError)) throw error
    for (const { message } of error.inner.length ? error.inner : [error]) problems.push({ path, message })
  }
  return problems.length === before
}

const isNested = (value: unknown) => typeof value === 'object' && value !== null
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
  if (!own(of, value, path, around) || !isNested(value)) return
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

/** How many a list may hold, by its schema; read once. */
const lengths = new WeakMap<object, number>()
function mostOf(schema: yup.Schema): number {
  const known = lengths.get(schema)
  if (known !== undefined) return known
  const told = schema.describe() as { tests: { name?: string; params?: { max?: unknown } }[] }
  const max = told.tests.find(t => t.name === 'max')?.params?.max
  const length = typeof max === 'number' ? max : Infinity
  lengths.set(schema, length)
  return length
}

/** True when a value has the build of its schema: lists within their limits, objects and lists where they should be. */
function isBuilt(schema: yup.ISchema<unknown>, value: unknown): boolean {
  const of = (schema instanceof yup.Schema ? schema : schema.resolve({ value })) as yup.Schema
  if (misfit(of, value, '')) return false
  if (!isNested(value)) return true
  if (of instanceof yup.ArraySchema) {
    const list = value as unknown[]
    const element = of.innerType as yup.ISchema<unknown> | undefined
    return list.length <= mostOf(of) && (!element || list.every(v => isBuilt(element, v)))
  }
  if (!(of instanceof yup.ObjectSchema)) return true
  const fields = of.fields as Record<string, yup.ISchema<unknown>>
  return Object.keys(value).every(key => Object.hasOwn(fields, key) && isBuilt(fields[key]!, (value as never)[key]))
}

/** True when Yup finds nothing wrong with a value that is built as it should be. */
function isValid(schema: yup.ISchema<unknown>, value: unknown): boolean {
  try {
    ;(schema as yup.Schema).validateSync(value, { strict: true, disableStackTrace: true })
    return true
  } catch (error) {
    if (!(error instanceof yup.ValidationError)) throw error
    return false
  }
}

/**
 * Holds a value against a schema without changing it. Problems are returned with their path, twenty at most; the cost is bounded by
 * the limits of the schema, whatever the value is.
 */
export function check<T>(schema: yup.ISchema<T>, value: unknown): Checked<T> {
  const of = schema as yup.ISchema<unknown>
  // The usual case: one look at its build, one pass of Yup. What is wrong is looked for only where something is.
  if (isBuilt(of, value) && isValid(of, value)) return { ok: true, value: value as T }
  const problems: Problem[] = []
  walk(of, value, '', { problems })
  return problems.length ? { ok: false, problems: problems.slice(0, most) } : { ok: true, value: value as T }
}
