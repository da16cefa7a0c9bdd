import { spawn, type ChildProcess } from 'node:child_process';
import { chmodSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { node, root } from '../scripts/lib/project.mjs';

/** The start command as a person runs it, on a data folder and a port of its own. */
export class NpmStart {
  said = '';
  private heard: () => void = () => undefined;
  private readonly ended: Promise<number | null>;

  private constructor(
    readonly data: string,
    private readonly child: ChildProcess,
  ) {
    for (const stream of [child.stdout, child.stderr]) {
      stream?.on('data', (chunk) => {
        this.said += String(chunk);
        this.heard();
      });
    }
    this.ended = new Promise((done) => child.once('exit', done));
  }

  static folder(): string {
    const data = mkdtempSync(join(tmpdir(), 'hopsk-start-'));
    // The database's own user must be able to enter it.
    chmodSync(data, 0o711);
    return data;
  }

  static on(data: string, ...options: string[]): NpmStart {
    const args = [join(root, 'scripts/start.mjs'), '--port', '0', '--data', data, ...options];
    const { DATABASE_URL: _, ...env } = process.env;
    return new NpmStart(data, spawn(node, args, { cwd: root, env, detached: true, stdio: ['ignore', 'pipe', 'pipe'] }));
  }

  /** A first start that is waited for. */
  static async begin(...options: string[]): Promise<NpmStart> {
    const start = NpmStart.on(NpmStart.folder(), ...options);
    await start.address();
    return start;
  }

  /** The address that it prints at the end; fails with all it said when it ends before. */
  async address(pattern = /Hopsk is at (\S+)/): Promise<string> {
    for (;;) {
      const found = pattern.exec(this.said)?.[1];
      if (found !== undefined && this.said.includes('Ctrl-C stops it.')) return found;
      const over = await Promise.race([this.ended.then(() => true), this.more()]);
      if (over && !pattern.test(this.said)) throw new Error(`npm start ended:\n${this.said}`);
    }
  }

  private more(): Promise<false> {
    return new Promise((done) => (this.heard = () => done(false)));
  }

  /** Waits until it has said so. */
  async says(pattern: RegExp): Promise<void> {
    while (!pattern.test(this.said)) if (await Promise.race([this.ended.then(() => true), this.more()])) break;
    if (!pattern.test(this.said)) throw new Error(`npm start ended without ${String(pattern)}:\n${this.said}`);
  }

  /** The number of its server's process. */
  server(): number {
    const children = readFileSync(`/proc/${this.child.pid}/task/${this.child.pid}/children`, 'utf8').trim().split(' ');
    const found = children.find((pid) => readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes('server/dist/main.mjs'));
    if (found === undefined) throw new Error('There is no server.');
    return Number(found);
  }

  /** A signal that it goes on after. */
  tell(signal: NodeJS.Signals): void {
    this.child.kill(signal);
  }

  /** Ctrl-C or another signal; gives the exit code. */
  stop(signal: NodeJS.Signals = 'SIGTERM'): Promise<number | null> {
    this.child.kill(signal);
    return this.ended;
  }

  /** Waits for it to end by itself. */
  exit(): Promise<number | null> {
    return this.ended;
  }

  /** Stops it and takes its data away. */
  async end(): Promise<void> {
    await this.stop();
    rmSync(this.data, { recursive: true, force: true });
  }
}
