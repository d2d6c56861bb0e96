const DEFAULT_PORT = 4317;
const HIGHEST_PORT = 65_535;

/**
 * The port to listen at.
 *
 * @param given what `PORT` says; nothing or an empty text is as good as none.
 * @returns `undefined` when it is no port.
 * @example portFrom('8080') // 8080
 */
export function portFrom(given: string | undefined): number | undefined {
  if (given === undefined || given.trim() === '') return DEFAULT_PORT;
  const port = Number(given);
  return /^\d+$/.test(given.trim()) && port >= 1 && port <= HIGHEST_PORT ? port : undefined;
}
