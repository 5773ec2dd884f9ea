export { analyse, type Analysis, type AnalyseOptions, type Progress } from "./analyse.ts";
