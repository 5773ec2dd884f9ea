import {
  boolean,
  customType,
  doublePrecision,
  foreignKey,
  index,
  integer,
  jsonb,
  pgTable,
  primaryKey,
  text,
  timestamp,
  unique,
  uuid,
} from "drizzle-orm/pg-core";

const stamp = (name: string) => timestamp(name, { withTimezone: true, mode: "date" }).notNull().defaultNow();

export const jobs = pgTable("jobs", {
  id: uuid("id").primaryKey(),
  revision: integer("revision").notNull(),
  name: text("name").notNull(),
  kind: text("kind").notNull(),
  vehicle: text("vehicle").notNull(),
  incoming: text("incoming").notNull(),
  nominalVolts: doublePrecision("nominal_volts").notNull(),
  method: text("method").notNull(),
  drive: text("drive"),
  /** Documents that values come from, and the user's own words for functions. */
  sources: jsonb("sources").notNull().default([]),
  words: jsonb("words").notNull().default([]),
  /** What must work in the end, and which equipment is kept. */
  brief: jsonb("brief").notNull().default([]),
  /** What the technician adds to the plan. */
  worklist: jsonb("worklist")
    .notNull()
    .default({ parts: [], own: [], order: [], evenings: [], have: [], adapterLengths: [], joint: "crimp" }),
  archived: boolean("archived").notNull().default(false),
  /** Pins that need a decision and have none; null in jobs from before it was kept. */
  undecided: integer("undecided"),
  /** Came with the first start; while nobody has touched it, it may make room for a backup. */
  demo: boolean("demo").notNull().default(false),
  /** Number of ledger entries; raised in the same transaction as each entry. */
  ledgerLength: integer("ledger_length").notNull().default(0),
  /** Whether every step of the plan was done when the ledger or the decisions last changed. */
  finished: boolean("finished").notNull().default(false),
  createdAt: stamp("created_at"),
  updatedAt: stamp("updated_at"),
});

const jobKey = () =>
  uuid("job_id")
    .notNull()
    .references(() => jobs.id, { onDelete: "restrict" });

export const connectors = pgTable(
  "connectors",
  {
    jobId: jobKey(),
    id: text("id").notNull(),
    name: text("name").notNull(),
    side: text("side").notNull(),
    place: text("place").notNull(),
    branch: text("branch").notNull().default(""),
    module: text("module").notNull().default(""),
    colourSystem: text("colour_system").notNull(),
    leads: text("leads").notNull(),
    sealed: boolean("sealed").notNull(),
    shell: jsonb("shell"),
    matesWith: text("mates_with"),
    keepOut: text("keep_out").notNull().default(""),
  },
  (table) => [primaryKey({ columns: [table.jobId, table.id] })],
);

export const pins = pgTable(
  "pins",
  {
    jobId: jobKey(),
    id: text("id").notNull(),
    connectorId: text("connector_id").notNull(),
    cavity: text("cavity").notNull(),
    position: doublePrecision("position").notNull(),
    content: text("content").notNull(),
    function: text("function").notNull(),
    colour: text("colour").notNull(),
    size: doublePrecision("size_mm2"),
    signal: text("given_class"),
    /** Of versions that kept what the words tell as well; taken over at the start and emptied. */
    signalBefore: text("signal"),
    note: text("note").notNull(),
    circuit: text("circuit").notNull().default(""),
    direction: text("direction"),
    level: doublePrecision("level_volts"),
    amps: doublePrecision("amps"),
    peak: doublePrecision("peak_amps"),
    standby: doublePrecision("standby_amps"),
    condition: text("condition").notNull().default(""),
    colourSystem: text("colour_system"),
    identified: boolean("identified").notNull().default(false),
    sources: jsonb("sources").notNull().default({}),
    doubts: jsonb("doubts").notNull().default({}),
    claims: jsonb("claims").notNull().default([]),
  },
  (table) => [
    primaryKey({ columns: [table.jobId, table.id] }),
    foreignKey({
      columns: [table.jobId, table.connectorId],
      foreignColumns: [connectors.jobId, connectors.id],
    }).onDelete("cascade"),
    index("pins_of_connector").on(table.jobId, table.connectorId),
  ],
);

export const decisions = pgTable(
  "decisions",
  { jobId: jobKey(), id: text("id").notNull(), body: jsonb("body").notNull() },
  (table) => [primaryKey({ columns: [table.jobId, table.id] })],
);

/** The looms behind the connectors: wires, and the points where they meet. */
export const loomWires = pgTable(
  "loom_wires",
  { jobId: jobKey(), id: text("id").notNull(), body: jsonb("body").notNull() },
  (table) => [primaryKey({ columns: [table.jobId, table.id] })],
);
export const joinPoints = pgTable(
  "join_points",
  { jobId: jobKey(), id: text("id").notNull(), body: jsonb("body").notNull() },
  (table) => [primaryKey({ columns: [table.jobId, table.id] })],
);

/** Every revision of a dossier with the command that made it and the one that takes it back. */
export const changes = pgTable(
  "dossier_changes",
  {
    jobId: jobKey(),
    revision: integer("revision").notNull(),
    role: text("role").notNull(),
    ofRevision: integer("of_revision"),
    words: text("words").notNull(),
    /** The records as they were and as they are; null for edits from before they were kept so. */
    diff: jsonb("diff"),
    at: stamp("at"),
  },
  (table) => [primaryKey({ columns: [table.jobId, table.revision] })],
);

/** Shells and terminal systems that the shop has added to those that ship. */
export const shelfItems = pgTable(
  "shelf_items",
  {
    kind: text("kind").notNull(),
    id: text("id").notNull(),
    body: jsonb("body").notNull(),
    updatedAt: stamp("updated_at"),
  },
  (table) => [primaryKey({ columns: [table.kind, table.id] })],
);

const bytes = customType<{ data: Buffer }>({ dataType: () => "bytea" });

/** Photos as they were encoded anew, without metadata. A removed one stays until the job goes, so that it can be put back. */
export const photos = pgTable(
  "photos",
  {
    jobId: jobKey(),
    id: uuid("id").notNull(),
    connectorId: text("connector_id"),
    pinId: text("pin_id"),
    caption: text("caption").notNull().default(""),
    width: integer("width").notNull(),
    height: integer("height").notNull(),
    sha256: text("sha256").notNull(),
    image: bytes("image").notNull(),
    small: bytes("small").notNull(),
    removed: boolean("removed").notNull().default(false),
    at: stamp("at"),
  },
  (table) => [primaryKey({ columns: [table.jobId, table.id] })],
);

/** Append only: the bytes are what was hashed. */
export const ledger = pgTable(
  "ledger",
  {
    jobId: jobKey(),
    seq: integer("seq").notNull(),
    event: text("event").notNull(),
    /** The command that this entry answers; one command may write several entries. */
    command: text("command").notNull(),
    bytes: text("bytes").notNull(),
    hash: text("hash").notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.jobId, table.seq] }),
    unique("ledger_event_once").on(table.jobId, table.event),
    index("ledger_of_command").on(table.jobId, table.command),
  ],
);
