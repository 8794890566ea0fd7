import { waysIn } from '@dialytica/core/access'
import { expose } from 'comlink'

/** Looks for the ways in off the thread of the hand. */
expose(waysIn)
