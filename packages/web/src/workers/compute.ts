import { expose } from "comlink";
import { analyse } from "./analysis.ts";
import { lookAlikesOf, tableOf } from "./reading.ts";

const worker = { analyse, lookAlikes: lookAlikesOf, readTable: tableOf };
export type ComputeWorker = typeof worker;
expose(worker);
