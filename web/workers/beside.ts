import { beside } from '@dialytica/core/book'
import { expose } from 'comlink'

/** Two books laid side by side, off the thread of the hand. */
expose(beside)
