import { unionFind } from "../util/index.ts";
import { type CircuitFinding, given, portsAt, type Solved } from "./finding.ts";
import type { JobNetwork } from "./jobNetwork.ts";
import { GROUND } from "./network.ts";
import type { PointElement } from "./ports.ts";
import { opensWithin } from "./usual.ts";

/** More than everything on that copper could draw, A. */
const SHORT = 40;
export function shortsIn(solved: Solved): readonly CircuitFinding[] {
  const { network, states } = solved;
  const limitOf = limits(solved);
  const grounded = netsOnGround(network);
  const found = new Map<string, CircuitFinding>();
  for (const { key, point } of states) {
    const say = (net: string, amps: number, fuse: PointElement | undefined): void => {
      const before = found.get(net);
      // Where supply and ground are one piece of copper, thin wires and large loads change nothing of it.
      const most = grounded.has(net) ? 1 : limitOf(net);
      if (amps <= most || (before?.kind === "short" && amps <= before.amps)) return;
      found.set(net, {
        kind: "short",
        severity: "stop",
        pins: portsAt(network, net),
        amps,
        key,
        fuse: fuse === undefined || fuse.fuse === null ? null : fuse.name,
        within:
          fuse?.fuse?.amps === undefined || fuse.fuse.amps === null
            ? null
            : opensWithin(amps / fuse.fuse.amps),
      });
    };
    for (const port of network.ports)
      if (port.kind.kind === "feed" || port.kind.kind === "drives" || port.kind.kind === "pulls")
        if (port.kind.kind !== "pulls" || !grounded.has(port.net))
          say(port.net, given(point, port), undefined);
    for (const one of network.points)
      if (one.polarity === "supply") say(one.net, point.amps.get(one.element) ?? 0, one);
  }
  return [...found.values()];
}

/** Copper that is ground. */
const netsOnGround = ({ ports, points }: JobNetwork): ReadonlySet<string> =>
  new Set([
    ...ports.filter(({ kind }) => kind.kind === "ground").map(({ net }) => net),
    ...points.filter(({ polarity }) => polarity === "ground").map(({ net }) => net),
  ]);

/** What may flow at most into each piece of copper, A: half as much again as all loads that it reaches, and the start of a short. */
function limits({ network, dossier }: Solved): (net: string) => number {
  const joined = unionFind();
  const apart = new Set([GROUND, "battery post", ...network.railNode.values(), ...network.partGrounds]);
  for (const { a, b } of network.elements) if (!apart.has(a) && !apart.has(b)) joined.join(a, b);
  const wanted = new Map<string, number>();
  for (const { kind, node } of network.ports) {
    if (kind.kind !== "load" && kind.kind !== "pulled-load") continue;
    const { load } = kind;
    if (load.kind === "listens") continue;
    const amps =
      load.kind === "lamp" || load.kind === "led" ? load.watts / dossier.head.nominalVolts : load.amps;
    const root = joined.find(node);
    wanted.set(root, (wanted.get(root) ?? 0) + amps);
  }
  return (net) => SHORT + 1.5 * (wanted.get(joined.find(net)) ?? 0);
}
