/** The parts of the chart library that are used here; the partial bundle ships no types of its own. */
declare module "plotly.js-basic-dist-min" {
  export type Trace = Readonly<Record<string, unknown>>;
  interface Plotly {
    react(
      box: HTMLElement,
      traces: readonly Trace[],
      layout: Readonly<Record<string, unknown>>,
      config: Readonly<Record<string, unknown>>,
    ): Promise<unknown>;
    purge(box: HTMLElement): void;
  }
  const plotly: Plotly;
  export default plotly;
}
