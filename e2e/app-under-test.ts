import { newDatabase, temporaryApp, temporaryCluster, type TemporaryCluster } from '@yardfrost/tools/temporary-app.ts'
import pg from 'pg'

interface Running {
  cluster: TemporaryCluster
  database: string
  app: Awaited<ReturnType<typeof temporaryApp>>
}

/** The application on a cluster of its own, which a test may stop and start. */
export class AppUnderTest {
  #running: Running | null = null

  /** @param demo - with the made-up plant, or on an empty database */
  async start(demo = true): Promise<void> {
    const cluster = await temporaryCluster()
    const database = await newDatabase(cluster.cluster, 'app')
    const app = await temporaryApp(database, 0, demo)
    process.env['YARDFROST_URL'] = `http://127.0.0.1:${app.port}`
    this.#running = { cluster, database, app }
  }

  get #now(): Running {
    if (!this.#running) throw new Error('the application is not started')
    return this.#running
  }

  /** Stops the server and starts it anew on the same data and port. */
  async restart(): Promise<void> {
    const { port } = this.#now.app
    await this.#now.app.stop()
    this.#now.app = await temporaryApp(this.#now.database, port)
  }

  get database(): string {
    return this.#now.database
  }

  /** Stops the server, drops everything, does something to the empty database, and starts the server on it. */
  async dropEverything(then: (databaseUrl: string) => Promise<void>): Promise<void> {
    const { port } = this.#now.app
    await this.#now.app.stop()
    await this.query('drop schema public cascade; create schema public')
    await then(this.#now.database)
    this.#now.app = await temporaryApp(this.#now.database, port, false)
  }

  stopDatabase = () => this.#now.cluster.cluster.stop()
  startDatabase = () => this.#now.cluster.cluster.start()

  /** Pulls the plug of the simulated heater. */
  killHeater = () => this.#now.app.killHeater()

  async query(text: string): Promise<void> {
    const client = new pg.Client({ connectionString: this.#now.database })
    await client.connect()
    await client.query(text)
    await client.end()
  }

  async remove(): Promise<void> {
    await this.#running?.app.stop()
    await this.#running?.cluster.remove()
  }
}
