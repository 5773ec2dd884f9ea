import { GROUND, type Element } from "../../circuit/index.ts";
import { LAMP_DEFINITION, SUBCIRCUIT } from "./lamp.ts";

const LETTER: Readonly<Record<Element["kind"], string>> = {
  resistor: "R",
  source: "V",
  current: "I",
  diode: "D",
  lamp: "X",
  switch: "S",
};
/** What other simulators take for a resistance of nothing, and of no path, Ω. */
const [BARE, OPEN] = [1e-6, 1e12];

/**
 * A network as a SPICE netlist that readSpice reads again. Nodes and elements are numbered, since names may hold anything; a comment gives each its name.
 * A switch that nothing works becomes one whose control is fixed.
 */
export function writeSpice(title: string, elements: readonly Element[]): string {
  const numbers = new Map([[GROUND, GROUND]]);
  const node = (name: string): string => {
    const known = numbers.get(name) ?? String(numbers.size);
    numbers.set(name, known);
    return known;
  };
  const models: string[] = [];
  const controls: string[] = [];
  const lines = elements.flatMap((element, i) => {
    const name = `${LETTER[element.kind]}${i + 1}`;
    const line = `${name} ${node(element.a)} ${node(element.b)}`;
    const label = `* ${name}: ${plain(element.name)}, ${plain(element.a)} to ${plain(element.b)}`;
    switch (element.kind) {
      case "resistor":
        return [label, `${line} ${Math.min(OPEN, element.ohms)}`];
      case "source":
        return [label, `${line} ${element.volts}`];
      case "current":
        return [label, `${line} ${element.amps}`];
      case "diode":
        models.push(`.model m${i + 1} D(IS=${element.saturation} N=${element.ideality})`);
        return [label, `${line} m${i + 1}`];
      case "lamp":
        return [label, `${line} ${SUBCIRCUIT} v=${element.volts} i=${element.amps} x=${element.exponent}`];
      case "switch": {
        const { control, closed } = element;
        const on = Math.max(BARE, element.on);
        const off = Math.min(OPEN, element.off);
        if (control === null) {
          controls.push(`Vcontrol${i + 1} control${i + 1} 0 ${closed ? 1 : 0}`);
          models.push(`.model m${i + 1} SW(RON=${on} ROFF=${off} VT=0.5 VH=0)`);
          return [label, `${line} control${i + 1} 0 m${i + 1}`];
        }
        // A contact that is closed at rest has its two resistances the other way round.
        const [pulled, rest] = control.atRest ? [off, on] : [on, off];
        const [middle, half] = [
          (control.pullIn + control.dropOut) / 2,
          (control.pullIn - control.dropOut) / 2,
        ];
        models.push(`.model m${i + 1} SW(RON=${pulled} ROFF=${rest} VT=${middle} VH=${half})`);
        const state = closed === control.atRest ? "OFF" : "ON";
        return [label, `${line} ${node(control.plus)} ${node(control.minus)} m${i + 1} ${state}`];
      }
    }
  });
  const lamp = elements.some(({ kind }) => kind === "lamp") ? LAMP_DEFINITION : [];
  return [
    plain(title) || "Network",
    ...lines,
    ...controls,
    ...models,
    ...lamp,
    ".options reltol=1e-9 abstol=1e-15 vntol=1e-12 gmin=1e-15",
    ".op",
    ".end",
    "",
  ].join("\n");
}

/** One line of printable text. */
const plain = (text: string): string => text.replace(/[^\x20-\x7e]+/g, " ").trim();
