// @vitest-environment happy-dom
import { describe, expect, it, vi } from "vitest";
import { effectScope, nextTick, ref } from "vue";
import type { PatchPhoto, Photo } from "@trevin/core/contract";
import type { ApiProblem as Problem } from "../api/client.ts";
import { usePhotos } from "./usePhotos.ts";

const server = vi.hoisted(() => ({ photos: [] as (Photo & { removed: boolean })[], refuse: "" }));
/** Files of one worker share their modules: what another one mocked is forgotten before this one's imports. */
vi.hoisted(() => {
  vi.resetModules();
});
vi.mock("../api/client.ts", async (original) => {
  const { ApiProblem } = await original<{ ApiProblem: typeof Problem }>();
  const answer = <T>(work: () => T): Promise<T> =>
    server.refuse === ""
      ? Promise.resolve(work())
      : Promise.reject(
          new ApiProblem({
            type: "about:blank",
            title: "no",
            status: 422,
            code: "not-a-picture",
            detail: server.refuse,
          }),
        );
  return {
    ApiProblem,
    photoPath: (job: string, photo: string, size: string) => `${job}/${photo}/${size}`,
    api: {
      photos: (job: string) =>
        answer(() => server.photos.filter((photo) => photo.id.startsWith(job) && !photo.removed)),
      addPhoto: (job: string, file: File, place: { connector?: string }) =>
        answer(() => {
          const photo = {
            id: `${job}-${file.name}`,
            connector: place.connector ?? null,
            pin: null,
            caption: "",
            width: 1,
            height: 1,
            sha256: "",
            at: "",
            removed: false,
          } as unknown as Photo & { removed: boolean };
          server.photos.push(photo);
          return photo;
        }),
      changePhoto: (_job: string, id: string, body: PatchPhoto) =>
        answer(() =>
          Object.assign(
            server.photos.find((photo) => photo.id === id)!,
            body,
          ),
        ),
    },
  };
});

const file = (name: string): File => new File(["x"], name);
const settled = async (): Promise<void> => {
  for (let i = 0; i < 5; i++) await nextTick();
};

describe("usePhotos", () => {
  const job = ref("a");
  const photos = effectScope().run(() => usePhotos(job))!;

  it("takes in several at once, captions one, removes it and puts it back in its place", async () => {
    await photos.add([file("1"), file("2")], { connector: "c" as never });
    expect(photos.photos.value.map(({ id, connector }) => [id, connector])).toEqual([
      ["a-1", "c"],
      ["a-2", "c"],
    ]);
    await photos.caption(photos.photos.value[0]!, "lock cracked");
    expect(photos.photos.value[0]?.caption).toBe("lock cracked");
    await photos.remove(photos.photos.value[0]!);
    expect([photos.photos.value.map(({ id }) => id), photos.removed.value?.id]).toEqual([["a-2"], "a-1"]);
    await photos.putBack();
    expect([photos.photos.value.map(({ id }) => id), photos.removed.value]).toEqual([["a-1", "a-2"], null]);
    expect(photos.path(photos.photos.value[1]!, "small")).toBe("a/a-2/small");
  });

  it("says what was refused, keeps what it has, and forgets the message with the next try", async () => {
    server.refuse = "This is not a picture.";
    await photos.add([file("3")], {});
    expect([photos.problem.value, photos.busy.value, photos.photos.value.length]).toEqual([
      "This is not a picture.",
      false,
      2,
    ]);
    server.refuse = "";
    await photos.add([file("3")], {});
    expect([photos.problem.value, photos.photos.value.length]).toEqual(["", 3]);
  });

  it("shows the photos of the job that is open", async () => {
    job.value = "b";
    await settled();
    expect(photos.photos.value).toEqual([]);
    job.value = "a";
    await settled();
    expect(photos.photos.value).toHaveLength(3);
  });
});
