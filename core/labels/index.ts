export { type Labelled, cellCode, labelAtEnd, labelSign, moveCode, readLabel } from './code.ts'
export { type DrawCode, drawSheets } from './draw.ts'
export { type Label, type LabelKind, labelKinds, labelsOf } from './labels.ts'
export { type Sheet, codeSquare, places, sheets } from './sheets.ts'
