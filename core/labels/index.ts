export * from './code.ts'
export * from './draw.ts'
export * from './labels.ts'
export * from './sheets.ts'
