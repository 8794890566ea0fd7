export { patternOf, standWords } from './pattern.ts'
