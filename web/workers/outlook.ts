import { outlookOf } from '@dialytica/core/triage'
import { expose } from 'comlink'

/** Looks for the cause off the thread of the hand. */
expose(outlookOf)
