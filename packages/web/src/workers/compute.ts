import { expose } from "comlink";
import { analyse } from "./analysis.ts";

const worker = { analyse };
export type ComputeWorker = typeof worker;
expose(worker);
