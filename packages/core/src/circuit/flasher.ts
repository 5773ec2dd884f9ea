import { pinOf, type CircuitFinding, type Solved } from "./finding.ts";
import { GLOWS } from "./states.ts";

/** Of the two lamps of 21 W on a side (P21W, UN R37), a flasher that watches for a dead one wants this share; below it, it flashes fast (common practice, no source). */
const [SIDE_WATTS, WATCHED] = [42, 0.6];
const TURN = /^(turn|flasher)/;

/** Outputs for turn signals that LED lamps load too little. What a body computer watches is its own secret: the finding asks to look. */
export function flashersIn({ network, states, across, dossier }: Solved): readonly CircuitFinding[] {
  const nominal = dossier.head.nominalVolts;
  const wants = (WATCHED * SIDE_WATTS) / nominal;
  return network.drivers.flatMap(({ element, port }): readonly CircuitFinding[] => {
    if (port.kind.kind !== "drives" || !TURN.test(port.read.reading.thing?.family ?? "")) return [];
    const inRun = states.filter(({ key }) => key === "run");
    const rest = inRun.find(({ drive }) => drive === "none")?.point;
    const point = inRun.find(
      ({ drive }) => typeof drive === "object" && "only" in drive && drive.only === element,
    )?.point;
    if (point === undefined || rest === undefined) return [];
    // Whatever this output alone brings to light, through diodes too.
    const worked = network.ports.filter(
      (one) =>
        "load" in one.kind &&
        Math.abs(across(point, one)) > GLOWS * nominal &&
        Math.abs(across(rest, one)) <= GLOWS * nominal,
    );
    const amps = Math.abs(point.amps.get(element) ?? 0);
    const hasLed = worked.some(({ kind }) => "load" in kind && kind.load.kind === "led");
    return hasLed && amps < wants
      ? [
          {
            kind: "flasher-light",
            severity: "caution",
            pins: [pinOf(port), ...worked.map(pinOf)],
            amps,
            wants,
          },
        ]
      : [];
  });
}
