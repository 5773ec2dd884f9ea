import { readFileSync } from "node:fs";
import { createServer, type Server } from "node:http";
import { fileURLToPath } from "node:url";
import { pino } from "pino";
import { createApp } from "./app.ts";
import { newCompute } from "./compute/compute.ts";
import { TASKS } from "./compute/tasks.ts";
import { connect, withLogin, type Connection, type Login } from "./db/connect.ts";
import { prepareDatabase } from "./db/migrate.ts";
import { countJobs } from "./features/jobs/repo.ts";
import { importJob } from "./features/jobs/service.ts";
import { SERVER_FOLDER } from "./folder.ts";
import { APP_ROLE, passwordOf, startCluster, type Cluster } from "./launch/cluster.ts";
import { keepAlive } from "./launch/keepAlive.ts";
import { dataFolder, holdFolder } from "./launch/dataFolder.ts";
import { asStartFailure, EXIT, StartFailure } from "./launch/failure.ts";
import { buildWebIfStale } from "./launch/webBuild.ts";

export { StartFailure } from "./launch/failure.ts";

const HOST = "127.0.0.1";
const KEEP_ALIVE_MS = 65_000;
/** The last one stands first in the list. */
const DEMOS = [
  "engine-swap",
  "cluster-swap",
  "platform-truck",
  "gearbox",
  "light-board",
  "tail-lift",
  "levelling",
].map((name) => fileURLToPath(new URL(`demo/${name}.trevin.json`, SERVER_FOLDER)));

/**
 * Everything between the command and the ready line. Each thing opened is closed again, whether by a signal or by a failure
 * half-way: the port first, so that no request finds the database gone, then the rest in reverse order. `thread` is the file
 * that heavy computation runs in.
 */
export async function start(projectRoot: string, thread: URL): Promise<void> {
  const say = (line: string): void => void process.stdout.write(`${line}\n`);
  const closers: (() => unknown)[] = [];
  const closeAll = async (): Promise<void> => {
    for (const close of closers.splice(0).reverse()) await close();
  };
  let stopping: Promise<void> | null = null;
  const onSignal = (): void => {
    stopping ??= closeAll().then(() => process.exit(0));
  };
  process.on("SIGINT", onSignal);
  process.on("SIGTERM", onSignal);
  try {
    const level = logLevelOf(process.env["TREVIN_LOG"]);
    const port = portOf(process.env["TREVIN_PORT"]);
    const server = await claimPort(port);
    const closePort = (): Promise<void> => closeServer(server);
    closers.push(closePort);
    const { connection, revive } = await openDatabase(projectRoot, say, closers);
    const compute = newCompute(thread);
    closers.push(compute.close);
    if ((await countJobs(connection.db)) === 0) await loadDemo(connection);
    const webRoot = process.env["TREVIN_WEB"] === "off" ? null : buildWebIfStale(projectRoot, say);
    const log = pino({ level, redact: ["req.headers.authorization", "req.headers.cookie"] });
    closers.push(...closers.splice(closers.indexOf(closePort), 1));
    server.removeAllListeners("request");
    server.on("request", createApp({ db: connection.db, log, webRoot, compute, onUnreachable: revive }));
    if (stopping === null) say(`Trevin is ready at http://${HOST}:${port}/`);
  } catch (error) {
    await closeAll();
    throw asStartFailure(error);
  }
}

interface OpenDatabase {
  readonly connection: Connection;
  /** The owner's connection. */
  readonly url: string;
  /** Called when the database has gone: starts it again where it is Trevin's own. */
  readonly revive: () => void;
}

const report = (line: string): void => void process.stderr.write(`${line}\n`);

/**
 * A database that is ready to use: the one of DATABASE_URL, or the private cluster of the data folder. A server holds the
 * folder for as long as it runs; a tool leaves the cluster running when a server has taken the folder meanwhile.
 */
export async function openDatabase(
  projectRoot: string,
  say: Say,
  closers: Closers,
  as: "server" | "tool" = "server",
): Promise<OpenDatabase> {
  const outside = process.env["DATABASE_URL"];
  if (outside !== undefined && outside !== "") {
    const login = await prepared(outside, null);
    const connection = connect(withLogin(outside, login), (error) =>
      report(`database connection lost: ${error.message}`),
    );
    closers.push(connection.close);
    return { connection, url: outside, revive: () => {} };
  }
  const folder = dataFolder(projectRoot, say);
  const cluster = await (as === "server" ? serverCluster : toolCluster)(folder, say, closers);
  await prepared(cluster.ownerUrl, { role: APP_ROLE, password: passwordOf(cluster.appUrl) });
  const keeper = keepAlive(cluster, report);
  closers.push(keeper.close);
  const connection = connect(cluster.appUrl, (error) => {
    report(`database connection lost: ${error.message}`);
    keeper.revive();
  });
  closers.push(connection.close);
  return { connection, url: cluster.ownerUrl, revive: keeper.revive };
}

type Say = (line: string) => void;
type Closers = (() => unknown)[];

async function serverCluster(folder: string, say: Say, closers: Closers): Promise<Cluster> {
  closers.push(await holdFolder(folder, "server"));
  const cluster = await startCluster(folder, { say });
  closers.push(cluster.stop);
  return cluster;
}

/** A tool holds the folder only while it starts and stops the database: a server may come in between and take it over. */
async function toolCluster(folder: string, say: Say, closers: Closers): Promise<Cluster> {
  const letGo = await holdUnlessServed(folder);
  try {
    const cluster = await startCluster(folder, { say, mayStart: letGo !== null });
    closers.push(async () => {
      const again = await holdUnlessServed(folder);
      if (again === null) return;
      await cluster.stop();
      again();
    });
    return cluster;
  } finally {
    letGo?.();
  }
}

/** Null where a server holds the folder. */
async function holdUnlessServed(folder: string): Promise<(() => void) | null> {
  try {
    return await holdFolder(folder, "tool");
  } catch (error) {
    if (error instanceof StartFailure && error.exitCode === EXIT.alreadyRunning) return null;
    throw error;
  }
}

async function prepared(url: string, app: Login | null): Promise<Login> {
  try {
    return await prepareDatabase(url, app);
  } catch (error) {
    if (error instanceof StartFailure) throw error;
    throw new StartFailure(
      `The database did not take this version's tables: ${error instanceof Error ? error.message : String(error)}. Nothing was lost.`,
      EXIT.database,
    );
  }
}

async function loadDemo({ db }: Connection): Promise<void> {
  for (const file of DEMOS) {
    await importJob(db, TASKS.readJob(readFileSync(file, "utf8")), true);
  }
}

function portOf(text: string | undefined): number {
  if (text === undefined || text === "") return 4600;
  const port = Number(text);
  if (!Number.isInteger(port) || port < 1 || port > 65_535)
    throw new StartFailure(`TREVIN_PORT is "${text}"; it has to be a number from 1 to 65535.`, EXIT.setting);
  return port;
}

function logLevelOf(text: string | undefined): string {
  const levels = [...Object.keys(pino.levels.values), "silent"];
  if (text === undefined || text === "") return "warn";
  if (!levels.includes(text))
    throw new StartFailure(
      `TREVIN_LOG is "${text}"; it has to be one of ${levels.join(", ")}.`,
      EXIT.setting,
    );
  return text;
}

/** Takes the port before anything else is touched; until the application is there it asks to wait. */
function claimPort(port: number): Promise<Server> {
  const server = createServer((_request, response) =>
    response.writeHead(503, { "Retry-After": "2", "Content-Type": "text/plain" }).end("Trevin is starting\n"),
  );
  // A browser that was busy for some seconds finds its connection as it left it.
  server.keepAliveTimeout = KEEP_ALIVE_MS;
  return new Promise((resolve, reject) => {
    server.once("error", (error: NodeJS.ErrnoException) =>
      reject(
        error.code === "EADDRINUSE"
          ? new StartFailure(
              `Port ${port} is taken by another program. Set TREVIN_PORT to a free one, for example TREVIN_PORT=${port + 1} npm start`,
              EXIT.portBusy,
            )
          : new StartFailure(`Port ${port} cannot be opened: ${error.message}`, EXIT.portBusy),
      ),
    );
    server.listen(port, HOST, () => resolve(server));
  });
}

/** Requests that are on their way are answered, for up to ten seconds. */
function closeServer(server: Server): Promise<void> {
  return new Promise((resolve) => {
    server.close(() => resolve());
    server.on("request", (_request, response) => void response.setHeader("Connection", "close"));
    const sweep = setInterval(() => server.closeIdleConnections(), 100);
    sweep.unref();
    setTimeout(() => server.closeAllConnections(), 10_000).unref();
  });
}

/** Where the project lies, from this file. */
export const PROJECT_ROOT = fileURLToPath(new URL("../..", SERVER_FOLDER));
