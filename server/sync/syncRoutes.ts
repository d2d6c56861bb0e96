import express, { Router, type ErrorRequestHandler, type Request, type RequestHandler } from 'express';
import Joi from 'joi';
import {
  MAX_BLOCKS_SENT,
  MAX_SEALED_BYTES,
  type Admission,
  type ExchangeRequest,
  type KeyChange,
  type SyncRefusal,
  type SyncServerInfo,
} from '../../src/core/sync/protocol';
import { Refused, type SyncStore } from './syncStore';

/** Base64 of a block, and a request with the rest of it. */
const MAX_SEALED_TEXT = Math.ceil((MAX_SEALED_BYTES * 4) / 3) + 4;
const LARGEST_REQUEST = 2 * MAX_SEALED_TEXT;
/** Writers of a garden: each device has one, and a new one when a server lost something. */
const MAX_WRITERS = 5_000;
const MAX_HAND_OVER = 2_000;
const MAX_OLDER_KEYS = 200_000;

const address = Joi.string().pattern(/^[\w-]{22}$/);
const name = Joi.string().pattern(/^[\w-]{1,40}$/);
const number = Joi.number().integer().min(1).max(10_000_000);
const base64 = Joi.string().base64();
const generation = Joi.number().integer().min(0).max(1_000_000);

const ADMISSION = Joi.object<Admission>({
  member: name.required(),
  token: address.required(),
  admit: address.required(),
  generation: generation.required(),
});

const EXCHANGE = Joi.object<ExchangeRequest>({
  have: Joi.object().pattern(name, number).max(MAX_WRITERS).required(),
  blocks: Joi.array()
    .items(
      Joi.object({
        writer: name.required(),
        number: number.required(),
        sealed: base64.max(MAX_SEALED_TEXT).required(),
      }),
    )
    .max(MAX_BLOCKS_SENT)
    .required(),
});

const KEY_CHANGE = Joi.object<KeyChange>({
  admit: address.required(),
  generation: generation.required(),
  olderKeys: base64.allow('').max(MAX_OLDER_KEYS).required(),
});

const HAND_OVER = Joi.object<{ readonly sealed: string }>({ sealed: base64.max(MAX_HAND_OVER).required() });

const STATUS: Readonly<Record<SyncRefusal, number>> = {
  unknownGarden: 404,
  unknownMember: 401,
  removed: 403,
  wrongKey: 403,
  exists: 409,
  malformed: 400,
  tooLarge: 413,
  notThere: 404,
};

export interface SyncRoutesOptions {
  /** Opened when it is first needed: most who start the program work on one device. */
  readonly store: () => Promise<SyncStore>;
  /** By which phones reach this computer, with what lets them in. */
  readonly addresses: () => readonly string[];
}

/** What devices ask of the server, below `/api/sync`. */
export function syncRoutes({ store, addresses }: SyncRoutesOptions): Router {
  const router = Router();
  router.use(express.json({ limit: LARGEST_REQUEST }));
  router.use((_request, response, next) => {
    response.set('Cache-Control', 'no-store');
    next();
  });
  router.get('/', (_request, response) => {
    response.json({ sync: 1, addresses: addresses() } satisfies SyncServerInfo);
  });
  router.put(
    '/gardens/:address',
    does(async (request) => (await store()).begin(addressIn(request), read(ADMISSION, request))),
  );
  router.post(
    '/gardens/:address/members',
    does(async (request) => (await store()).join(addressIn(request), read(ADMISSION, request))),
  );
  router.post(
    '/gardens/:address/exchange',
    does(async (request) =>
      (await store()).exchange(addressIn(request), tokenIn(request), read(EXCHANGE, request)),
    ),
  );
  router.put(
    '/gardens/:address/key',
    does(async (request) =>
      (await store()).changeKey(addressIn(request), tokenIn(request), read(KEY_CHANGE, request)),
    ),
  );
  router.delete(
    '/gardens/:address/members/:member',
    does(async (request) =>
      (await store()).remove(addressIn(request), tokenIn(request), checked(name, request.params['member'])),
    ),
  );
  router.put(
    '/gardens/:address/hand-overs/:place',
    does(async (request) =>
      (await store()).handOver(
        addressIn(request),
        tokenIn(request),
        checked(address, request.params['place']),
        read(HAND_OVER, request).sealed,
      ),
    ),
  );
  router.post(
    '/hand-overs/:place',
    does(async (request) => ({
      sealed: await (await store()).takeHandOver(checked(address, request.params['place'])),
    })),
  );
  router.use((_request, response) => void response.status(404).json({ why: 'malformed' }));
  router.use(refuse);
  return router;
}

/** Answers with what a job gives; nothing is an empty object. */
const does =
  (job: (request: Request) => Promise<unknown>): RequestHandler =>
  async (request, response) => {
    response.json((await job(request)) ?? {});
  };

function checked<T>(schema: Joi.Schema<T>, value: unknown): T {
  const { error, value: sound } = schema.validate(value, { convert: false, presence: 'required' });
  if (error) throw new Refused('malformed');
  return sound as T;
}

const read = <T>(schema: Joi.ObjectSchema<T>, request: Request): T => checked(schema, request.body);
const addressIn = (request: Request): string => checked<string>(address, request.params['address']);
const tokenIn = (request: Request): string =>
  checked<string>(address, /^Bearer ([\w-]+)$/.exec(request.headers.authorization ?? '')?.[1]);

/** In words for programs alone: what went wrong inside is told to nobody outside. */
const refuse: ErrorRequestHandler = (error: unknown, _request, response, next) => {
  if (response.headersSent) next(error);
  else if (error instanceof Refused) response.status(STATUS[error.why]).json({ why: error.why });
  else {
    const { status } = error as { readonly status?: number };
    if (status === 413) response.status(413).json({ why: 'tooLarge' });
    else if (status !== undefined && status < 500) response.status(400).json({ why: 'malformed' });
    else {
      console.error(error);
      response.status(500).json({});
    }
  }
};
