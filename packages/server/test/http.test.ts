import { request } from "node:http";
import type { Express } from "express";
import { describe, expect, it } from "vitest";
import { IMPORT_LIMIT } from "../src/features/transfer/routes.ts";
import { createApp } from "../src/app.ts";
import { openApiDocument } from "../src/openApi.ts";
import { DEMO, QUIET, useServer } from "./harness.ts";

describe("http", () => {
  const { send, base, db } = useServer();
  /** fetch does not let a Host header be set; a plain request does. */
  const raw = (headers: Record<string, string>, method = "GET"): Promise<number> =>
    new Promise((resolve, reject) => {
      const { hostname, port } = new URL(base());
      request({ hostname, port, path: "/api/v1/jobs", method, headers }, (response) => {
        response.resume();
        resolve(response.statusCode ?? 0);
      })
        .on("error", reject)
        .end();
    });

  it("answers known hosts only (DNS rebinding) and takes writes from its own pages only", async () => {
    const { host } = new URL(base());
    expect(await raw({ Host: host })).toBe(200);
    expect(await raw({ Host: "evil.example" })).toBe(421);
    expect(await raw({ Host: host, Origin: "http://evil.example" }, "POST")).toBe(403);
    expect(await raw({ Host: host, "Sec-Fetch-Site": "cross-site" }, "POST")).toBe(403);
    expect(await raw({ Host: host, Origin: base() }, "POST")).not.toBe(403);
  });

  it("sends a policy that runs nothing inline and loads nothing from outside", async () => {
    const { headers } = await send("GET", "/health");
    const policy = headers.get("content-security-policy") ?? "";
    expect(policy).toContain("default-src 'none'");
    expect(policy).toContain("script-src 'self'");
    expect(policy).not.toMatch(/unsafe|https?:|\*/);
    expect(headers.get("x-content-type-options")).toBe("nosniff");
    expect(headers.get("strict-transport-security")).toBeNull();
  });

  it("has an OpenAPI 3.1 document that names exactly the routes there are", async () => {
    const document = (await send("GET", "/openapi.json")).body as unknown as {
      openapi: string;
      paths: Record<string, Record<string, unknown>>;
    };
    expect(document.openapi).toBe("3.1.0");
    expect(document).toEqual(JSON.parse(JSON.stringify(openApiDocument())));
    const named = Object.entries(document.paths)
      .flatMap(([path, methods]) => Object.keys(methods).map((method) => `${method} ${path}`))
      .sort();
    expect(routesOf(createApp({ ...QUIET, db: db() }))).toEqual(named);
  });

  it("takes a job file up to the limit and refuses a larger one while it streams in", async () => {
    const large = {
      ...DEMO,
      connectors: (DEMO["connectors"] as { pins: object[] }[]).map((connector) => ({
        ...connector,
        pins: connector.pins.map((pin) => ({ ...pin, note: "x".repeat(1000) })),
      })),
    };
    expect((await send("POST", "/imports", large)).status).toBe(201);
    expect(
      (await send("POST", "/imports", JSON.stringify({ pad: "x".repeat(IMPORT_LIMIT) }))).body,
    ).toMatchObject({ status: 413, code: "too-large", detail: expect.stringContaining("16 MB") });
    expect((await send("POST", "/imports", JSON.stringify(DEMO).slice(0, 700))).body).toMatchObject({
      status: 400,
      code: "not-json",
    });
    expect((await send("POST", "/imports", { ...DEMO, version: 9 })).body).toMatchObject({
      status: 422,
      code: "newer-version",
    });
  });
});

interface Layer {
  readonly route?: { readonly path: string; readonly methods: Record<string, boolean> };
  readonly handle?: { readonly stack?: readonly Layer[] };
}
/** Every method and path that the application answers below /api/v1. */
function routesOf(app: Express): readonly string[] {
  const walk = (layers: readonly Layer[]): readonly string[] =>
    layers.flatMap((layer) =>
      layer.route === undefined
        ? walk(layer.handle?.stack ?? [])
        : Object.keys(layer.route.methods).map(
            (method) => `${method} ${layer.route!.path.replace(/:(\w+)/g, "{$1}")}`,
          ),
    );
  return [...walk((app.router as unknown as { stack: readonly Layer[] }).stack)].sort();
}
