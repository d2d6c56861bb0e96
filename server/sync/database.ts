import type { PGlite } from '@electric-sql/pglite';
import { mkdirSync } from 'node:fs';
import { MIGRATIONS } from './migrations';

/** A PostgreSQL, wherever it runs. */
export interface Database {
  /** Rows of one statement. */
  query<T>(sql: string, values?: readonly unknown[]): Promise<T[]>;
  /** Statements without values, all or none. */
  run(sql: string): Promise<void>;
  close(): Promise<void>;
}

export interface DatabaseOptions {
  /** Of a real PostgreSQL; without it one runs in this process. */
  readonly url?: string | undefined;
  /** Where that one stores its files; in memory where nothing is said. */
  readonly folder?: string | undefined;
}

/** Opens the database and brings its tables up to date. */
export async function openDatabase({ url, folder }: DatabaseOptions): Promise<Database> {
  const database = url ? await openServer(url) : await openEmbedded(folder);
  try {
    await migrate(database);
  } catch (error) {
    await database.close();
    throw error;
  }
  return database;
}

async function openServer(url: string): Promise<Database> {
  const { default: pg } = await import('pg');
  const pool = new pg.Pool({ connectionString: url, max: 8 });
  // A connection that is lost while nobody uses it is opened again by the next who does.
  pool.on('error', () => undefined);
  return {
    query: async <T>(sql: string, values: readonly unknown[] = []) =>
      (await pool.query(sql, [...values])).rows as T[],
    // Without values several statements go as one, in a transaction of their own.
    run: async (sql) => void (await pool.query(sql)),
    close: () => pool.end(),
  };
}

async function openEmbedded(folder: string | undefined): Promise<Database> {
  const { PGlite } = await import('@electric-sql/pglite');
  if (folder) mkdirSync(folder, { recursive: true, mode: 0o700 });
  const embedded: PGlite = await PGlite.create(folder);
  return {
    query: async <T>(sql: string, values: readonly unknown[] = []) =>
      (await embedded.query<T>(sql, [...values])).rows,
    run: (sql) =>
      embedded.transaction(async (transaction) => {
        await transaction.exec(sql);
      }),
    close: () => embedded.close(),
  };
}

/** Two servers that begin at once take turns: the second waits for the lock and finds all done. */
const LOCK = 'select pg_advisory_xact_lock(7326154)';

async function migrate(database: Database): Promise<void> {
  await database.run(
    'create table if not exists migrations (number integer primary key, made timestamptz not null default now())',
  );
  const done = await database.query<{ readonly number: number }>('select number from migrations');
  const newest = Math.max(0, ...done.map(({ number }) => number));
  if (newest > MIGRATIONS.length)
    throw new Error('The database was written by a newer version of this program.');
  for (const [i, sql] of MIGRATIONS.entries()) {
    const number = i + 1;
    if (number <= newest) continue;
    await database
      .run(`${LOCK}; insert into migrations (number) values (${number}); ${sql}`)
      // The other one was first.
      .catch(async (error: unknown) => {
        const there = await database.query('select 1 from migrations where number = $1', [number]);
        if (there.length === 0) throw error;
      });
  }
}
