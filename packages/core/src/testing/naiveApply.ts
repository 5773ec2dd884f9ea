import type { EndPlace, HarnessState, Operation } from "../harness/index.ts";
import { naiveFit, naiveTap } from "./naiveJoints.ts";
import { slowlyLive } from "./slowNets.ts";

/**
 * A second interpreter of operations, written the plain way on a mutable copy and independent of the real one: true when
 * the operation was possible. Slow, for tests only.
 */
export class NaiveHarness {
  readonly state: {
    battery: "on" | "off";
    locks: Record<string, string>;
    plugged: Record<string, string | null>;
    fuses: Record<string, string>;
    cavities: Record<string, { connector: string; state: string; meets?: string }>;
    wires: Record<string, { pin: string; ends: [string, string]; aboard: boolean }>;
    ends: Record<string, EndPlace>;
    joints: Record<string, readonly string[]>;
    devices: Record<string, unknown>;
    bareBefore: string[];
  };

  constructor(start: HarnessState) {
    this.state = JSON.parse(JSON.stringify(start)) as NaiveHarness["state"];
  }

  /** Whether a supply can reach an end, by the slow search. */
  private isLive(end: string): boolean {
    return slowlyLive(this.state as unknown as HarnessState).has(`end ${end}`);
  }

  do(op: Operation): boolean {
    const s = this.state;
    const loose = (end: string): boolean => s.ends[end]?.at === "loose" && !s.ends[end].covered;
    const usable = (end: string): boolean =>
      loose(end) && Object.values(s.wires).some((wire) => wire.aboard && wire.ends.includes(end));
    const bare = (end: string): boolean =>
      usable(end) && s.ends[end]?.at === "loose" && !s.ends[end].terminal;
    const off = s.battery === "off";
    const onTable = (hole: { connector: string; meets?: string }): boolean =>
      hole.meets !== undefined && s.plugged[hole.connector] === null;
    switch (op.kind) {
      case "battery":
        if (
          s.battery === op.to ||
          (op.to === "on" &&
            Object.keys(s.ends).some((end) => usable(end) && !s.bareBefore.includes(end) && this.isLive(end)))
        )
          return false;
        s.battery = op.to;
        return true;
      case "lock":
        if (
          s.locks[op.connector] === undefined ||
          s.locks[op.connector] === op.to ||
          (op.to === "open" && s.plugged[op.connector] !== null)
        )
          return false;
        s.locks[op.connector] = op.to;
        return true;
      case "release": {
        const place = s.ends[op.end];
        const hole = s.cavities[op.cavity];
        if (
          place?.at !== "cavity" ||
          place.cavity !== op.cavity ||
          hole === undefined ||
          (!off && !onTable(hole)) ||
          s.locks[hole.connector] !== "open" ||
          !Object.values(s.wires).some((wire) => wire.aboard && wire.ends.includes(op.end))
        )
          return false;
        s.ends[op.end] = { at: "loose", terminal: true, covered: false };
        hole.state = "vacated";
        return true;
      }
      case "insert": {
        const hole = s.cavities[op.cavity];
        if (
          !usable(op.end) ||
          bare(op.end) ||
          hole === undefined ||
          (!off && !onTable(hole)) ||
          s.locks[hole.connector] !== "open" ||
          !["empty", "vacated"].includes(hole.state)
        )
          return false;
        s.ends[op.end] = { at: "cavity", cavity: op.cavity };
        hole.state = "occupied";
        return true;
      }
      case "cut": {
        const wire = s.wires[`${op.pin}#`];
        if (!off || wire === undefined || !wire.aboard || s.wires[`${op.pin}#plug-part`] !== undefined)
          return false;
        delete s.wires[`${op.pin}#`];
        s.wires[`${op.pin}#plug-part`] = {
          pin: op.pin,
          ends: [wire.ends[0], `${op.pin}#cut-plug`],
          aboard: true,
        };
        s.wires[`${op.pin}#far-part`] = {
          pin: op.pin,
          ends: [`${op.pin}#cut-far`, wire.ends[1]],
          aboard: true,
        };
        s.ends[`${op.pin}#cut-plug`] = { at: "loose", terminal: false, covered: false };
        s.ends[`${op.pin}#cut-far`] = { at: "loose", terminal: false, covered: false };
        return true;
      }
      case "splice":
        if (
          !off ||
          op.ends.length < 2 ||
          new Set(op.ends).size < op.ends.length ||
          !op.ends.every(bare) ||
          Object.values(s.ends).some((place) => place.at === "joint" && place.joint === op.joint)
        )
          return false;
        for (const end of op.ends) s.ends[end] = { at: "joint", joint: op.joint };
        s.joints[op.joint] = op.ends;
        return true;
      case "part":
        if (
          !off ||
          Object.entries(s.ends).some(
            ([end, place]) =>
              place.at === "joint" && place.joint === op.joint && !op.ends.some((one) => one === end),
          ) ||
          !op.ends.every((end) => {
            const place = s.ends[end];
            return place?.at === "joint" && place.joint === op.joint;
          })
        )
          return false;
        for (const end of op.ends) s.ends[end] = { at: "loose", terminal: false, covered: false };
        delete s.joints[op.joint];
        return true;
      case "tap":
        return off && naiveTap(s, op, bare);
      case "fit":
        return off && naiveFit(s, op, bare);
      case "cap": {
        const place = s.ends[op.end];
        if (place?.at !== "loose" || place.covered === (op.to === "covered") || !off) return false;
        s.ends[op.end] = { ...place, covered: op.to === "covered" };
        return true;
      }
      case "feed":
        if (!off || !bare(op.end)) return false;
        s.ends[op.end] = { at: "supply", supply: op.supply };
        return true;
      case "unfeed": {
        const place = s.ends[op.end];
        if (!off || place?.at !== "supply" || place.supply !== op.supply) return false;
        s.ends[op.end] = { at: "loose", terminal: false, covered: false };
        return true;
      }
      case "discard": {
        if (s.locks[op.connector] === undefined || s.plugged[op.connector] !== null) return false;
        const inIt = (end: string): boolean => {
          const place = s.ends[end];
          return place?.at === "cavity" && s.cavities[place.cavity]?.connector === op.connector;
        };
        const stubs = Object.values(s.wires).filter(
          (wire) => wire.aboard === (op.to === "out") && wire.ends.some(inIt),
        );
        if (stubs.length === 0 || stubs.some((wire) => !wire.ends.some((end) => s.ends[end]?.at === "loose")))
          return false;
        for (const wire of stubs) wire.aboard = op.to === "back";
        return true;
      }
      case "take-out": {
        const wire = s.wires[op.wire];
        if (
          wire === undefined ||
          wire.aboard === (op.to === "back") ||
          wire.ends.some((end) => s.ends[end]?.at !== "loose")
        )
          return false;
        wire.aboard = op.to === "back";
        return true;
      }
      case "plug": {
        const hole = s.cavities[op.cavity];
        if (hole?.state !== (op.to === "plugged" ? "vacated" : "plugged")) return false;
        hole.state = op.to === "plugged" ? "plugged" : "vacated";
        return true;
      }
      case "pierce": {
        const hole = s.cavities[op.cavity];
        if (hole?.state !== "blank") return false;
        hole.state = "vacated";
        return true;
      }
      case "connect": {
        const two = op.into === "own" ? [op.connector] : [op.connector, op.into];
        if (
          !off ||
          new Set(two).size < two.length ||
          two.some((one) => s.locks[one] !== "closed" || s.plugged[one] !== null)
        )
          return false;
        if (op.into !== "own") s.plugged[op.into] = op.connector;
        s.plugged[op.connector] = op.into;
        return true;
      }
      case "disconnect":
        if (!off || s.plugged[op.connector] !== op.from) return false;
        if (op.from !== "own") s.plugged[op.from] = null;
        s.plugged[op.connector] = null;
        return true;
      case "crimp": {
        if (!usable(op.end) || bare(op.end) !== (op.to === "fitted")) return false;
        s.ends[op.end] = { at: "loose", terminal: op.to === "fitted", covered: false };
        return true;
      }
      case "fuse":
        if (
          op.to === "in"
            ? s.fuses[op.supply] !== undefined ||
              !Object.values(s.ends).some((place) => place.at === "supply" && place.supply === op.supply)
            : s.fuses[op.supply] === undefined
        )
          return false;
        if (op.to === "in") s.fuses[op.supply] = "in";
        else delete s.fuses[op.supply];
        return true;
      case "build-shell": {
        const own = Object.keys(s.cavities).filter((key) => s.cavities[key]?.connector === op.connector);
        if (op.to === "there") {
          if (op.connector in s.locks) return false;
          s.locks[op.connector] = "open";
          s.plugged[op.connector] = null;
          for (const { cavity, meets } of op.cavities)
            s.cavities[cavity] = { connector: op.connector, state: "empty", meets };
          return true;
        }
        if (
          s.locks[op.connector] !== "open" ||
          s.plugged[op.connector] !== null ||
          own.some(
            (key) =>
              s.cavities[key]?.state === "occupied" || !op.cavities.some(({ cavity }) => cavity === key),
          )
        )
          return false;
        delete s.locks[op.connector];
        delete s.plugged[op.connector];
        for (const key of own) delete s.cavities[key];
        return true;
      }
      case "build-wire": {
        const [key, plug, far] = [`${op.pin}#`, `${op.pin}#plug`, `${op.pin}#far`];
        if (op.to === "there") {
          if (s.wires[key] !== undefined || s.ends[plug] !== undefined || s.ends[far] !== undefined)
            return false;
          s.wires[key] = { pin: op.pin, ends: [plug, far], aboard: true };
          for (const end of [plug, far]) s.ends[end] = { at: "loose", terminal: false, covered: false };
          return true;
        }
        if (s.wires[key] === undefined || !bare(plug) || !bare(far)) return false;
        delete s.wires[key];
        delete s.ends[plug];
        delete s.ends[far];
        return true;
      }
    }
  }
}
