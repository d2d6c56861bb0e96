import * as fc from 'fast-check';

/**
 * The properties try the same random cases in every run, so that a run says of a change what it would say again.
 * `PROPERTY_SEED=any npm run unit` tries new ones; a number repeats the ones of a failure.
 */
const asked = process.env['PROPERTY_SEED'];
if (asked !== 'any') fc.configureGlobal({ seed: Number(asked ?? 20260620) });
