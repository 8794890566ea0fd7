import { timeHeader } from '@dialytica/core/wire'
import compression from 'compression'
import express, { type ErrorRequestHandler, type Express } from 'express'
import helmet from 'helmet'
import { existsSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import type { Logger } from 'pino'
import { notFound, ProblemError, type ProblemType } from './problems.ts'
import { routes } from './routes/index.ts'
import type { Context } from './context.ts'
import { mount } from './routes/routing.ts'
import { limitsOf } from './people/tries.ts'

const pages = fileURLToPath(new URL('../web/dist', import.meta.url))

const security = (https: boolean) =>
  helmet({
    contentSecurityPolicy: {
      directives: {
        'default-src': ["'self'"],
        'script-src': ["'self'"],
        'style-src': ["'self'", "'unsafe-inline'"],
        'img-src': ["'self'", 'blob:', 'data:'],
        'media-src': ["'self'", 'blob:'],
        'worker-src': ["'self'", 'blob:'],
        'connect-src': ["'self'", 'blob:'],
        'upgrade-insecure-requests': https ? [] : null,
      },
    },
    strictTransportSecurity: https,
    crossOriginOpenerPolicy: https,
    originAgentCluster: https,
  })

/** Errors of the frameworks that the sender can mend, by their status. */
const ofSender: Record<number, [ProblemType, string]> = {
  412: ['changed', 'Ask for it again without a condition.'],
  413: ['too-large', 'Send it in smaller pieces, or the photo at a smaller size.'],
  415: ['not-supported', 'Send it plain or as gzip, text as UTF-8.'],
  416: ['no-such-part', 'Ask for it without a range.'],
}

/** What is written down of an error that was not foreseen: never what somebody sent. */
export const errorForLog = (error: unknown) => {
  const { name, code, errno, message, stack } = (error ?? {}) as NodeJS.ErrnoException
  const ofDatabase = name === 'QueryFailedError' || /^ER_/.test(String(code))
  return {
    name,
    ...(code !== undefined && { code }),
    ...(errno !== undefined && { errno }),
    ...(!ofDatabase && { message }),
    at: stack
      ?.split('\n')
      .filter(line => /^\s+at /.test(line))
      .slice(0, 12)
      .map(line => line.trim()),
  }
}

/** What MariaDB says of a statement that took longer than it may. */
const statementEnded = 1969

/** What went wrong, as a problem document. */
function problemOf(error: unknown, log: Logger): ProblemError {
  if (error instanceof ProblemError) return error
  const { type, code, errno, status } = (error ?? {}) as {
    type?: string
    code?: string
    errno?: number
    status?: number
  }
  if (type === 'entity.parse.failed') return new ProblemError('not-json', 'Send a JSON body.')
  if (status && status >= 400 && status < 500)
    return new ProblemError(
      ...(ofSender[status] ?? (['bad-request', 'Correct the address or the form of the request.'] as const)),
    )
  log.error(errorForLog(error), 'request failed')
  if (/^(ECONN|PROTOCOL_|ETIMEDOUT|ER_SERVER_SHUTDOWN|ER_CON_COUNT)/.test(code ?? ''))
    return new ProblemError('unavailable', 'Try again in a moment; what you recorded is kept on this device.')
  if (errno === statementEnded)
    return new ProblemError('busy', 'This took too long and was ended: ask for less, or try again in a moment.')
  if (code === 'ENOSPC' || code === 'ER_DISK_FULL')
    return new ProblemError(
      'full',
      'Whoever runs this server must free room on its disk. What you recorded is kept on this device.',
    )
  return new ProblemError(
    'failed',
    'Try again; if it stays, tell whoever runs this server. What you recorded is kept on this device.',
  )
}

/** The application: the table of routes, the built pages, and errors as problem documents. */
export function createApp(context: Context, log: Logger): Express {
  const app = express()
  app.disable('x-powered-by')
  app.set('trust proxy', context.config.proxies)
  app.use(security(context.config.https))
  app.use(
    compression({
      filter: (req, res) =>
        !/event-stream|jpeg/.test(String(res.getHeader('content-type'))) && compression.filter(req, res),
    }),
  )
  app.use('/api', (_req, res, next) => {
    res.setHeader('cache-control', 'no-store')
    res.setHeader(timeHeader, new Date().toISOString())
    next()
  })
  for (const r of routes) mount(app, context, r, limitsOf(context, r))
  app.use('/api', () => {
    throw notFound()
  })
  if (existsSync(pages)) {
    app.use(
      express.static(pages, {
        index: false,
        setHeaders: (res, path) =>
          void (path.includes('/assets/') && res.setHeader('cache-control', 'public, max-age=31536000, immutable')),
      }),
    )
    app.get(
      '/{*page}',
      (_req, res) => void res.setHeader('cache-control', 'no-cache').sendFile('index.html', { root: pages }),
    )
  }
  app.use(((error, req, res, next) => {
    if (res.headersSent) return next(error)
    const { document } = problemOf(error, log)
    // What was not read of a body is not waited for.
    if (!req.complete) res.setHeader('connection', 'close')
    if (document.status === 503) res.setHeader('retry-after', '2')
    res.status(document.status).type('application/problem+json').send(JSON.stringify(document))
  }) satisfies ErrorRequestHandler)
  return app
}
