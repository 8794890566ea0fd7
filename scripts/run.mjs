import { spawn } from 'node:child_process'

/** Runs a command to its end; its output is kept and shown only when it fails. */
export function quietly(command, args, options = {}) {
  return new Promise((done, fail) => {
    const child = spawn(command, args, { stdio: ['ignore', 'pipe', 'pipe'], ...options })
    let said = ''
    child.stdout.on('data', d => (said += d))
    child.stderr.on('data', d => (said += d))
    child.on('error', fail)
    child.on('exit', code =>
      code === 0
        ? done(said)
        : fail(new Error(`${command} ${args.join(' ')} ended with ${code}\n${said.slice(-4000)}`)),
    )
  })
}

/** Runs a command to its end with its output on the screen; resolves to its exit status. */
export function openly(command, args, options = {}) {
  return new Promise((done, fail) => {
    const child = spawn(command, args, { stdio: 'inherit', ...options })
    child.on('error', fail)
    child.on('exit', code => done(code ?? 1))
  })
}
