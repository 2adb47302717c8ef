import { type ChildProcess, execFileSync, spawn } from 'node:child_process';
import { createHash, randomUUID } from 'node:crypto';
import { cpSync, existsSync, mkdirSync, readdirSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { MOMENT } from './moments';

/** What a shop holds when a test begins: the made-up orchard, or nothing at all. */
export type Kind = 'demo' | 'empty';

const PLACE = resolve('var/e2e');

/** What a made-up shop is made from: where one of these changes, it is made anew. */
const MADE_FROM = ['src', 'core/src', 'core/data', 'demo', 'migrations', 'config', 'composer.json', 'versions.json'];

/** How long before the test the made-up shop was made, in seconds. */
const BEFORE_S = 60;

const PATIENCE_MS = 60_000;

/** The state of the files that shops are made from, and of the moment that they are made for. */
function state(): string {
  const hash = createHash('sha256').update(MOMENT.at.toISOString()).update(MOMENT.zone);
  for (const place of MADE_FROM) {
    const files = place.includes('.')
      ? [place]
      : readdirSync(place, { recursive: true, withFileTypes: true })
          .filter((entry) => entry.isFile())
          .map((entry) => join(entry.parentPath, entry.name))
          .sort();
    for (const file of files) {
      hash.update(file).update(readFileSync(file));
    }
  }
  return hash.digest('hex').slice(0, 16);
}

/** Where the made-up shop of a kind is kept, for the state that the code is in. */
const kept = (kind: Kind, of: string) => join(PLACE, 'made', `${kind}-${of}`);

/** Writes down for the shop's processes that it is now this moment. */
const setClock = (file: string, at: Date) => writeFileSync(file, `${at.toISOString()} ${Date.now() / 1000}`);

/** Makes the shops that tests copy, where they are not there yet. Those of other states are cleared away. */
export function make(): void {
  const of = state();
  const place = join(PLACE, 'made');
  mkdirSync(place, { recursive: true });
  for (const old of readdirSync(place).filter((name) => !name.endsWith(of) && !process.env.WUBBIN_MOMENT)) {
    rmSync(join(place, old), { recursive: true });
  }
  for (const kind of ['empty', 'demo'] as const) {
    if (existsSync(kept(kind, of))) {
      continue;
    }
    const made = join(place, `${randomUUID()}-${of}`);
    mkdirSync(join(made, 'shop'), { recursive: true });
    const clock = join(made, 'clock');
    setClock(clock, new Date(MOMENT.at.getTime() - BEFORE_S * 1000));
    const wubbin = (command: string) =>
      execFileSync('bin/wubbin', [command], {
        // As tests run it: pictures that they have examined are not examined again.
        env: { ...process.env, ...environment(made), WUBBIN_ENV: 'test' },
        stdio: ['ignore', 'ignore', 'inherit'],
      });
    wubbin('migrate');
    if (kind === 'demo') {
      liveIn(made, MOMENT.zone);
      wubbin('demo');
    }
    // A shop without one says so on its pages.
    wubbin('backup');
    renameSync(made, kept(kind, of));
  }
}

/** The people of a shop that is being made live in this zone. */
function liveIn(made: string, zone: string): void {
  const code =
    'require "vendor/autoload.php"; [, $file, $zone] = $argv; $shop = new PDO("sqlite:" . $file); ' +
    '$record = ["zone" => $zone] + Wubbin\\Measure\\Settings::standard()->toRecord(); ' +
    '$shop->prepare("INSERT INTO setting VALUES (\'settings\', ?)")->execute([json_encode($record)]);';
  execFileSync('php', ['-d', 'display_errors=stderr', '-r', code, join(made, 'shop', 'wubbin.sqlite'), zone]);
}

const environment = (place: string) => ({
  WUBBIN_DATA: join(place, 'shop'),
  WUBBIN_BACKUPS: join(place, 'backups'),
  WUBBIN_CLOCK: join(place, 'clock'),
});

/** One server for each of the tests' processes; what it serves is laid anew for each test. */
export class Opened {
  private worker: ChildProcess | undefined;

  private constructor(
    readonly address: string,
    private readonly place: string,
    private readonly server: ChildProcess,
    private readonly of: string,
  ) {}

  static async start(): Promise<Opened> {
    const place = join(tmpdir(), `wubbin-page-${process.pid}-${randomUUID()}`);
    mkdirSync(place, { recursive: true });
    const port = await free();
    const settings = [
      'display_errors=0',
      'opcache.enable_cli=1',
      'memory_limit=512M',
      'upload_max_filesize=64M',
      'post_max_size=66M',
    ];
    const server = spawn(
      'php',
      [...settings.flatMap((one) => ['-d', one]), '-S', `127.0.0.1:${port}`, '-t', 'public', 'public/router.php'],
      {
        env: { ...process.env, ...environment(join(place, 'now')), PHP_CLI_SERVER_WORKERS: '4' },
        stdio: 'ignore',
        detached: true,
      },
    );
    const opened = new Opened(`http://127.0.0.1:${port}`, place, server, state());
    // It answers where there is a shop.
    opened.put('empty');
    for (const until = Date.now() + PATIENCE_MS; ; await new Promise((on) => setTimeout(on, 30))) {
      try {
        if ((await fetch(`${opened.address}/api/settings`)).ok) {
          break;
        }
      } catch (e) {
        if (Date.now() > until) {
          throw e;
        }
      }
    }
    await opened.clear();
    return opened;
  }

  /** Lays a fresh shop before the server, with somebody who does its long work, and says what time it is there. */
  lay(kind: Kind): Date {
    const fresh = this.put(kind);
    this.worker = spawn('php', ['-d', 'memory_limit=1G', 'bin/wubbin', 'work'], {
      env: { ...process.env, ...environment(fresh) },
      stdio: 'ignore',
      detached: true,
    });
    return MOMENT.at;
  }

  private put(kind: Kind): string {
    const now = join(this.place, 'now');
    cpSync(kept(kind, this.of), now, { recursive: true });
    setClock(join(now, 'clock'), MOMENT.at);
    return now;
  }

  /** Ends the work of this test's shop, and clears it away: the next one stands at the same place. */
  async clear(): Promise<void> {
    await ended(this.worker);
    const gone = join(this.place, randomUUID());
    renameSync(join(this.place, 'now'), gone);
    rmSync(gone, { recursive: true, force: true });
  }

  async stop(): Promise<void> {
    await ended(this.worker);
    await ended(this.server);
    rmSync(this.place, { recursive: true, force: true });
  }
}

/** Ends a process and all that it has started. */
async function ended(process_: ChildProcess | undefined): Promise<void> {
  if (process_?.pid === undefined || process_.exitCode !== null || process_.signalCode !== null) {
    return;
  }
  const gone = new Promise((over) => process_.once('exit', over));
  process.kill(-process_.pid, 'SIGKILL');
  await gone;
}

function free(): Promise<number> {
  return new Promise((found, failed) => {
    const asked = createServer();
    asked.once('error', failed);
    asked.listen(0, '127.0.0.1', () => {
      const place = asked.address();
      asked.close(() => found(typeof place === 'object' && place !== null ? place.port : 0));
    });
  });
}
