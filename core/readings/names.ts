/** What has a verdict, by the name that is kept; apart from how it is judged, so that a log can be read without that. */
export const quantityNames = [
  'heating',
  'sensor',
  'finger',
  'windings',
  'coil',
  'capacitor',
  'contact',
  'brushes',
  'wear',
  'bearing',
  'drain height',
  'earth',
  'insulation',
] as const
/** One of them. */
export type QuantityName = (typeof quantityNames)[number]
