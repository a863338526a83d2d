import { newDatabase, temporaryApp, temporaryCluster, type TemporaryCluster } from '@yardfrost/tools/temporary-app.ts'
import pg from 'pg'

type RunningApp = Awaited<ReturnType<typeof temporaryApp>>

/** The application on a cluster of its own, which a test may stop and start. */
export class AppUnderTest {
  readonly #cluster: TemporaryCluster
  readonly #database: string
  #app: RunningApp

  private constructor(cluster: TemporaryCluster, database: string, app: RunningApp) {
    this.#cluster = cluster
    this.#database = database
    this.#app = app
  }

  static async start(): Promise<AppUnderTest> {
    const cluster = await temporaryCluster()
    const database = await newDatabase(cluster.cluster, 'app')
    const app = await temporaryApp(database)
    process.env['YARDFROST_URL'] = `http://127.0.0.1:${app.port}`
    return new AppUnderTest(cluster, database, app)
  }

  /** Stops the server and starts it anew on the same data and port. */
  async restart(): Promise<void> {
    const { port } = this.#app
    await this.#app.stop()
    this.#app = await temporaryApp(this.#database, port)
  }

  stopDatabase = () => this.#cluster.cluster.stop()
  startDatabase = () => this.#cluster.cluster.start()

  /** Pulls the plug of the simulated heater. */
  killHeater = () => this.#app.killHeater()

  async query(text: string): Promise<void> {
    const client = new pg.Client({ connectionString: this.#database })
    await client.connect()
    await client.query(text)
    await client.end()
  }

  async remove(): Promise<void> {
    await this.#app.stop()
    await this.#cluster.remove()
  }
}
