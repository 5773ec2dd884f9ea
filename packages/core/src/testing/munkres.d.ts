declare module "munkres-js" {
  /** Row and column of each pair of the cheapest assignment; the matrix is changed. */
  export default function munkres(matrix: number[][]): [number, number][];
}
