/** What a control watches, as its codes name it: a circuit, never a part. */
export const circuitNames = ['fill', 'level', 'lock', 'heat', 'temperature', 'drum', 'pump', 'leak'] as const
/** The name of one. */
export type CircuitName = (typeof circuitNames)[number]

/** The four things of a circuit, in the order in which they are looked at. */
export const circuitParts = ['wiring', 'sensor', 'load', 'board'] as const
/** One of them. */
export type CircuitPart = (typeof circuitParts)[number]

/** A circuit: the checks along it, and what can be wrong where its code shows. */
export interface Circuit {
  name: string
  /** Words with which people say that a code is about it, beside `code` or `error`. */
  words: readonly string[]
  checks: Readonly<Record<CircuitPart, readonly string[]>>
  causes: readonly string[]
}

const board = ['look at the board for burn marks', 'push every plug of the board home']

/** The circuits of a washer: our own table. Which code means which of them is for each shop to say of each model. */
export const circuits: Readonly<Record<CircuitName, Circuit>> = {
  fill: {
    name: 'water in',
    words: ['fill*', 'inlet', 'supply'],
    checks: {
      wiring: ['follow the loom for a chafed place'],
      sensor: ['blow through the pressure hose', 'read the level sensor, empty and blown'],
      load: [
        'see that the tap is open',
        'look into the strainer of the inlet',
        'listen for the click of the inlet valve',
        'read the coil of the inlet valve',
      ],
      board,
    },
    causes: [
      'tap closed',
      'inlet hose kinked',
      'inlet strainer blocked',
      'low pressure',
      'inlet valve open coil',
      'stop hose tripped',
      'drain hose too low',
      'level sensor faulty',
      'board output',
    ],
  },
  level: {
    name: 'water level',
    words: ['level', 'overfill*', 'pressure'],
    checks: {
      wiring: ['follow the loom for a chafed place'],
      sensor: [
        'blow through the pressure hose',
        'blow into it with a thumb on its end',
        'read the level sensor, empty and blown',
      ],
      load: ['watch the drum with the plug out', 'look into the air trap'],
      board,
    },
    causes: [
      'pressure hose blocked',
      'pressure hose leaks',
      'level sensor faulty',
      'inlet valve does not close',
      'foam',
      'drain hose too low',
      'board output',
    ],
  },
  lock: {
    name: 'door or lid lock',
    words: ['door', 'lid', 'lock'],
    checks: {
      wiring: ['read the lock at the plug of the board', 'bend the loom at the lock, plug out'],
      sensor: ['read the lid switch, lid up and lid down', 'look how the strike meets the switch'],
      load: [
        'press the door home by hand',
        'listen for the click of the lock at the start',
        'read the lock at its own plug',
      ],
      board,
    },
    causes: [
      'door lock faulty',
      'lid switch faulty',
      'lid lock faulty',
      'latch hook broken',
      'lid strike bent',
      'hinge sagging',
      'lock wire broken',
      'door interlock wiring',
      'water keeps it shut',
      'board output',
    ],
  },
  heat: {
    name: 'heating',
    words: ['heat*'],
    checks: {
      wiring: ['look at the terminals of the element'],
      sensor: ['read the temperature sensor', 'warm the sensor between two fingers'],
      load: ['read the element across', 'read the element to its jacket'],
      board: ['read the heating relay, unplugged', ...board],
    },
    causes: [
      'element open',
      'element leaks to earth',
      'element terminal burnt',
      'temperature sensor off',
      'heat relay',
      'scale on the element',
      'pressure hose blocked',
      'board output',
    ],
  },
  temperature: {
    name: 'temperature',
    words: ['temperature', 'sensor', 'ntc'],
    checks: {
      wiring: ['push every plug of the board home'],
      sensor: ['read the temperature sensor', 'warm the sensor between two fingers'],
      load: ['measure the warmth of the water with a thermometer', 'read the element across'],
      board: ['read the heating relay, unplugged', 'look at the board for burn marks'],
    },
    causes: ['temperature sensor off', 'relay welded', 'element open', 'heat relay', 'board output'],
  },
  drum: {
    name: 'drum and motor',
    words: ['motor', 'drum', 'tacho', 'speed'],
    checks: {
      wiring: ['push the plug of the motor home'],
      sensor: ['feel the ring of the tacho', 'read the tacho'],
      load: [
        'turn the drum by hand each way and feel',
        'look at the belt',
        'measure the brushes',
        'read the windings of the motor',
      ],
      board,
    },
    causes: [
      'tacho loose',
      'motor plug loose',
      'brushes worn',
      'motor burnt',
      'belt off or torn',
      'drum blocked',
      'motor capacitor',
      'motor capacitor weak',
      'mode shifter',
      'drive coupling',
      'board output',
    ],
  },
  pump: {
    name: 'water out',
    words: ['drain*', 'pump*'],
    checks: {
      wiring: ['look at the plug of the pump'],
      sensor: ['blow through the pressure hose', 'look into the air trap'],
      load: [
        'look how the drain hose lies behind it',
        'open the filter',
        'turn the wheel of the pump with a finger',
        'turn the wheel of the pump with a finger, from below',
        'read the coil of the pump',
      ],
      board,
    },
    causes: [
      'filter blocked',
      'impeller jammed',
      'impeller loose',
      'pump coil open',
      'drain hose kinked',
      'drain of the house blocked',
      'drain hose blocked',
      'sump hose blocked',
      'pump circuit wiring',
      'pressure hose blocked',
      'board output',
    ],
  },
  leak: {
    name: 'water in the base',
    words: ['leak*', 'flood*'],
    checks: {
      wiring: ['lift the float by hand, plug out'],
      sensor: ['look for water in the base'],
      load: ['wipe it dry and look where the first drop comes', 'feel along the clamps of the sump hose'],
      board,
    },
    causes: [
      'safety float',
      'sump hose leaks',
      'pump seal leaks',
      'tub cracked',
      'drawer hose loose',
      'tub seal leaks',
      'door seal torn',
      'foam',
    ],
  },
}
