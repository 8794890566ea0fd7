#!/usr/bin/env node
import 'tsx'

/** The core on the command line: TypeScript is run as it is. */
const { main } = await import('./main.ts')
process.exitCode = await main(process.argv.slice(2))
