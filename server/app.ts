import compression from 'compression'
import express, { type ErrorRequestHandler, type Express } from 'express'
import helmet from 'helmet'
import { existsSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import type { Logger } from 'pino'
import { notFound, ProblemError } from './problems.ts'
import { routes } from './routes/index.ts'
import { mount, type Context } from './routes/route.ts'
import { signInLimit } from './routes/session.ts'

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

/** What went wrong, as a problem document. */
function problemOf(error: unknown, log: Logger): ProblemError {
  if (error instanceof ProblemError) return error
  const { type, code } = error as { type?: string; code?: string }
  if (type === 'entity.too.large')
    return new ProblemError('too-large', 'Send it in smaller pieces, or the photo at a smaller size.')
  if (type === 'entity.parse.failed') return new ProblemError('not-json', 'Send a JSON body.')
  log.error({ error }, 'request failed')
  if (/^(ECONN|PROTOCOL_|ETIMEDOUT|ER_SERVER_SHUTDOWN)/.test(code ?? ''))
    return new ProblemError('unavailable', 'Try again in a moment; what you recorded is kept on this device.')
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
    next()
  })
  app.post('/api/session', express.json({ limit: '8kb' }), signInLimit(context))
  for (const r of routes) mount(app, context, r)
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
  app.use(((error, _req, res, next) => {
    if (res.headersSent) return next(error)
    const { document } = problemOf(error, log)
    res.status(document.status).type('application/problem+json').send(JSON.stringify(document))
  }) satisfies ErrorRequestHandler)
  return app
}
