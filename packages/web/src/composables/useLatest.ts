import { ref, shallowRef, type Ref, type ShallowRef } from "vue";

/** The answer to what was asked last, null till it is there; one that comes after something else was asked is dropped. */
export function useLatest<T>(): {
  readonly answer: Readonly<ShallowRef<T | null>>;
  readonly isAsking: Readonly<Ref<boolean>>;
  readonly ask: (question: Promise<T | null>) => Promise<void>;
  readonly clear: () => void;
} {
  const answer = shallowRef<T | null>(null);
  const isAsking = ref(false);
  let turn = 0;
  function clear(): void {
    turn++;
    answer.value = null;
    isAsking.value = false;
  }
  async function ask(question: Promise<T | null>): Promise<void> {
    clear();
    isAsking.value = true;
    const own = turn;
    const found = await question;
    if (own !== turn) return;
    answer.value = found;
    isAsking.value = false;
  }
  return { answer, isAsking, ask, clear };
}
