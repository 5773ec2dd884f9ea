import type { Random } from "./random.ts";

/** As much of JSON Schema as the contract's schemas come out as. */
export interface Schema {
  readonly type?: string | readonly string[];
  readonly enum?: readonly unknown[];
  readonly const?: unknown;
  readonly anyOf?: readonly Schema[];
  readonly oneOf?: readonly Schema[];
  readonly allOf?: readonly Schema[];
  readonly properties?: Readonly<Record<string, Schema>>;
  readonly required?: readonly string[];
  readonly items?: Schema;
  readonly prefixItems?: readonly Schema[];
  readonly minItems?: number;
  readonly maxItems?: number;
  readonly minLength?: number;
  readonly maxLength?: number;
  readonly minimum?: number;
  readonly maximum?: number;
  readonly format?: string;
  readonly pattern?: string;
  readonly propertyNames?: Schema;
  readonly additionalProperties?: Schema | boolean;
}

const WORDS = ["Left sender", "+15", "GN/WH", "1", "A", "31b", "Türkontakt", "車", "🔧 lamp", ""];

/** A value that fits a schema, or nearly does: patterns are not followed. */
export function valueOf(schema: Schema, random: Random, depth = 0): unknown {
  if (schema.const !== undefined) return schema.const;
  if (schema.enum !== undefined) return random.pick(schema.enum);
  const ways = schema.anyOf ?? schema.oneOf;
  if (ways !== undefined) return valueOf(random.pick(ways), random, depth);
  if (schema.allOf !== undefined)
    return Object.assign({}, ...schema.allOf.map((part) => valueOf(part, random, depth)));
  const type = typeof schema.type === "string" ? schema.type : random.pick(schema.type ?? ["null"]);
  switch (type) {
    case "object":
      return objectOf(schema, random, depth);
    case "array":
      return arrayOf(schema, random, depth);
    case "string":
      return textOf(schema, random);
    case "integer":
    case "number": {
      const low = schema.minimum ?? 0;
      const high = Math.min(schema.maximum ?? low + 20, low + 1000);
      const number = low + random.next() * (high - low);
      return type === "integer" ? Math.floor(number) : Math.round(number * 100) / 100;
    }
    case "boolean":
      return random.chance(0.5);
    default:
      return null;
  }
}

function objectOf(schema: Schema, random: Random, depth: number): unknown {
  const required = new Set(schema.required ?? []);
  const parts = Object.entries(schema.properties ?? {}).filter(
    ([key]) => required.has(key) || random.chance(0.6),
  );
  return Object.fromEntries(parts.map(([key, part]) => [key, valueOf(part, random, depth + 1)]));
}

function arrayOf(schema: Schema, random: Random, depth: number): unknown {
  if (schema.prefixItems !== undefined)
    return schema.prefixItems.map((part) => valueOf(part, random, depth + 1));
  const most = Math.min(schema.maxItems ?? 4, depth > 3 ? 1 : 4);
  const length = Math.max(schema.minItems ?? 0, random.int(most + 1));
  return Array.from({ length }, () => valueOf(schema.items ?? {}, random, depth + 1));
}

function textOf({ format, pattern, minLength = 0, maxLength = 40 }: Schema, random: Random): string {
  if (format === "uuid") return `0b8f0c9e-2222-4000-8000-${String(random.int(10 ** 12)).padStart(12, "0")}`;
  if (format === "date-time") return "2026-01-02T03:04:05.000Z";
  if (pattern?.includes("0-9a-f") === true) return "0".repeat(64);
  const word = random.pick(WORDS);
  return word.padEnd(minLength, "x").slice(0, Math.max(minLength, maxLength));
}

/** Every place in a value, as its path. */
function placesOf(value: unknown, path: readonly (string | number)[] = []): (readonly (string | number)[])[] {
  if (typeof value !== "object" || value === null || path.length > 8) return [path];
  const parts = Array.isArray(value)
    ? value.slice(0, 20).map((part: unknown, i) => [i, part] as const)
    : Object.entries(value);
  return [path, ...parts.flatMap(([key, part]) => placesOf(part, [...path, key]))];
}

const HALF = String.fromCharCode(0xd83d);
/** What a hostile or broken client sends in the place of a value. */
const HOSTILE: readonly ((random: Random) => unknown)[] = [
  () => null,
  () => "",
  () => "\0",
  () => `name ends in half a character ${HALF}`,
  () => "x".repeat(100_000),
  () => "🔧".repeat(40),
  (random) => "x".repeat(60 + random.int(80)),
  () => "__proto__",
  () => "constructor",
  () => "../../etc/passwd",
  () => "'; DROP TABLE jobs; --",
  () => 1e308,
  () => -1,
  () => 2 ** 53,
  () => 0.1,
  () => [],
  () => ({}),
  () => ({ __proto__: null, toString: 1 }),
  () => Array.from({ length: 5000 }, (_, i) => i),
  () => deep(70),
  () => true,
];
function deep(levels: number): unknown {
  return levels === 0 ? [] : [deep(levels - 1)];
}

/** The value with one place spoilt: something hostile put there, a part left out, or a part doubled. */
export function spoilt(value: unknown, random: Random): unknown {
  const copy: unknown = structuredClone(value);
  const path = random.pick(placesOf(copy));
  const last = path.at(-1);
  if (last === undefined) return random.pick(HOSTILE)(random);
  const parent = path
    .slice(0, -1)
    .reduce<unknown>((at, key) => (at as Record<string, unknown>)[String(key)], copy) as Record<
    string,
    unknown
  >;
  const how = random.int(4);
  if (how === 0) delete parent[String(last)];
  else if (how === 1 && Array.isArray(parent)) parent.push(parent[Number(last)]);
  else if (how === 1) parent[`${last}2`] = parent[String(last)];
  else parent[String(last)] = random.pick(HOSTILE)(random);
  return copy;
}
