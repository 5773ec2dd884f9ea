import type { CircuitNote } from "../circuit/index.ts";
import type { SpiceProblem } from "../io/index.ts";
import { list } from "../util/index.ts";

const figure = (value: number): string => String(Number(value.toPrecision(4)));

/** What is said of a network beside its figures. */
export function circuitNoteWords(note: CircuitNote): string {
  switch (note.kind) {
    case "contradiction":
      return `${list(note.elements)} cannot all hold: ${figure(note.volts)} V too much in one ring. Nothing that hangs on them has a voltage.`;
    case "no-ground":
      return "No node is ground (0): there are currents, but no voltages to measure.";
    case "no-return":
      return `The current of ${list(note.elements)} has no way back.`;
    case "free-division":
      return `${list(note.elements)} form a ring without resistance: how they share their current is not determined.`;
    case "race":
      return `${list(note.elements)} settle only one after the other: which comes first decides the result.`;
    case "buzzes":
      return `${list(note.elements)} never settle: the contact works itself open and closed.`;
    case "not-settled":
      return "No answer: the figures did not come to rest.";
    case "inexact":
      return `No answer: currents miss zero by ${figure(note.worst)} of what flows at a node.`;
  }
}

/** Why a netlist cannot be read. */
export function spiceProblemWords(problem: SpiceProblem): string {
  const at = `line ${problem.line}: `;
  switch (problem.code) {
    case "unknown-element":
      return `${at}${problem.text} is not an element that can be solved here; known are R, V, I, D, S, C, L and X … lamp.`;
    case "unknown-statement":
      return `${at}${problem.text} is not understood.`;
    case "too-short":
      return `${at}${problem.text} lacks something; it is written ${problem.wanted}.`;
    case "not-a-number":
      return problem.text === "" ? `${at}a value is missing.` : `${at}"${problem.text}" is not a value.`;
    case "out-of-range":
      return `${at}${problem.text}: it must be ${problem.wanted}.`;
    case "no-such-model":
      return problem.text === ""
        ? `${at}the name of a model is missing.`
        : `${at}there is no .model ${problem.text} of the right kind.`;
    case "same-name":
      return `${at}${problem.text} is there already, in line ${problem.first}.`;
    case "empty":
      return "The file holds no element. Its first line is the title, as in SPICE.";
  }
}
