declare module 'munkres-js' {
  /** Row and column of each assignment of least total cost. */
  export default function computeMunkres(costs: readonly (readonly number[])[]): [number, number][];
}
