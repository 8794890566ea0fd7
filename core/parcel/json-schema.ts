import { jsonSchemaOf, type Json } from '../schema/json-schema.ts'
import { manifestSchema } from './manifest.ts'

/** The JSON Schema (2020-12) of the manifest of a parcel. */
export const manifestJsonSchema = (): Json => ({
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  title: 'Manifest of a parcel',
  ...jsonSchemaOf(manifestSchema, new Map()),
})
