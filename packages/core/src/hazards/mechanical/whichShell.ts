import { decisionId, seatOf, type Decision, type PinId } from "../../model/index.ts";
import { leftOpen } from "../../proposals/index.ts";
import { linkedConnectors, type Finding, type Fix, type Link, type Rule } from "../rule.ts";
import { at } from "../say.ts";

const RULE = "which-shell";
type Move = Extract<Decision, { kind: "join" }>;
interface Moved {
  readonly link: Link;
  readonly decision: Move;
}

/**
 * Two plugs of looms in a job whose terminals change over: one shell is filled and the other one stays empty, and nobody but the
 * person at the car knows which (common practice). An incoming loom that goes on into its own wires is joined behind both plugs
 * till somebody says so.
 */
export const whichShell: Rule = {
  id: RULE,
  class: "mechanical",
  find: ({ links, dossier }) => {
    const goesOver = (decision: Move): boolean =>
      seatOf(decision) !== null ||
      (dossier.head.method === "move" &&
        decision.method === "splice" &&
        decision.device === undefined &&
        decision.theirHalf === "loom");
    const movedBy = (link: Link): readonly Moved[] => {
      const { decision, vehicle, incoming } = link;
      const isBetweenLooms = [vehicle, incoming].every(({ placed }) => placed.connector.leads === "loom");
      // Into an empty cavity a wire can only go where it is sent.
      const isEmpty = incoming.placed.pin.content === "empty";
      return decision?.kind === "join" && goesOver(decision) && isBetweenLooms && !isEmpty
        ? [{ link, decision }]
        : [];
    };
    return linkedConnectors(links).flatMap((group): readonly Finding[] => {
      const moves = group.flatMap(movedBy);
      const [first] = moves;
      if (first === undefined || moves.length < 2) return [];
      const { vehicle, incoming } = first.link;
      const [own, other] = [vehicle.placed.connector.name, incoming.placed.connector.name];
      return [
        {
          severity: "caution",
          pins: [vehicle, incoming],
          decision: first.decision,
          title: `Which shell stays, ${own} or ${other}?`,
          detail: `${moves.length} wires, ${at(vehicle)} with ${at(incoming)} and so on. As decided ${outcomeOf(own, other, first.decision)}.`,
          cure: "Keep the shell that its other half, its seals and its place on the car are made for.",
          cured: moves.every(({ decision }) => decision.answers.some(({ rule }) => rule === RULE)),
          fixes: [keepOwn(own, other, moves), keepOther(own, other, moves)],
        },
      ];
    });
  },
};

/** The other way round: the incoming wires go into the vehicle's shell, whose own wires come out. */
function keepOwn(own: string, other: string, moves: readonly Moved[]): Fix {
  const move = (pin: PinId, to: PinId, { sure }: Move): Decision => ({
    kind: "move",
    pin,
    to,
    sure,
    reason: `${own} stays`,
    answers: [],
  });
  return {
    words: `Keep ${own}: the wires of ${other} go into it`,
    put: moves.flatMap(({ decision }) => [
      move(decision.incoming, decision.vehicle, decision),
      leftOpen("cap", decision.vehicle, "nothing"),
    ]),
    remove: moves.map(({ decision }) => decisionId(decision)),
  };
}

const outcomeOf = (own: string, other: string, decision: Move): string =>
  seatOf(decision) === null
    ? "both stay, with joints behind them"
    : `${other} is filled and ${own} stays empty`;

const keepOther = (own: string, other: string, moves: readonly Moved[]): Fix => ({
  words:
    moves[0] === undefined || seatOf(moves[0].decision) === null
      ? "Keep both: joints behind them"
      : `Keep ${other}: the wires of ${own} go into it`,
  put: moves.map(({ decision }) => ({
    ...decision,
    answers: [
      ...decision.answers.filter(({ rule }) => rule !== RULE),
      { rule: RULE, reason: outcomeOf(own, other, decision) },
    ],
  })),
  remove: [],
});
