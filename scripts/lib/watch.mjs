/** How often one that ended by itself is started again, and in what time (ms): more often than that, something else is wrong. */
const [MOST, WITHIN] = [5, 600_000];
/** From one look at the database to the next (ms). */
const LOOKS = 2_000;
/** From a start that failed to the next (ms). */
const PAUSE = 1_500;

/**
 * Keeps a server and its database running: one that ended by itself is started again, at most so often, and it is said.
 * `begin` starts the server for a database and gives it; `database` is null where it is somebody else's; `startDatabase` starts it
 * again, at the same place where that is free; `give` ends it all when nothing helps.
 */
export class Watch {
  ended = [];
  leaving = false;
  timer = null;

  constructor({ database, startDatabase, begin, give }) {
    Object.assign(this, { database, startDatabase, begin, give });
  }

  async start() {
    this.server = await this.begin(this.database);
    this.watchServer();
    if (this.database) this.look();
    return this.server;
  }

  async stop() {
    this.leaving = true;
    clearTimeout(this.timer);
    await this.server?.stop();
    await this.database?.stop();
  }

  watchServer() {
    const { server } = this;
    void server.ended.then((code) => {
      if (this.leaving || this.server !== server) return;
      void this.again(`The server ended by itself (${code})`, async () => {
        this.server = await this.begin(this.database, server.port);
        // Whoever left meanwhile leaves nothing behind.
        if (this.leaving) await this.server.stop();
        else this.watchServer();
      });
    });
  }

  look() {
    this.timer = setTimeout(async () => {
      if (!this.database.runs())
        await this.again('The database ended by itself', async () => {
          const { port } = this.database;
          this.database = await this.startDatabase(port);
          if (this.database.port === port) return;
          const before = this.server;
          this.server = null;
          await before.stop();
          this.server = await this.begin(this.database, before.port);
          this.watchServer();
        });
      if (!this.leaving) this.look();
    }, LOOKS);
  }

  async again(what, work) {
    const now = Date.now();
    this.ended = [...this.ended.filter((at) => now - at < WITHIN), now];
    if (this.ended.length > MOST) return this.give(`${what}, for the ${this.ended.length}th time in ten minutes.`);
    console.error(`${new Date(now).toLocaleTimeString()} ${what}; it is started again.`);
    try {
      await work();
      console.error(`${new Date().toLocaleTimeString()} It is there again.`);
    } catch (error) {
      // One may wait for the other: the server for its database.
      await new Promise((done) => setTimeout(done, PAUSE));
      if (!this.leaving) await this.again(`It did not start (${error.message.split('\n')[0]})`, work);
    }
  }
}
