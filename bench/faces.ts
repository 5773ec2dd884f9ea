import Graph from "graphology";
import { connectedComponents } from "graphology-components";
import { chromium, type Page } from "playwright-core";
import { browserLaunch } from "../scripts/browser.mjs";
import {
  blankConnector,
  blankPin,
  connectorId,
  drawFace,
  emptyDossier,
  faceOf,
  faceSvg,
  fileOf,
  blankPoint,
  joinPointId,
  locateAll,
  looksOf,
  loomWireId,
  nets,
  pinId,
  SHELLS,
  slotsOf,
  trace,
  type Connector,
  type Dossier,
  type Hold,
  type LoomWire,
  type Side,
  type WireEnd,
} from "../packages/core/src/index.ts";
import { median, percentile, round, say, timed } from "./tools.ts";

const COLOURS = ["BK", "RD", "BU/WH", "GN", "YE/RD", "WH", "GY/BK", "BN/YE"];
function connector(shellId: string, name: string, side: Side = "vehicle"): Connector {
  const { shell } = SHELLS.find((one) => one.id === shellId)!;
  const pins = slotsOf(shell).map((slot, i) => ({
    ...blankPin(pinId(`${name}.${slot.label}`), slot.label ?? "", i),
    content: i % 9 === 4 ? ("empty" as const) : ("occupied" as const),
    colour: i % 9 === 4 ? "" : (COLOURS[i % 8] ?? ""),
    function: i % 9 === 4 ? "" : `Sensor ${i}`,
    size: 0.5,
  }));
  return { ...blankConnector(connectorId(name), name, side), shell, pins };
}
const dossierOf = (connectors: readonly Connector[]): Dossier => ({
  ...emptyDossier({
    name: `${connectors.length} connectors`,
    kind: "engine-swap",
    vehicle: "",
    incoming: "",
    nominalVolts: 12,
    method: "move",
  }),
  connectors,
});

/** Sixty connectors of 68 ways, and wires of two to four ends between their pins and 300 splices. */
function largeLoom(wires: number): Dossier {
  const dossier = dossierOf(
    Array.from({ length: 60 }, (_, i) =>
      connector("header-68", `E${i}`, i % 2 === 0 ? "vehicle" : "incoming"),
    ),
  );
  const points = Array.from({ length: 300 }, (_, i) => blankPoint(joinPointId(`S${i}`), `S${i}`, "splice"));
  const pins = dossier.connectors.flatMap((one) => one.pins.filter((pin) => pin.content !== "empty"));
  let seed = 7;
  const next = (limit: number): number => (seed = (seed * 1103515245 + 12345) % 2147483648) % limit;
  const end = (): WireEnd =>
    next(3) === 0
      ? { at: "point", point: points[next(300)]!.id }
      : { at: "pin", pin: pins[next(pins.length)]!.id };
  const list = Array.from({ length: wires }, (_, i): LoomWire => ({
    id: loomWireId(`w${i}`),
    ends: [{ at: "pin", pin: pins[i % pins.length]!.id }, end(), ...(i % 10 === 0 ? [end()] : [])],
    colour: "",
    colourSystem: null,
    size: null,
    circuit: "",
    bundle: null,
  }));
  return { ...dossier, points, wires: list };
}

/** Faces and wires in core, each beside a package or the same work at a smaller size. */
export function faces(): void {
  const draw = (id: string, hold: Hold): (() => unknown) => {
    const one = connector(id, "X");
    const face = faceOf(one)!;
    const looks = looksOf(one);
    return () =>
      faceSvg(drawFace(face, { hold, width: 1240, maxPitch: 52, looks }), {
        title: "",
        subtitle: "",
        cavities: new Map(),
      });
  };
  const big = median(15, draw("header-121", { view: "mating", grip: "up" }));
  const flipped = median(15, draw("header-121", { view: "wire", grip: "down" }));
  const small = median(15, draw("sealed-14-stepped", { view: "mating", grip: "up" }));
  say(
    `face of 121 ways to SVG: ${round(big)} ms, turned over and upside down ${round(flipped)} ms (14 ways ${round(small)} ms, ratio ${round(big / small)}); all its locators ${round(median(9, () => locateAll(faceOf(connector("header-121", "Y"))!, { view: "wire", grip: "left" })))} ms`,
  );
  const loom = largeLoom(3000);
  const ours = median(7, () => nets({ ...loom }));
  const graph = median(7, () => {
    const built = new Graph({ multi: true, allowSelfLoops: true });
    const key = (end: WireEnd): string => {
      if (end.at === "pin") return end.pin;
      return end.at === "point" ? end.point : "";
    };
    for (const { ends } of loom.wires) {
      for (const end of ends) built.mergeNode(key(end));
      for (const end of ends.slice(1)) built.addEdge(key(ends[0]!), key(end));
    }
    return connectedComponents(built);
  });
  say(
    `connectivity of 3,000 wires, ${loom.connectors.length} connectors: ${nets(loom).length} nets in ${round(ours)} ms (graphology ${round(graph)} ms, ratio ${round(ours / graph)}); one wire followed ${round(median(7, () => trace({ ...loom }, loom.connectors[0]!.pins[0]!.id)))} ms`,
  );
}

/** A job of 60 connectors in a real browser, beside one of two. */
export async function openFaces(base: string): Promise<void> {
  const browser = await chromium.launch(browserLaunch());
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await page.addInitScript(() => localStorage.removeItem("trevin.view"));
    const small = await open(
      page,
      base,
      dossierOf([connector("header-121", "E0"), connector("header-121", "E1", "incoming")]),
    );
    const large = await open(page, base, largeLoom(3000));
    say(
      `faces of a job with 60 connectors, 4,080 cavities, 3,000 wires: open ${round(large.open)} ms (2 connectors of 121: ${round(small.open)}, ratio ${round(large.open / small.open)}); another cavity in hand ${round(large.pick)} ms (${round(small.pick)}); turned over ${round(large.turn)} ms (121 ways: ${round(small.turn)})`,
    );
  } finally {
    await browser.close();
  }
}

async function open(
  page: Page,
  base: string,
  dossier: Dossier,
): Promise<{ readonly open: number; readonly pick: number; readonly turn: number }> {
  const answer = await page.request.post(`${base}/imports`, { data: fileOf({ dossier, ledger: [] }) });
  const { id } = (await answer.json()) as { id: string };
  const hand = page.getByLabel("The cavity in hand");
  const opened = await timed(async () => {
    await page.goto(`${base.replace("/api/v1", "")}/jobs/${id}/faces`);
    await hand.waitFor();
  });
  const times = async (
    labels: readonly string[],
    work: (label: string) => Promise<void>,
  ): Promise<number> => {
    const all: number[] = [];
    for (const label of labels) all.push(await timed(() => work(label)));
    return percentile(all, 0.5);
  };
  const pick = await times(["20", "40", "60"], async (label) => {
    await page.getByRole("button", { name: new RegExp(`^Cavity ${label}:`) }).click();
    await hand.getByText(label, { exact: true }).waitFor();
  });
  const turn = await times(["mating face", "wire side", "mating face"], async (view) => {
    await page.keyboard.press("v");
    await page
      .getByRole("group", { name: new RegExp(`, ${view}, lock up`) })
      .first()
      .waitFor();
  });
  return { open: opened, pick, turn };
}
