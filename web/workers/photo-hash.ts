import { expose } from 'comlink'
import { hashOf } from '../data/hash.ts'

/** Hashes a photo off the main thread. */
expose((bytes: ArrayBuffer) => hashOf(bytes))
