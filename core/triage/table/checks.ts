import type { Check } from '../model.ts'
import { balance } from './checks/balance.ts'
import { drain } from './checks/drain.ts'
import { drawer } from './checks/drawer.ts'
import { electronics } from './checks/electronics.ts'
import { heat } from './checks/heat.ts'
import { leaks } from './checks/leaks.ts'
import { level } from './checks/level.ts'
import { lock } from './checks/lock.ts'
import { motion } from './checks/motion.ts'
import { supply } from './checks/supply.ts'

/** What can be looked at, felt, heard, read or asked; by hand first. None works at live parts, none passes a lock by. */
export const checks: readonly Check[] = [
  supply,
  drawer,
  level,
  lock,
  heat,
  motion,
  drain,
  leaks,
  balance,
  electronics,
].flat()
