export { drawValley } from './draw.ts'
export { type Closing, type Placed, layOut } from './layout.ts'
export { type Profile, profile } from './profile.ts'
