import { TextEncoder } from 'node:util';

/** jsdom has no TextEncoder, which every browser has. */
globalThis.TextEncoder ??= TextEncoder;
