import type { Cause } from '../model.ts'
import { balance } from './causes/balance.ts'
import { drain } from './causes/drain.ts'
import { drawer } from './causes/drawer.ts'
import { electronics } from './causes/electronics.ts'
import { heat } from './causes/heat.ts'
import { level } from './causes/level.ts'
import { lock } from './causes/lock.ts'
import { motion } from './causes/motion.ts'
import { supply } from './causes/supply.ts'

/** Our own table, in the order of the water's way: how often, what it costs, and what each shows. Figures are our estimates; a shop's closed jobs take their place. */
export const causes: readonly Cause[] = [supply, drawer, level, lock, heat, motion, drain, balance, electronics].flat()
