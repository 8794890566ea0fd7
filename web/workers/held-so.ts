import { calibration } from '@dialytica/core/triage'
import { expose } from 'comlink'

/** How often what was held was so, off the thread of the hand. */
expose(calibration)
