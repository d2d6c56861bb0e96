import { TextDecoder, TextEncoder } from 'node:util';

/** jsdom has neither, which every browser has. */
globalThis.TextEncoder ??= TextEncoder;
globalThis.TextDecoder ??= TextDecoder as typeof globalThis.TextDecoder;
