import { randomBytes } from "node:crypto";
import sharp from "sharp";
import { describe, expect, it } from "vitest";
import { useServer } from "./harness.ts";

const HEAD = {
  name: "Photographed",
  kind: "cluster-swap",
  vehicle: "",
  incoming: "",
  nominalVolts: 12,
  method: "move",
};

describe("photos", () => {
  const { send, base } = useServer();
  const newJob = async (): Promise<string> => (await send("POST", "/jobs", HEAD)).body.id!;
  const put = (job: string, file: Buffer, query = "") =>
    fetch(`${base()}/api/v1/jobs/${job}/photos${query}`, {
      method: "POST",
      body: new Uint8Array(file),
      headers: { "Content-Type": "application/octet-stream" },
    });
  const get = async (job: string, id: string, size = ""): Promise<Buffer> =>
    Buffer.from(await (await fetch(`${base()}/api/v1/jobs/${job}/photos/${id}/image${size}`)).arrayBuffer());

  it("are encoded anew: upright, bounded, and without a word of where and when", async () => {
    const job = await newJob();
    // Lying on its side by its EXIF orientation, with a place and a camera's name in it.
    const original = await sharp({
      create: { width: 3000, height: 1200, channels: 3, background: "#804020" },
    })
      .jpeg()
      .withMetadata({
        orientation: 6,
        icc: "p3",
        exif: {
          IFD0: { Make: "SecretCamera", ImageDescription: "at my house" },
          IFD3: { GPSLatitudeRef: "N", GPSLatitude: "51/1 30/1 0/1" },
        },
      })
      .toBuffer();
    expect(original.includes("SecretCamera")).toBe(true);
    const answer = await put(job, original, "?connector=B12&pin=B12.7&caption=before");
    expect(answer.status).toBe(201);
    const photo = (await answer.json()) as { id: string; width: number; height: number };
    expect(photo).toMatchObject({
      connector: "B12",
      pin: "B12.7",
      caption: "before",
      width: 800,
      height: 2000,
    });
    const stored = await get(job, photo.id);
    const meta = await sharp(stored).metadata();
    expect(meta).toMatchObject({ format: "jpeg", width: 800, height: 2000 });
    expect([meta.exif, meta.icc, meta.iptc, meta.xmp, meta.orientation]).toEqual([
      undefined,
      undefined,
      undefined,
      undefined,
      undefined,
    ]);
    expect(stored.includes("SecretCamera")).toBe(false);
    expect(await sharp(await get(job, photo.id, "?size=small")).metadata()).toMatchObject({ height: 320 });
  });

  it("are listed oldest first, captioned, removed and put back", async () => {
    const job = await newJob();
    const picture = await sharp({
      create: { width: 40, height: 30, channels: 4, background: { r: 0, g: 0, b: 0, alpha: 0 } },
    })
      .png()
      .toBuffer();
    const [first, second] = [
      (await (await put(job, picture)).json()) as { id: string },
      (await (await put(job, picture, "?connector=c1")).json()) as { id: string },
    ];
    const ids = async (): Promise<unknown> =>
      ((await send("GET", `/jobs/${job}/photos`)).body["photos"] as { id: string }[]).map(({ id }) => id);
    expect(await ids()).toEqual([first.id, second.id]);
    expect(
      (await send("PATCH", `/jobs/${job}/photos/${first.id}`, { caption: "lock broken", connector: "c1" }))
        .body,
    ).toMatchObject({ caption: "lock broken", connector: "c1" });
    await send("PATCH", `/jobs/${job}/photos/${first.id}`, { removed: true });
    expect(await ids()).toEqual([second.id]);
    await send("PATCH", `/jobs/${job}/photos/${first.id}`, { removed: false });
    expect(await ids()).toEqual([first.id, second.id]);
    // A transparent picture gets a white ground, not a black one.
    const { data } = await sharp(await get(job, first.id))
      .raw()
      .toBuffer({ resolveWithObject: true });
    expect([...data.subarray(0, 3)]).toEqual([255, 255, 255]);
  });

  it("refuse what is no picture, too large, or in no job, and store nothing", async () => {
    const job = await newJob();
    const code = async (answer: Response): Promise<readonly [number, unknown]> => [
      answer.status,
      ((await answer.json()) as { code: string }).code,
    ];
    expect(await code(await put(job, randomBytes(2000)))).toEqual([422, "not-a-picture"]);
    expect(
      await code(
        await put(
          job,
          Buffer.from(
            '<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"><image href="file:///etc/passwd"/></svg>',
          ),
        ),
      ),
    ).toEqual([422, "not-a-picture"]);
    expect(await code(await put(job, Buffer.alloc(0)))).toEqual([422, "not-a-picture"]);
    const huge = await sharp({ create: { width: 12000, height: 9000, channels: 3, background: "#fff" } })
      .png({ compressionLevel: 9 })
      .toBuffer();
    expect(await code(await put(job, huge))).toEqual([422, "picture-too-large"]);
    expect((await put(job, Buffer.alloc(20_000_001))).status).toBe(413);
    expect((await put("0b8f0c9e-0000-4000-8000-000000000000", huge)).status).toBe(404);
    expect((await send("GET", `/jobs/${job}/photos/not-an-id/image`)).status).toBe(404);
    expect(
      (await send("PATCH", `/jobs/${job}/photos/0b8f0c9e-0000-4000-8000-000000000000`, { caption: "x" }))
        .status,
    ).toBe(404);
    expect(
      (
        await send("PATCH", `/jobs/${job}/photos/0b8f0c9e-0000-4000-8000-000000000000`, {
          caption: "x".repeat(300),
        })
      ).status,
    ).toBe(422);
    expect((await send("GET", `/jobs/${job}/photos`)).body["photos"]).toEqual([]);
  });
});
