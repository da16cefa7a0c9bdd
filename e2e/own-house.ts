import { restore } from '../scripts/lib/backup.mjs';
import { throwAwayPostgres } from '../scripts/lib/house.mjs';
import { ensureDatabase, fillDatabase, startPostgres } from '../scripts/lib/postgres.mjs';
import { startServer } from '../scripts/lib/server.mjs';

/** An application of its own for a test that breaks it: its server and its database can be killed and come back at the same place. */
export class OwnHouse {
  private constructor(
    readonly port: number,
    private readonly postgres: Awaited<ReturnType<typeof throwAwayPostgres>>,
    readonly databaseUrl: string,
    private server: Awaited<ReturnType<typeof startServer>>,
  ) {}

  /** With the demo club, as the house of all tests began with it. */
  static open(): Promise<OwnHouse> {
    return OwnHouse.on(async (postgres) => {
      await ensureDatabase(postgres.address('postgres'), 'hopsk_own');
      await restore(postgres.address('hopsk_own'), process.env['HOPSK_E2E_DEMO'] ?? '');
      return postgres.address('hopsk_own');
    });
  }

  /** With nobody in it yet. */
  static empty(): Promise<OwnHouse> {
    return OwnHouse.from('');
  }

  /** On a database as an earlier version left it. */
  static from(sql: string): Promise<OwnHouse> {
    return OwnHouse.on(async (postgres) => {
      await ensureDatabase(postgres.address('postgres'), 'hopsk_own');
      await fillDatabase(postgres.address('hopsk_own'), sql);
      return postgres.address('hopsk_own');
    });
  }

  private static async on(fill: (postgres: Awaited<ReturnType<typeof throwAwayPostgres>>) => Promise<string>): Promise<OwnHouse> {
    const postgres = await throwAwayPostgres();
    const url = await fill(postgres);
    const server = await OwnHouse.serve(postgres.data, url, 0);
    return new OwnHouse(server.port, postgres, url, server);
  }

  private static serve(data: string, url: string, port: number): ReturnType<typeof startServer> {
    return startServer(data, { DATABASE_URL: url, HOPSK_PORT: String(port), HOPSK_LOG: 'silent' });
  }

  get url(): string {
    return `http://127.0.0.1:${this.port}`;
  }

  /** As a power cut would: no farewell. */
  async killServer(): Promise<void> {
    this.server.child.kill('SIGKILL');
    await this.server.ended;
  }

  async reviveServer(): Promise<void> {
    this.server = await OwnHouse.serve(this.postgres.data, this.databaseUrl, this.port);
  }

  /** Stops PostgreSQL and leaves its data where it is. */
  async stopDatabase(): Promise<void> {
    const again = await startPostgres(this.postgres.data, { throwAway: true });
    await again.stop();
  }

  async reviveDatabase(): Promise<void> {
    await startPostgres(this.postgres.data, { throwAway: true, wish: this.postgres.port });
  }

  async close(): Promise<void> {
    await this.server.stop();
    await this.postgres.stop();
  }
}
