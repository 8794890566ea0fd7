export { type Problem, check } from './check.ts'
export { isSame } from './equal.ts'
export { jsonSchemaOf } from './json-schema.ts'
export { limits } from './limits.ts'
