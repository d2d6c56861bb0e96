/** The package itself, loaded outside of Jest's sandbox by the environment of the tests. */
module.exports = { PGlite: { create: (...args) => globalThis.openPglite(...args) } };
