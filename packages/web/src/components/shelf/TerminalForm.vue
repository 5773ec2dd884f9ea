<script setup lang="ts">
/** A terminal system of the shop: everything that its sheet says. */
import { reactive, ref, watch } from "vue";
import Dialog from "primevue/dialog";
import InputText from "primevue/inputtext";
import Select from "primevue/select";
import { locksOf, releaseOrder, RELEASES, type SecondaryLock, type TerminalSystem } from "@trevin/core";
import LockOrder from "./LockOrder.vue";
import { LOCK_SIDE_WORDS, RELEASE_WORDS } from "./terminalWords.ts";

const open = defineModel<boolean>("open", { required: true });
const props = defineProps<{
  start: TerminalSystem | null;
  refused: string;
  save: (system: TerminalSystem) => Promise<boolean>;
}>();
/** A form with nothing in it. */
const BLANK = {
  name: "",
  gender: "female" as TerminalSystem["gender"],
  width: "",
  lockSide: "top" as TerminalSystem["lockSide"],
  release: "lance-from-front" as TerminalSystem["release"],
  locks: [] as readonly SecondaryLock[],
  twoStop: false,
  mat: false,
  depth: "",
  order: "",
  tool: "",
  strip: "",
  conductor: "",
  insulation: "",
  seals: "",
  bendBack: true,
  tell: "",
  goodCrimp: "",
  cautions: "Wear eye protection: springs and picks fly.",
  source: "",
};
const form = reactive({ ...BLANK });
const problem = ref("");
const pair = ([from, to]: readonly [number, number]): string => `${from} to ${to}`;
watch(open, (now) => {
  if (!now) return;
  const s = props.start;
  problem.value = "";
  Object.assign(form, BLANK);
  if (s === null) return;
  const { secondary: _s, further: _f, ...shown } = s;
  Object.assign(form, {
    ...shown,
    locks: locksOf(s),
    twoStop: s.twoStop ?? false,
    mat: s.mat ?? false,
    depth: s.depth === undefined ? "" : String(s.depth),
    width: s.width === null ? "" : String(s.width),
    order: s.order.join("\n"),
    strip: pair(s.strip),
    conductor: pair(s.conductor),
    insulation: pair(s.insulation),
    seals: s.seals
      .map(
        (seal) =>
          `${seal.from} to ${seal.to}${seal.ribs === "towards the terminal" ? ", ribs to the terminal" : ""}`,
      )
      .join("; "),
    cautions: s.cautions.join("\n"),
  });
});
/** "4.5 to 5.2", "4,5-5,2" or one number; null when it is none. */
function readRange(text: string): [number, number] | null {
  const parts = [...text.replace(/,/g, ".").matchAll(/\d+(?:\.\d+)?/g)].map(([number]) => Number(number));
  const [from, to = from] = parts;
  return from === undefined || to === undefined || from > to || parts.length > 2 ? null : [from, to];
}
async function store(): Promise<void> {
  const [strip, conductor, insulation] = [
    readRange(form.strip),
    readRange(form.conductor),
    readRange(form.insulation),
  ];
  const seals = form.seals
    .split(";")
    .filter((part) => part.trim() !== "")
    .map((part) => ({
      range: readRange(part),
      ribs: /terminal/i.test(part) ? ("towards the terminal" as const) : ("towards the wire" as const),
    }));
  const number = (text: string): number | null =>
    text.trim() === "" ? null : Number(text.replace(",", "."));
  const [width, depth] = [number(form.width), number(form.depth)];
  const lines = (text: string): string[] =>
    text
      .split("\n")
      .map((line) => line.trim())
      .filter((line) => line !== "");
  if (form.name.trim() === "") problem.value = "Enter a name.";
  else if (strip === null || conductor === null || insulation === null)
    problem.value = "Strip length, conductor and insulation are ranges, for example 4.5 to 5.2.";
  else if (seals.some((seal) => seal.range === null))
    problem.value =
      "Seals are ranges of insulation, for example 1.4 to 1.8; 1.8 to 2.4, ribs to the terminal.";
  else if (width !== null && !(width > 0 && width <= 30))
    problem.value = "The width is a number in mm, or nothing.";
  else if (depth !== null && !(depth >= 1 && depth <= 60))
    problem.value = "The depth of the tool is 1 to 60 mm, or nothing.";
  else if (lines(form.order).length === 0) problem.value = "Enter the release, one step per line.";
  else {
    problem.value = "";
    const { order: _o, seals: _s, cautions: _c, locks, depth: _d, ...rest } = form;
    const [secondary = "none", ...further] = locks;
    const system: TerminalSystem = {
      ...rest,
      secondary,
      further,
      ...(depth === null ? {} : { depth }),
      id: props.start?.id ?? crypto.randomUUID(),
      name: form.name.trim(),
      width,
      strip,
      conductor,
      insulation,
      order: lines(form.order),
      cautions: lines(form.cautions),
      seals: seals.flatMap(({ range, ribs }) =>
        range === null ? [] : [{ from: range[0], to: range[1], ribs }],
      ),
      source: form.source.trim() || "custom",
    };
    if (await props.save(system)) open.value = false;
  }
}
/** The release by its locks, as the families of the Shelf have it. */
function writeOrder(): void {
  const { lockSide, release, tool, mat, gender, locks, seals, depth } = form;
  const [secondary = "none", ...further] = locks;
  form.order = releaseOrder({
    ...{ lockSide, release, tool, mat, gender, secondary, further },
    seals: seals.trim() === "" ? [] : [{ from: 1, to: 2, ribs: "towards the wire" }],
    ...(Number(depth) >= 1 ? { depth: Number(depth) } : {}),
  }).join("\n");
}
const option = (value: string, label: string) => ({ value, label });
</script>

<template>
  <Dialog
    v-model:visible="open"
    class="wide"
    modal
    :header="start ? start.name : 'Custom terminal system'"
    :draggable="false"
  >
    <form id="terminal-form" class="form" @submit.prevent="store">
      <div class="two">
        <div class="field">
          <label for="t-name">Name</label
          ><InputText id="t-name" v-model="form.name" maxlength="80" autofocus />
        </div>
        <div class="field">
          <label for="t-tell">Identifying features</label
          ><InputText id="t-tell" v-model="form.tell" maxlength="400" />
        </div>
      </div>
      <div class="four">
        <div class="field">
          <span id="t-gender" class="label">Contact</span
          ><Select
            v-model="form.gender"
            :options="['female', 'male', 'ring', 'none']"
            aria-labelledby="t-gender"
          />
        </div>
        <div class="field">
          <label for="t-width">Width, mm</label
          ><InputText id="t-width" v-model="form.width" inputmode="decimal" />
        </div>
        <div class="field">
          <span id="t-side" class="label">Lock is on the</span
          ><Select
            v-model="form.lockSide"
            :options="Object.entries(LOCK_SIDE_WORDS).map(([value, label]) => option(value, label))"
            option-label="label"
            option-value="value"
            aria-labelledby="t-side"
          />
        </div>
        <div class="field">
          <label for="t-tool">Tool</label><InputText id="t-tool" v-model="form.tool" maxlength="400" />
        </div>
        <div class="field">
          <label for="t-depth">Tool goes in, mm</label
          ><InputText id="t-depth" v-model="form.depth" inputmode="decimal" />
        </div>
      </div>
      <div class="two">
        <div class="field">
          <span id="t-release" class="label">Primary lock</span
          ><Select
            v-model="form.release"
            :options="RELEASES.map((value) => option(value, RELEASE_WORDS[value]))"
            option-label="label"
            option-value="value"
            aria-labelledby="t-release"
          />
        </div>
        <div class="field">
          <span class="label">Secondary locks, in the order they open</span><LockOrder v-model="form.locks" />
          <label class="tick"
            ><input v-model="form.twoStop" type="checkbox" /> The lock only opens to a first stop; it stays in
            the shell</label
          >
        </div>
      </div>
      <div class="field">
        <label for="t-order">Release, one step per line, in order</label
        ><button type="button" class="link" @click="writeOrder">write it from the locks</button
        ><textarea id="t-order" v-model="form.order" class="inp" rows="4" />
      </div>
      <div class="four">
        <div class="field">
          <label for="t-strip">Strip, mm</label
          ><InputText id="t-strip" v-model="form.strip" placeholder="4.5 to 5.2" />
        </div>
        <div class="field">
          <label for="t-conductor">Conductor, mm²</label
          ><InputText id="t-conductor" v-model="form.conductor" placeholder="0.5 to 1" />
        </div>
        <div class="field">
          <label for="t-insulation">Insulation, mm</label
          ><InputText id="t-insulation" v-model="form.insulation" placeholder="1.4 to 2.4" />
        </div>
        <div class="field">
          <label for="t-seals">Seals, mm</label
          ><InputText id="t-seals" v-model="form.seals" placeholder="1.4 to 1.8; 1.8 to 2.4" />
        </div>
      </div>
      <div class="ticks">
        <label class="tick"
          ><input v-model="form.bendBack" type="checkbox" /> Re-form the lance before reuse</label
        >
        <label class="tick"><input v-model="form.mat" type="checkbox" /> One seal mat for all wires</label>
      </div>
      <div class="two">
        <div class="field">
          <label for="t-crimp">A good crimp</label
          ><textarea id="t-crimp" v-model="form.goodCrimp" class="inp" rows="3" />
        </div>
        <div class="field">
          <label for="t-cautions">Cautions, one per line</label
          ><textarea id="t-cautions" v-model="form.cautions" class="inp" rows="3" />
        </div>
      </div>
      <div class="field">
        <label for="t-source">Source</label
        ><InputText id="t-source" v-model="form.source" maxlength="400" placeholder="sheet, page" />
      </div>
      <p v-if="problem || refused" class="bad" role="alert">{{ problem || refused }}</p>
    </form>
    <template #footer
      ><button type="button" class="btn quiet" @click="open = false">Cancel</button
      ><button type="submit" form="terminal-form" class="btn pri">Save</button></template
    >
  </Dialog>
</template>

<style scoped>
.form {
  display: grid;
  gap: 14px;
}
.four {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(120px, 1fr));
  gap: 14px;
}
.tick {
  display: flex;
  gap: 8px;
  align-items: center;
}
.ticks {
  display: flex;
  gap: 8px 24px;
  flex-wrap: wrap;
}
.tick input {
  width: 20px;
  height: 20px;
  accent-color: var(--ink);
}
textarea {
  resize: vertical;
}
@media (max-width: 700px) {
  .four {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
