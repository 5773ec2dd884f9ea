import {
  blankPoint,
  feedOf,
  FEED_CLASSES,
  INTERLOCKS,
  isReturn,
  joinPointId,
  plainSupply,
  type FeedClass,
  type JoinPoint,
  type JoinPointId,
  type Supply,
} from "../../model/index.ts";

/** A supply as people write it, taken apart once: "spare fuse F22, 5 A, kick panel". */
export interface WrittenSupply {
  readonly name: string;
  readonly place: string;
  readonly supply: Supply;
}

const RATING = /(\d+(?:[.,]\d+)?)[\s-]*a(?:mp(?:ere)?s?)?(?![\p{L}\p{N}])/iu;
const LONGEST_NAME = 40;

/** Reads a supply or ground point with its rating in A. What is not a rating stays name and place as written. */
export function readSupply(text: string, feed: FeedClass): WrittenSupply {
  const rating = RATING.exec(text);
  const said = (rating === null ? text : text.replace(rating[0], " ")).replace(/\s+/g, " ");
  const [first = "", ...rest] = said
    .split(",")
    .map((part) => part.trim())
    .filter((part) => part !== "");
  const name = first.replace(/^(spare )?fuse (?=\S)/i, "");
  const isLong = name.length > LONGEST_NAME;
  const amps = rating?.[1] === undefined ? null : Number(rating[1].replace(",", "."));
  const fused = amps !== null || /fuse|^F\d|breaker|limiter/i.test(text);
  return {
    name: (isLong ? name.slice(0, LONGEST_NAME) : name).trim() || text.trim().slice(0, LONGEST_NAME),
    place: (isLong ? said : rest.join(", ")).trim().slice(0, 120),
    supply: {
      ...plainSupply(feed),
      fuse: fused ? { amps: amps === 0 ? null : amps, fitted: false } : null,
      // Nothing else in a text is proof that the interlock stays.
      through: INTERLOCKS.find((one) => text === `ground through a ${one} switch`) ?? null,
    },
  };
}

/** What people write differently for one place: "F22, 5 A", "spare fuse F22 5A". */
const placeKey = (text: string): string =>
  text
    .toLowerCase()
    .replace(/\b(spare|fuse)\b/g, " ")
    .replace(/[^\p{L}\p{N}.+]+/gu, " ")
    .replace(/(\d) (a|v)\b/g, "$1$2")
    .trim();

/**
 * The points of a job together with those that texts speak of; a text names a point that is there, or makes one. Two spellings are
 * one supply, whose currents add. Older records call each by its class and text: that is the id of a new one, or an alias.
 */
export function suppliesIn(points: readonly JoinPoint[]) {
  const all = new Map<JoinPointId, JoinPoint>(points.map((point) => [point.id, point]));
  const known = new Map<string, JoinPointId>();
  const named = (name: string): JoinPoint | undefined => [...all.values()].find((one) => one.name === name);
  /** A point of the job that a text names: of this class or of none yet, and with no other rating. */
  const given = ({ name, supply }: WrittenSupply, feed: FeedClass): JoinPoint | undefined => {
    const point = points.map(({ id }) => all.get(id)).find((one) => one?.name === name);
    if (point === undefined) return undefined;
    const fits = feedOf(point) === feed || (point.kind === "supply" && point.supply === null);
    const [own, said] = [point.supply?.fuse?.amps ?? null, supply.fuse?.amps ?? null];
    return fits && (own === null || said === null || own === said) ? point : undefined;
  };
  const freeName = (name: string, text: string): string => {
    if (named(name) === undefined) return name;
    const whole = text.slice(0, LONGEST_NAME).trim();
    if (named(whole) === undefined) return whole;
    for (let n = 2; ; n++) {
      const numbered = `${name.slice(0, LONGEST_NAME - 5)} (${n})`;
      if (named(numbered) === undefined) return numbered;
    }
  };
  return {
    points: (): readonly JoinPoint[] => [...all.values()],
    /** The point that a text speaks of; null for an empty one. */
    at: (feed: FeedClass, text: string): JoinPointId | null => {
      const key = placeKey(text);
      if (key === "") return null;
      const alias = `${feed} ${text}`.trim();
      const seen = known.get(`${feed} ${key}`);
      const written = readSupply(text.trim(), feed);
      const there = seen === undefined ? given(written, feed) : all.get(seen);
      if (there !== undefined) {
        known.set(`${feed} ${key}`, there.id);
        const supply = there.supply ?? written.supply;
        if (alias !== there.id && !supply.aliases.includes(alias))
          all.set(there.id, { ...there, supply: { ...supply, aliases: [...supply.aliases, alias] } });
        return there.id;
      }
      let id = joinPointId(alias.slice(0, 120));
      while (all.has(id)) id = joinPointId(`${id.slice(0, 119)}'`);
      const kind = isReturn(feed) ? "ground" : "supply";
      const supply = id === alias ? written.supply : { ...written.supply, aliases: [alias] };
      all.set(id, {
        ...blankPoint(id, freeName(written.name, text.trim()), kind),
        place: written.place,
        supply,
      });
      known.set(`${feed} ${key}`, id);
      return id;
    },
  };
}

type Fields = Readonly<Record<string, unknown>>;
const isFields = (value: unknown): value is Fields =>
  typeof value === "object" && value !== null && !Array.isArray(value);
const isFeedClass = (value: unknown): value is FeedClass => FEED_CLASSES.some((one) => one === value);

/** A decision whose feeds are texts, with the points that they speak of. */
export function withSupplies(
  decision: unknown,
  at: (feed: FeedClass, text: string) => JoinPointId | null,
): unknown {
  if (!isFields(decision)) return decision;
  const { from, device } = decision;
  if (decision["kind"] === "feed" && typeof from === "string" && decision["supply"] === undefined) {
    const { from: _from, ...rest } = decision;
    const { feed } = decision;
    return isFeedClass(feed) ? { ...rest, supply: at(feed, from) } : decision;
  }
  if (!isFields(device) || !Array.isArray(device["legs"])) return decision;
  const legs = device["legs"].map((leg: unknown) =>
    isFields(leg) && isFields(leg["to"]) ? { ...leg, to: withSupplies(leg["to"], at) } : leg,
  );
  return { ...decision, device: { ...device, legs } };
}
