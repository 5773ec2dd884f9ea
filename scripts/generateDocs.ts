import { writeFileSync } from "node:fs";
import { jobFileJsonSchema } from "@trevin/core/contract";

/** The job file's JSON Schema, made from the schemas that check it; a test fails while this file is stale. */
writeFileSync(
  new URL("../docs/job-file.schema.json", import.meta.url),
  `${JSON.stringify(jobFileJsonSchema(), null, 2)}\n`,
);
