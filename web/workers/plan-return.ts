import { bestOrder, type Instance } from '@dialytica/core/plan'
import { expose } from 'comlink'

/** So many states are searched before the plan says how far from the best it may be. */
const most = 30_000

/** Orders a return as well as can be, off the thread of the hand. */
expose((on: Instance) => bestOrder(on, on.n > 120 ? most / 20 : most))
