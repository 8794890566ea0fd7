export { type Completion, type ShopPhrase, completions, phrasesOf } from './complete.ts'
export { type Correction, corrections } from './correct.ts'
export { type LineContext, type Parsed, type ParsedClause, parseLine } from './parse.ts'
