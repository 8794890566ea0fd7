export * from './find.ts'
export * from './lot.ts'
export * from './verdict.ts'
export * from './words.ts'
