import { bearing } from './kinds/bearing.ts'
import { brushes } from './kinds/brushes.ts'
import { capacitor } from './kinds/capacitor.ts'
import { coil } from './kinds/coil.ts'
import { contact } from './kinds/contact.ts'
import { drainHeight } from './kinds/drain-height.ts'
import { heatingElement } from './kinds/heating-element.ts'
import { earth, insulation } from './kinds/safety.ts'
import { fingerTest, temperatureSensor } from './kinds/temperature-sensor.ts'
import { wear } from './kinds/wear.ts'
import { windings } from './kinds/windings.ts'
import type { QuantityName } from './names.ts'
import type { Quantity } from './quantity.ts'

/** How each is judged. */
export const quantities: Record<QuantityName, Quantity> = {
  heating: heatingElement,
  sensor: temperatureSensor,
  finger: fingerTest,
  windings,
  coil,
  capacitor,
  contact,
  brushes,
  wear,
  bearing,
  'drain height': drainHeight,
  earth,
  insulation,
}
