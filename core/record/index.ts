export { recordJsonSchema } from './json-schema.ts'
export * from './record.ts'
