export { conditions, type Condition, type Inputs, type Worth, worthOf } from './worth.ts'
