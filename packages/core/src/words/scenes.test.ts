import { describe, expect, it } from "vitest";
import { applyCommand } from "../dossier/index.ts";
import { decisionId, indexPins, pinName, type Decision } from "../model/index.ts";
import { present } from "../util/index.ts";
import { sceneOf, type Scene } from "../testing/scenes.ts";
import { readInstructions, stepLine, stepWords } from "./index.ts";

/** Ordinary jobs, and what an experienced eye expects of them (common practice, no source); vehicles and parts are invented. */
const lines = ({ plan, dossier }: Scene): readonly string[] =>
  plan.steps.map((step) => stepLine(stepWords(step, dossier)));
const kinds = ({ plan }: Scene): ReadonlySet<string> => new Set(plan.steps.map(({ kind }) => kind));
const worst = ({ hazards }: Scene, severity: "stop" | "caution"): readonly string[] =>
  hazards.filter((hazard) => hazard.severity === severity && !hazard.cured).map(({ rule }) => rule);
const pinsOf = ({ dossier, hazards }: Scene): ReadonlySet<string> => {
  const pins = indexPins(dossier);
  return new Set(
    hazards.flatMap((hazard) => hazard.pins.flatMap((id) => pins.get(id)?.connector.name ?? [])),
  );
};

describe("ordinary jobs", () => {
  it("a module that listens: every wire of the vehicle is tapped and stays whole", () => {
    const scene = sceneOf("01-listens");
    expect(scene.decided.map((line) => line.split(" ").slice(0, 3).join(" "))).toEqual([
      "tap X4.1 H1.1",
      "tap X4.2 H1.2",
      "tap X4.5 H1.3",
      "tap X4.6 H1.7",
      "tap X9.3 H1.4",
      "tap X9.14 H1.5",
      "tap X9.15 H1.6",
    ]);
    expect([...kinds(scene)].filter((kind) => ["cut", "cap", "release"].includes(kind))).toEqual([]);
    expect(scene.fault).toBeNull();
    expect(worst(scene, "stop")).toEqual([]);
    expect(worst(scene, "caution").length).toBeLessThanOrEqual(5);
  });

  it("a wire interrupted: the key's half goes in, the solenoid's half comes out, and IN never meets OUT", () => {
    const scene = sceneOf("02-interrupted");
    expect(scene.decided).toContainEqual(expect.stringMatching(/^series IG1\.3 S1\.4 S1\.3/));
    expect(scene.fault).toBeNull();
    expect(lines(scene).join("\n")).toMatch(/plug off its part and cranking, expect 0 V here/);
  });

  it("two sources for one lamp: a diode in each feed, its band towards the lamp, left and right apart", () => {
    const scene = sceneOf("03-two-sources");
    expect(scene.decided.filter((line) => line.startsWith("merge"))).toEqual([
      "merge TB.1 TV.1 LB.1 check",
      "merge TB.2 TV.4 LB.2 check",
      "merge TB.3 TV.5 LB.3 check",
      "merge TB.4 TV.6 LB.4 check",
    ]);
    for (const decision of scene.dossier.decisions)
      if (decision.kind === "merge") expect(decision.device).toEqual({ kind: "diodes", band: "incoming" });
    expect(scene.kit).toContain("8 diode, cathode (band) towards the incoming part");
    expect(scene.fault).toBeNull();
    expect(worst(scene, "stop")).toEqual([]);
  });

  it("a free relay contact: its common is asked for, and fed with nothing it stops the job", () => {
    const scene = sceneOf("04-relay");
    expect(scene.decided).toContain("feed M1.3 sure");
    expect(scene.fault).toBeNull();
    const capped = sceneOf("04-relay", (dossier) => {
      const feed = dossier.decisions.find((decision) => decision.kind === "feed") as Decision & {
        kind: "feed";
      };
      const cap: Decision = { kind: "cap", pin: feed.pin, sure: "sure", reason: "", answers: [] };
      const done = applyCommand(dossier, { kind: "decide", put: [cap], remove: [decisionId(feed)] });
      if (!done.ok) throw new Error(JSON.stringify(done.error));
      return done.value;
    });
    const stop = capped.hazards.find(({ rule }) => rule === "relay-unfed");
    expect(stop).toMatchObject({ severity: "stop", cured: false });
    expect(`${stop?.detail ?? ""} ${stop?.cure ?? ""}`).toMatch(/M1\.3.*12 V through a fuse/);
  });

  it("a part in series behind a relay: the lamp's wire goes to its output, the base's half to its input", () => {
    const scene = sceneOf("05-series");
    expect(scene.decided).toContain("series RL.87 D1.2 D1.1 check");
    expect(scene.fault).toBeNull();
  });

  it("a column switch: feeds by what they are, left and right and front and rear never crossed, the horn only grounded", () => {
    const scene = sceneOf("06-stalk");
    const joins = scene.decided.map((line) => line.split(" ").slice(1, 3).join(" "));
    for (const join of ["FP.1 SW.L", "FP.2 SW.J", "FP.4 SW.H", "FP.5 SW.I", "FP.8 SW.K"])
      expect(joins).toContain(join);
    expect(scene.decided.filter((line) => line.startsWith("feed"))).toEqual([]);
    expect(worst(scene, "stop")).toEqual([]);
  });

  it("a donor plug and the car's: which shell stays is asked, and one choice fills it", () => {
    const scene = sceneOf("07-keep-that-shell");
    expect(scene.decided).toContain("join EV.4 ED.1 sure");
    expect(scene.decided.join("\n")).not.toMatch(/EV\.1 ED\.3/);
    const ask = scene.hazards.find(({ rule }) => rule === "which-shell");
    expect(ask).toMatchObject({ severity: "caution", answered: null });
    const taken = (fix: number): Scene =>
      sceneOf("07-keep-that-shell", (dossier) => {
        const { put, remove } = present(ask?.fixes[fix], "fix");
        const done = applyCommand(dossier, { kind: "decide", put, remove });
        if (!done.ok) throw new Error(JSON.stringify(done.error));
        return done.value;
      });
    const own = taken(0);
    expect(own.decided).toContain("move ED.1 EV.4 sure");
    expect(own.fault).toBeNull();
    expect(own.plan.steps.filter(({ kind }) => kind === "cut")).toEqual([]);
    expect(worst(own, "stop")).toEqual([]);
    // Wires of the loom that goes lose nothing and owe nothing.
    const lost = own.hazards.flatMap(({ rule, pins }) => (rule === "function-lost" ? pins : []));
    expect(lost.map((id) => nameOf(own, id))).toEqual(["ED.3"]);
    expect(own.hazards.some(({ rule }) => rule === "which-shell")).toBe(false);
    const other = taken(1);
    expect(other.hazards.find(({ rule }) => rule === "which-shell")).toMatchObject({
      cured: true,
      answered: { reason: "both stay, with joints behind them" },
    });
    expect(other.fault).toBeNull();
  });

  it("five lamps at the front: both sides of a beam forked, the turn lamps apart, every ground to the one point", () => {
    const scene = sceneOf("09-ground-run");
    const decided = scene.decided.map((line) => line.split(" ").slice(0, -1).join(" "));
    for (const one of ["split FL.1 HL.1 HR.1", "split FL.2 HL.2 HR.2", "join FL.4 TL.1", "join FL.5 TR.1"])
      expect(decided).toContain(one);
    const grounds = scene.dossier.decisions.flatMap((one) => (one.kind === "feed" ? [one] : []));
    expect(grounds.map(({ feed, supply, sure }) => `${feed} ${String(supply)} ${sure}`)).toEqual(
      Array.from({ length: 5 }, () => "ground g1 sure"),
    );
    expect(scene.fault).toBeNull();
    expect(worst(scene, "stop")).toEqual([]);
  });

  it("a new lead onto a motor's own wire: the old feed that stays is said", () => {
    const scene = sceneOf("22-takes-over");
    expect(scene.decided).toContain("tap EC.31 BL.2 sure");
    const told = scene.hazards.find(({ rule }) => rule === "two-sources");
    expect(told).toMatchObject({ severity: "caution", cured: false });
    expect(told?.detail).toMatch(/^BL\.1 drives FM\.1/);
    expect(scene.fault).toBeNull();
  });

  it("a link for a removed module: two wires bridged, the rest stays in the plug, nothing is capped by the dozen", () => {
    const scene = sceneOf("11-link");
    expect(scene.decided).toContain("jumper J7.2 J7.3 sure");
    expect(scene.decided.filter((line) => line.startsWith("leave"))).toEqual([
      "leave J7.1 sure",
      "leave J7.4 sure",
      "leave J7.5 sure",
    ]);
    expect(scene.kit).toContain("1 butt splice");
    expect(scene.fault).toBeNull();
  });

  it("an electric cart: pack and capacitors, no radio codes, no engine", () => {
    const scene = sceneOf("12-cart");
    const text = scene.plan.steps
      .flatMap((step) => {
        const words = stepWords(step, scene.dossier);
        return [stepLine(words), ...words.before];
      })
      .join("\n");
    expect(text).toMatch(/Run\/tow switch to tow/);
    expect(text).toMatch(/main negative first/);
    expect(text).toMatch(/capacitors/);
    expect(text).not.toMatch(/radio|engine|clutch/i);
    expect(scene.fault).toBeNull();
  });

  it("a gear selector taken out: the start loop is closed, and the lost interlock stops the job", () => {
    const scene = sceneOf("13-start-loop");
    expect(scene.decided.map((line) => line.split(" ").slice(0, 3).join(" "))).toContain("jumper GS.1 GS.2");
    expect(worst(scene, "stop")).toEqual(["start-interlock"]);
  });

  it("a pigtail: by position, whatever its colours", () => {
    const scene = sceneOf("14-pigtail");
    expect(scene.decided).toEqual(["join L1.1 P1.1 sure", "join L1.2 P1.2 sure", "join L1.3 P1.3 sure"]);
    expect(scene.plan.blocks).toEqual([]);
    expect(scene.fault).toBeNull();
    // The old plug goes to the bin whole, without caps, plugs or locks.
    expect(
      [...kinds(scene)].filter((kind) => ["cap", "plug", "open-lock", "close-lock"].includes(kind)),
    ).toEqual([]);
    expect(lines(scene)).toContainEqual(expect.stringMatching(/^Take away the old plug with its stubs, L1/));
  });

  it("cavities that move: two wires cut off behind the plug for a new sensor, old holes closed, programming owed", () => {
    const scene = sceneOf("08-cavities-move");
    expect(scene.fault).toBeNull();
    expect(worst(scene, "stop")).toEqual([]);
    const text = lines(scene).join("\n");
    for (const cavity of ["3", "4", "5"])
      expect(text).toContain(`Plug the open cavity, of GB, cavity ${cavity}`);
    expect(text).toMatch(/Cut off the old terminal, from white, towards GB, cavity 4/);
    expect(text).toMatch(/Pierce the membrane, of TC, cavity 27/);
    expect(scene.hazards.find(({ rule }) => rule === "programming-owed")?.detail).toMatch(/^TC has 2 wires/);
    expect(text).toMatch(/Program TC/);
  });

  it("a broken shell: wires over one by one, by position; the old one is taken away without locks, plugs or tape", () => {
    const scene = sceneOf("15-broken-shell");
    expect(scene.decided).toEqual(["1", "2", "3", "4", "6"].map((at) => `move B7.${at} B7N.${at} sure`));
    expect(scene.plan.blocks).toEqual([]);
    expect(scene.fault).toBeNull();
    const [said, old] = [lines(scene), scene.dossier.connectors.find(({ name }) => name === "B7")?.id];
    expect(said).toContainEqual(expect.stringMatching(/^Take away the empty shell, B7/));
    expect(said).toContainEqual("Plug in B7N, where B7 was");
    const atOld = scene.plan.steps.filter(({ connector }) => connector === old).map(({ kind }) => kind);
    expect(atOld.filter((kind) => ["close-lock", "plug", "tape", "tug", "connect"].includes(kind))).toEqual(
      [],
    );
    // One wire in the hand at a time.
    const hands = scene.plan.steps.flatMap(({ kind }) =>
      kind === "release" || kind === "insert" ? [kind] : [],
    );
    expect(hands).toEqual(Array.from({ length: 5 }, () => ["release", "insert"]).flat());
  });

  it("lamps from series to parallel: no diode between, and full power is said", () => {
    const scene = sceneOf("10-lamps-parallel");
    const merge = scene.dossier.decisions.find(({ kind }) => kind === "merge");
    expect(merge).toMatchObject({ kind: "merge" });
    expect(merge).not.toHaveProperty("device.kind", "diodes");
    expect(scene.hazards.find(({ rule }) => rule === "glare")).toMatchObject({ severity: "caution" });
    expect(scene.hazards.filter(({ rule, cured }) => rule === "two-sources" && !cured)).toEqual([]);
    expect(scene.fault).toBeNull();
  });

  it("studs and cables: unbolted and bolted down, the fuse last, a working current is no standby current", () => {
    const scene = sceneOf("21-studs");
    expect(scene.fault).toBeNull();
    const said = lines(scene);
    expect(said).toContainEqual(expect.stringMatching(/^Unbolt BT/));
    expect(said).toContainEqual(expect.stringMatching(/^Bolt down WI/));
    expect(said.filter((line) => /^(Unplug|Plug in)/.test(line))).toEqual([]);
    expect(said.findIndex((line) => line.startsWith("Fit fuse"))).toBeGreaterThan(
      said.findIndex((line) => line.startsWith("Battery on")),
    );
    expect(worst(scene, "caution")).not.toContain("standby-drain");
  });

  it("somebody else's steps: a line answers several, a step may be told twice, what they name must agree, the rest is listed", () => {
    const { plan, dossier } = sceneOf("08-cavities-move");
    const { lines: read, missing } = readInstructions(
      [
        "1. Disconnect the battery",
        "2. Unplug GB and TC",
        "3. At GB move the blue wire from cavity 3 to cavity 6",
        "4. Release the white wire from GB cavity 4",
        "5. At TC move the white wire from cavity 12 to cavity 27",
        "6. At TC move the red wire from cavity 9 to cavity 2",
        "7. Refit the bracket",
        "8. Unplug TC",
        "9. Check the fluid",
      ].join("\n"),
      plan,
      dossier,
    );
    const kindsOf = read.map(({ steps }) =>
      steps.map((id) => plan.steps.find((step) => step.id === id)?.kind ?? "").join(" "),
    );
    expect(kindsOf).toEqual([
      "battery-off",
      "disconnect disconnect",
      "release pierce insert",
      "release",
      "release pierce insert",
      "",
      "",
      "disconnect",
      "",
    ]);
    // What the bulletin leaves out: the battery on again, the joints at the new sensor, the old holes.
    const left = missing.map((id) => plan.steps.find((step) => step.id === id)?.kind);
    for (const kind of ["battery-on", "splice", "plug"]) expect(left).toContain(kind);
  });

  it("a cluster by adapter: tell-tale and lamp in other words, both turn wires onto the one lamp, no headlamp range", () => {
    const scene = sceneOf("16-cluster");
    const joins = scene.decided.map((line) => line.split(" ").slice(0, 4).join(" "));
    for (const join of [
      "join KI.1 CM.A1 sure",
      "join KI.2 CM.A2 sure",
      "merge KI.5 KI.6 CM.A7",
      "join KI.9 CM.A10 sure",
    ])
      expect(joins).toContain(join);
    expect(scene.decided).toContain("leave KI.13 sure");
    expect(worst(scene, "stop")).toEqual([]);
    expect(scene.fault).toBeNull();
  });

  it("a donor computer: what leads to its own sensors needs nothing, start and ignition are tapped", () => {
    const scene = sceneOf("17-donor-computer");
    expect(scene.decided.filter((line) => line.startsWith("tap")).length).toBe(5);
    expect(
      scene.decided.filter((line) => !line.startsWith("tap")).every((line) => line.startsWith("leave EC.")),
    ).toBe(true);
    expect(scene.plan.blocks).toEqual([]);
    expect(scene.fault).toBeNull();
  });

  it("one side only: nothing is proposed and nothing is capped", () => {
    const scene = sceneOf("18-one-side");
    expect(scene.decided.every((line) => line.startsWith("leave"))).toBe(true);
    expect(worst(scene, "stop")).toEqual([]);
  });

  it("mains and restraint plugs: kept out of everything", () => {
    const scene = sceneOf("19-keep-out");
    const touched = scene.decided.filter((line) => /MI\.|SRS1\./.test(line));
    expect(touched.length).toBe(5);
    expect(touched.every((line) => line.startsWith("leave"))).toBe(true);
    expect([...pinsOf(scene)].filter((name) => name === "MI" || name === "SRS1")).toEqual([]);
    expect(scene.plan.steps.filter(({ at }) => at !== null && /^(MI|SRS1)/.test(nameOf(scene, at)))).toEqual(
      [],
    );
  });
});

function nameOf({ dossier }: Scene, id: Parameters<ReturnType<typeof indexPins>["get"]>[0]): string {
  const placed = indexPins(dossier).get(id);
  return placed === undefined ? "" : pinName(placed);
}
