import { readFileSync } from "node:fs";
import { createServer, type Server } from "node:http";
import { fileURLToPath } from "node:url";
import { pino } from "pino";
import { readJobFile } from "@trevin/core/contract";
import { createApp } from "./app.ts";
import { connect, type Connection } from "./db/connect.ts";
import { prepareDatabase } from "./db/migrate.ts";
import { countJobs } from "./features/jobs/repo.ts";
import { importJob } from "./features/jobs/service.ts";
import { SERVER_FOLDER } from "./folder.ts";
import { APP_ROLE, passwordOf, startCluster, type Cluster } from "./launch/cluster.ts";
import { dataFolder, holdFolder } from "./launch/dataFolder.ts";
import { EXIT, StartFailure } from "./launch/failure.ts";
import { buildWebIfStale } from "./launch/webBuild.ts";

export { StartFailure } from "./launch/failure.ts";

const HOST = "127.0.0.1";
/** The last one stands first in the list. */
const DEMOS = ["engine-swap", "cluster-swap", "wiper-bypass", "tail-lift", "levelling"].map((name) =>
  fileURLToPath(new URL(`demo/${name}.trevin.json`, SERVER_FOLDER)),
);

/**
 * Everything between the command and the ready line. Each thing opened is closed again in reverse order, whether by a
 * signal or by a failure half-way.
 */
export async function start(projectRoot: string): Promise<void> {
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
    const port = portOf(process.env["TREVIN_PORT"]);
    const server = await claimPort(port);
    closers.push(() => closeServer(server));
    const { connection } = await openDatabase(projectRoot, say, closers);
    if ((await countJobs(connection.db)) === 0) await loadDemo(connection);
    const webRoot = process.env["TREVIN_WEB"] === "off" ? null : buildWebIfStale(projectRoot, say);
    const log = pino({
      level: process.env["TREVIN_LOG"] ?? "warn",
      redact: ["req.headers.authorization", "req.headers.cookie"],
    });
    server.removeAllListeners("request");
    server.on("request", createApp({ db: connection.db, log, now: () => new Date(), webRoot }));
    if (stopping === null) say(`Trevin is ready at http://${HOST}:${port}/`);
  } catch (error) {
    await closeAll();
    throw error;
  }
}

/** A database that is ready to use: the one of DATABASE_URL, or the private cluster of the data folder. */
export async function openDatabase(
  projectRoot: string,
  say: (line: string) => void,
  closers: (() => unknown)[],
  hold = true,
): Promise<{ readonly connection: Connection; readonly url: string }> {
  const outside = process.env["DATABASE_URL"];
  const onError = (error: Error): void =>
    void process.stderr.write(`database connection lost: ${error.message}\n`);
  if (outside !== undefined && outside !== "") {
    await prepared(outside, { role: APP_ROLE, password: null });
    const connection = connect(outside, { role: APP_ROLE, onError });
    closers.push(connection.close);
    return { connection, url: outside };
  }
  const folder = dataFolder(projectRoot, say);
  if (hold) closers.push(holdFolder(folder));
  const cluster: Cluster = await startCluster(folder, { say });
  if (hold || !cluster.tookOver) closers.push(cluster.stop);
  await prepared(cluster.ownerUrl, { role: APP_ROLE, password: passwordOf(cluster.appUrl) });
  const connection = connect(cluster.appUrl, { onError });
  closers.push(connection.close);
  return { connection, url: cluster.ownerUrl };
}

async function prepared(url: string, app: Parameters<typeof prepareDatabase>[1]): Promise<void> {
  try {
    await prepareDatabase(url, app);
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
    const read = readJobFile(readFileSync(file, "utf8"));
    if (!read.ok) throw new Error(`the demo job ${file} is unreadable: ${read.error.code}`);
    await importJob(db, read.value);
  }
}

function portOf(text: string | undefined): number {
  if (text === undefined || text === "") return 4600;
  const port = Number(text);
  if (!Number.isInteger(port) || port < 1 || port > 65_535)
    throw new StartFailure(`TREVIN_PORT is "${text}"; it has to be a number from 1 to 65535.`, 2);
  return port;
}

/** Takes the port before anything else is touched; until the application is there it asks to wait. */
function claimPort(port: number): Promise<Server> {
  const server = createServer((_request, response) =>
    response.writeHead(503, { "Retry-After": "2", "Content-Type": "text/plain" }).end("Trevin is starting\n"),
  );
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

function closeServer(server: Server): Promise<void> {
  return new Promise((resolve) => {
    server.close(() => resolve());
    server.closeIdleConnections();
    setTimeout(() => server.closeAllConnections(), 3000).unref();
  });
}

/** Where the project lies, from this file. */
export const PROJECT_ROOT = fileURLToPath(new URL("../..", SERVER_FOLDER));
