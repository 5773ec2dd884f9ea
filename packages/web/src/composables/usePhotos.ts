import { computed, shallowRef, watch, type Ref } from "vue";
import type { Photo } from "@trevin/core/contract";
import type { ConnectorId, PinId } from "@trevin/core";
import { api, ApiProblem, photoPath } from "../api/client.ts";

/** The photos of a job: taken in (`taken` is told of each), captioned, removed and put back. What fails is said and nothing is lost. */
export function usePhotos(job: Ref<string>, taken: (photo: Photo) => unknown = () => undefined) {
  const photos = shallowRef<readonly Photo[]>([]);
  const removed = shallowRef<Photo | null>(null);
  const problem = shallowRef("");
  const busy = shallowRef(0);
  const attempt = async (work: () => Promise<void>): Promise<void> => {
    busy.value++;
    problem.value = "";
    try {
      await work();
    } catch (error) {
      if (!(error instanceof ApiProblem)) throw error;
      problem.value = error.message;
    } finally {
      busy.value--;
    }
  };
  const load = (): Promise<void> =>
    attempt(async () => {
      photos.value = await api.photos(job.value);
    });
  watch(job, load, { immediate: true });

  const add = (
    files: readonly File[],
    place: { readonly connector?: ConnectorId; readonly pin?: PinId },
  ): Promise<void> =>
    attempt(async () => {
      for (const file of files) {
        const photo = await api.addPhoto(job.value, file, place);
        photos.value = [...photos.value, photo];
        taken(photo);
      }
    });
  const caption = (photo: Photo, text: string): Promise<void> =>
    attempt(async () => {
      const next = await api.changePhoto(job.value, photo.id, { caption: text });
      photos.value = photos.value.map((one) => (one.id === next.id ? next : one));
    });
  const remove = (photo: Photo): Promise<void> =>
    attempt(async () => {
      await api.changePhoto(job.value, photo.id, { removed: true });
      photos.value = photos.value.filter((one) => one.id !== photo.id);
      removed.value = photo;
    });
  const putBack = (): Promise<void> =>
    attempt(async () => {
      if (removed.value === null) return;
      await api.changePhoto(job.value, removed.value.id, { removed: false });
      removed.value = null;
      photos.value = await api.photos(job.value);
    });
  const path = (photo: Photo, size: "small" | "full"): string => photoPath(job.value, photo.id, size);
  return {
    photos,
    removed,
    problem,
    busy: computed(() => busy.value > 0),
    add,
    caption,
    remove,
    putBack,
    path,
  };
}
