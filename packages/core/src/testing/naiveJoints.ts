import type { EndPlace, Operation } from "../harness/index.ts";

/** What the naive interpreter changes when ends are brought together in mid-run or at a part. */
interface NaiveState {
  wires: Record<string, { pin: string; ends: [string, string]; aboard: boolean }>;
  ends: Record<string, EndPlace>;
  joints: Record<string, readonly string[]>;
  devices: Record<string, unknown>;
}
type Of<K extends Operation["kind"]> = Extract<Operation, { kind: K }>;

/** A branch on a wire that stays whole, or off again; true when it was possible. */
export function naiveTap(s: NaiveState, op: Of<"tap">, bare: (end: string) => boolean): boolean {
  return op.mid === true ? tapInRun(s, op, bare) : tapAtPlug(s, op, bare);
}

/** Behind any cut: the run that leads to the far end is looked for among all wires. */
function tapInRun(s: NaiveState, op: Of<"tap">, bare: (end: string) => boolean): boolean {
  const [near, far] = [`${op.pin}#tap-near ${op.joint}`, `${op.pin}#tap-far ${op.joint}`];
  const rest = `${op.pin}#tap-part ${op.joint}`;
  const holding = (end: string) => Object.values(s.wires).find(({ ends }) => ends.includes(end));
  if (op.to === "on") {
    const run = holding(`${op.pin}#far`);
    if (
      run?.aboard !== true ||
      op.ends.length === 0 ||
      new Set(op.ends).size < op.ends.length ||
      !op.ends.every(bare) ||
      op.ends.some((end) => run.ends.includes(end)) ||
      s.joints[op.joint] !== undefined
    )
      return false;
    s.wires[rest] = { pin: op.pin, ends: [far, run.ends[1]], aboard: true };
    run.ends = [run.ends[0], near];
    s.joints[op.joint] = [near, far, ...op.ends];
    for (const end of [near, far, ...op.ends]) s.ends[end] = { at: "joint", joint: op.joint };
    return true;
  }
  const meeting = [near, far, ...op.ends];
  const [run, beyond] = [holding(near), s.wires[rest]];
  if (
    run === undefined ||
    beyond === undefined ||
    !(s.joints[op.joint] ?? []).every((end) => meeting.includes(end)) ||
    !meeting.every((end) => s.ends[end]?.at === "joint" && s.joints[op.joint]?.includes(end))
  )
    return false;
  run.ends = [run.ends[0], beyond.ends[1]];
  delete s.wires[rest];
  for (const end of [near, far]) delete s.ends[end];
  for (const end of op.ends) s.ends[end] = { at: "loose", terminal: false, covered: false };
  delete s.joints[op.joint];
  return true;
}

function tapAtPlug(s: NaiveState, op: Of<"tap">, bare: (end: string) => boolean): boolean {
  const [near, far] = [`${op.pin}#cut-plug`, `${op.pin}#cut-far`];
  const [whole, plug, rest] = [`${op.pin}#`, `${op.pin}#plug-part`, `${op.pin}#far-part`];
  if (op.to === "on") {
    const wire = s.wires[whole];
    if (
      s.wires[plug] !== undefined ||
      wire?.aboard !== true ||
      op.ends.length === 0 ||
      new Set(op.ends).size < op.ends.length ||
      !op.ends.every(bare) ||
      op.ends.some((end) => wire.ends.includes(end)) ||
      s.joints[op.joint] !== undefined
    )
      return false;
    delete s.wires[whole];
    s.wires[plug] = { pin: op.pin, ends: [wire.ends[0], near], aboard: true };
    s.wires[rest] = { pin: op.pin, ends: [far, wire.ends[1]], aboard: true };
    s.joints[op.joint] = [near, far, ...op.ends];
    for (const end of [near, far, ...op.ends]) s.ends[end] = { at: "joint", joint: op.joint };
    return true;
  }
  const [a, b] = [s.wires[plug], s.wires[rest]];
  const held = new Set<string>([near, far, ...op.ends]);
  if (
    a === undefined ||
    b === undefined ||
    !(s.joints[op.joint] ?? []).every((end) => held.has(end)) ||
    ![...held].every((end) => {
      const place = s.ends[end];
      return place?.at === "joint" && place.joint === op.joint;
    })
  )
    return false;
  delete s.wires[plug];
  delete s.wires[rest];
  s.wires[whole] = { pin: op.pin, ends: [a.ends[0], b.ends[1]], aboard: true };
  delete s.ends[near];
  delete s.ends[far];
  delete s.joints[op.joint];
  for (const end of op.ends) s.ends[end] = { at: "loose", terminal: false, covered: false };
  return true;
}

/** A part between bare ends, or out again; true when it was possible. */
export function naiveFit(s: NaiveState, op: Of<"fit">, bare: (end: string) => boolean): boolean {
  const places = op.terminals.flatMap(({ terminal, ends }) =>
    ends.map((end) => ({ end: end as string, terminal })),
  );
  const isAt = (end: string, terminal: string): boolean => {
    const place = s.ends[end];
    return place?.at === "device" && place.device === op.device && place.terminal === terminal;
  };
  if (op.terminals.some(({ ends }) => ends.length === 0)) return false;
  if (op.to === "in") {
    if (
      s.devices[op.device] !== undefined ||
      new Set(places.map(({ end }) => end)).size < places.length ||
      !places.every(({ end }) => bare(end))
    )
      return false;
    for (const { end, terminal } of places) s.ends[end] = { at: "device", device: op.device, terminal };
    s.devices[op.device] = JSON.parse(JSON.stringify(op.what)) as unknown;
    return true;
  }
  const there = Object.values(s.ends).filter(
    (place) => place.at === "device" && place.device === op.device,
  ).length;
  if (
    s.devices[op.device] === undefined ||
    !places.every(({ end, terminal }) => isAt(end, terminal)) ||
    there !== places.length
  )
    return false;
  for (const { end } of places) s.ends[end] = { at: "loose", terminal: false, covered: false };
  delete s.devices[op.device];
  return true;
}
