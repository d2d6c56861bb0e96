/** Why a judgement came out as it did. Core names reasons; the catalogue of words puts them in sentences. */
export interface Reason<Code extends string = string> {
  readonly code: Code;
  readonly params: Readonly<Record<string, string | number>>;
}

/**
 * A reason by its code and the values its sentence needs.
 *
 * @example reason('hotDay', { maxC: 31 }) // { code: 'hotDay', params: { maxC: 31 } }
 */
export const reason = <Code extends string>(
  code: Code,
  params: Readonly<Record<string, string | number>> = {},
): Reason<Code> => ({ code, params });
