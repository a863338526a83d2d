import type { References } from '@yardfrost/core'
import compression from 'compression'
import express, { type Express, type Request, type Response } from 'express'
import session from 'express-session'
import helmet from 'helmet'
import { randomUUID } from 'node:crypto'
import { existsSync } from 'node:fs'
import { join } from 'node:path'
import type pg from 'pg'
import type { Logger } from 'pino'
import { pinoHttp } from 'pino-http'
import { NotFoundError } from '../errors/not-found-error.ts'
import type { Streams } from '../live/streams.ts'
import type { KnownPeople } from '../people/known-people.ts'
import { sameOrigin } from './access.ts'
import type { Analyser } from '../devices/analyser.ts'
import type { Gauge } from '../devices/gauge.ts'
import { calcRoutes } from './calc-routes.ts'
import { counterRoutes } from './counter-routes.ts'
import { deviceRoutes } from './device-routes.ts'
import type { Heater } from '../devices/heater.ts'
import type { HeaterRuns } from '../devices/heater-runs.ts'
import type { CalculationPool } from '../work/calculation-pool.ts'
import type { WorkWatch } from '../live/work-watch.ts'
import { docsRoutes } from './docs-routes.ts'
import { errorHandler } from './error-handler.ts'
import { healthRoutes } from './health-routes.ts'
import { jobRoutes } from './job-routes.ts'
import { logRoutes } from './log-routes.ts'
import { roundRoutes } from './round-routes.ts'
import { registerRoutes } from './register-routes.ts'
import { peopleRoutes } from './people-routes.ts'
import { ownHost, type Reach } from './reach.ts'
import { serving } from './serve.ts'
import type { SessionStore } from './session-store.ts'
import { sessionIdleMs } from './sign-in.ts'
import { startRoutes } from './start-routes.ts'
import { forwardTo } from './forward.ts'
import { usualRate, usualRequestsAMinute } from './usual-rate.ts'
import { sessionCookie, sessionRoutes } from './session-routes.ts'
import { shelfRoutes } from './shelf-routes.ts'
import { siteRoutes } from './site-routes.ts'

export interface AppParts {
  pool: pg.Pool
  references: References
  gauge: Gauge
  analyser: Analyser
  heater: Heater
  /** Heaters that are on: stopping the server switches them off. */
  runs: HeaterRuns
  calculations: CalculationPool
  watch: WorkWatch
  secret: string
  version: string
  log: Logger
  /** Who is signed in, and what is open for them. */
  people: KnownPeople
  streams: Streams
  sessions: SessionStore
  reach: Reach
  /** Port of the process of this server that has the instruments; null where it is this one. */
  devicesAt: number | null
  /** Requests a person may make in a minute. */
  requestsAMinute?: number
  /** Folder of the built web app; without it only the API is served. */
  webFolder: string | null
}

/** The whole HTTP side: API under /api, the web app for everything else. */
export function createApp({ log, webFolder, ...parts }: AppParts): Express {
  const app = express()
  app.disable('x-powered-by')
  app.set('trust proxy', parts.reach.trustProxy)
  app.use(
    pinoHttp({
      logger: log,
      genReqId: () => randomUUID(),
      autoLogging: { ignore: (request) => !request.url.startsWith('/api') || request.url === '/api/health' },
      serializers: {
        req: ({ id, method, url }: Request) => ({ id, method, url }),
        res: ({ statusCode }: Response) => ({ statusCode }),
      },
    }),
  )
  app.use(
    helmet({
      contentSecurityPolicy: {
        directives: {
          // Charts and drawings set inline styles; scripts never are inline.
          'style-src': ["'self'", "'unsafe-inline'"],
          'script-src': ["'self'"],
          'connect-src': ["'self'"],
          'font-src': ["'self'", 'data:'],
          'img-src': ["'self'", 'data:', 'blob:'],
          'worker-src': ["'self'", 'blob:'],
          // On a plant network there is often no TLS; a proxy in front adds it and the header.
          'upgrade-insecure-requests': null,
        },
      },
      strictTransportSecurity: false,
    }),
  )
  app.use(compression())
  app.use(ownHost(parts.reach))
  app.use('/api', apiRoutes(parts))
  if (webFolder) serveWeb(app, webFolder)
  app.use(errorHandler)
  return app
}

function apiRoutes({
  pool,
  references,
  gauge,
  analyser,
  heater,
  runs,
  calculations,
  watch,
  secret,
  version,
  people,
  streams,
  sessions,
  reach,
  devicesAt,
  requestsAMinute = usualRequestsAMinute,
}: Omit<AppParts, 'log' | 'webFolder'>) {
  const api = express.Router()
  const { serve, unserved } = serving(api, people, streams)
  api.use((_request, response, next) => {
    response.set('Cache-Control', 'no-store')
    next()
  })
  healthRoutes(serve, pool, version)
  docsRoutes(serve, api, references, version)
  api.use(sameOrigin)
  // The calculations know no session; each of the two has a budget of requests of its own.
  api.use('/calc', usualRate('calc', requestsAMinute))
  calcRoutes(serve, references, calculations)
  api.use(
    session({
      name: sessionCookie,
      secret,
      resave: false,
      saveUninitialized: false,
      rolling: true,
      cookie: { httpOnly: true, sameSite: 'strict', maxAge: sessionIdleMs, secure: 'auto' },
      store: sessions,
    }),
  )
  api.use(usualRate('api', requestsAMinute))
  if (devicesAt !== null) api.use('/devices', forwardTo(devicesAt))
  sessionRoutes(serve, pool, people)
  startRoutes(serve, pool, people, reach.asksWord)
  peopleRoutes(serve, pool, people)
  siteRoutes(serve, pool, references)
  registerRoutes(serve, pool, references)
  counterRoutes(serve, pool, references)
  shelfRoutes(serve, pool)
  jobRoutes(serve, pool, references, watch)
  roundRoutes(serve, pool, references, watch)
  logRoutes(serve, pool, references)
  deviceRoutes(serve, pool, references, { runs, heater, gauge, analyser })
  const missing = unserved()
  if (missing.length > 0) throw new Error(`routes of the contract that nobody serves: ${missing.join(', ')}`)
  api.use((request) => {
    throw new NotFoundError('address', `/api${request.path}`, '/api/docs lists the addresses there are.')
  })
  return api
}

function serveWeb(app: Express, folder: string): void {
  const index = join(folder, 'index.html')
  if (!existsSync(index)) throw new Error(`No built web app in ${folder}: run "npm run build" first`)
  // Built files carry a hash in their name and never change; the page that names them must not be kept.
  app.use('/assets', express.static(join(folder, 'assets'), { immutable: true, maxAge: '1y', fallthrough: false }))
  app.use(express.static(folder, { index: false, maxAge: '1h' }))
  app.get('/{*path}', (_request, response) => {
    response.set('Cache-Control', 'no-cache').sendFile(index)
  })
}
