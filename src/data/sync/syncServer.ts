import type {
  Admission,
  Admitted,
  ExchangeAnswer,
  ExchangeRequest,
  KeyChange,
  SyncRefusal,
  SyncServerInfo,
} from '@/core/sync/protocol';

/** Why a server could not be spoken to, or refused. */
export type SyncTrouble =
  | 'offline'
  /** The program is served by something that stores no blocks. */
  | 'noServer'
  /** It answered with an error of its own: its disk is full, for example. */
  | 'failing'
  | SyncRefusal;

export class SyncError extends Error {
  readonly why: SyncTrouble;

  constructor(why: SyncTrouble) {
    super(why);
    this.why = why;
  }
}

/** What devices ask of a server. All throw {@link SyncError}. */
export interface SyncServer {
  info(): Promise<SyncServerInfo>;
  begin(address: string, admission: Admission): Promise<void>;
  join(address: string, admission: Admission): Promise<Admitted>;
  exchange(address: string, token: string, request: ExchangeRequest): Promise<ExchangeAnswer>;
  changeKey(address: string, token: string, change: KeyChange): Promise<void>;
  remove(address: string, token: string, member: string): Promise<void>;
  handOver(address: string, token: string, place: string, sealed: string): Promise<void>;
  takeHandOver(place: string): Promise<string>;
}

/** So long an answer is waited for, ms: on a weak signal a block takes some. */
const PATIENCE_MS = 60_000;

/** The server that serves the program. */
export class HttpSyncServer implements SyncServer {
  readonly #base: string;

  /** @param base of its addresses; of the page, where nothing is said. */
  constructor(base = '') {
    this.#base = `${base}/api/sync`;
  }

  info = (): Promise<SyncServerInfo> => this.#ask('GET', '');
  begin = (address: string, admission: Admission): Promise<void> =>
    this.#ask('PUT', `/gardens/${address}`, { body: admission });
  join = (address: string, admission: Admission): Promise<Admitted> =>
    this.#ask('POST', `/gardens/${address}/members`, { body: admission });
  exchange = (address: string, token: string, request: ExchangeRequest): Promise<ExchangeAnswer> =>
    this.#ask('POST', `/gardens/${address}/exchange`, { token, body: request });
  changeKey = (address: string, token: string, change: KeyChange): Promise<void> =>
    this.#ask('PUT', `/gardens/${address}/key`, { token, body: change });
  remove = (address: string, token: string, member: string): Promise<void> =>
    this.#ask('DELETE', `/gardens/${address}/members/${encodeURIComponent(member)}`, { token });
  handOver = (address: string, token: string, place: string, sealed: string): Promise<void> =>
    this.#ask('PUT', `/gardens/${address}/hand-overs/${place}`, { token, body: { sealed } });
  takeHandOver = async (place: string): Promise<string> =>
    (await this.#ask<{ readonly sealed: string }>('POST', `/hand-overs/${place}`)).sealed;

  async #ask<T>(
    method: string,
    path: string,
    { token, body }: { token?: string; body?: object } = {},
  ): Promise<T> {
    const response = await fetch(this.#base + path, {
      method,
      headers: {
        ...(body && { 'Content-Type': 'application/json' }),
        ...(token && { Authorization: `Bearer ${token}` }),
      },
      ...(body && { body: JSON.stringify(body) }),
      cache: 'no-store',
      signal: AbortSignal.timeout(PATIENCE_MS),
    }).catch(() => undefined);
    if (!response) throw new SyncError('offline');
    const answer = (await response.json().catch(() => undefined)) as
      (T & { readonly why?: SyncRefusal }) | undefined;
    // Whatever else serves the program answers with pages.
    if (answer === undefined) throw new SyncError(response.status >= 500 ? 'failing' : 'noServer');
    if (!response.ok) throw new SyncError(answer.why ?? 'failing');
    return answer;
  }
}
