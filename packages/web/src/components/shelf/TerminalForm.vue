<script setup lang="ts">
/** A terminal system of the shop: everything that its sheet says. */
import { ref, watch } from "vue";
import Dialog from "primevue/dialog";
import InputText from "primevue/inputtext";
import Select from "primevue/select";
import { RELEASES, type TerminalSystem } from "@trevin/core";
import {
  BLANK_TERMINAL,
  orderFromLocks,
  readTerminal,
  terminalDraft,
  type TerminalDraft,
} from "./terminalDraft.ts";
import LockOrder from "./LockOrder.vue";
import { LOCK_SIDE_WORDS, RELEASE_WORDS } from "./terminalWords.ts";

const open = defineModel<boolean>("open", { required: true });
const props = defineProps<{
  start: TerminalSystem | null;
  refused: string;
  save: (system: TerminalSystem) => Promise<boolean>;
}>();
const form = ref<TerminalDraft>({ ...BLANK_TERMINAL });
const problem = ref("");
watch(open, (now) => {
  if (!now) return;
  problem.value = "";
  form.value = { ...(props.start === null ? BLANK_TERMINAL : terminalDraft(props.start)) };
});
async function store(): Promise<void> {
  const read = readTerminal(form.value, props.start?.id ?? crypto.randomUUID());
  problem.value = read.ok ? "" : read.error;
  if (read.ok && (await props.save(read.value))) open.value = false;
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
        <span class="over"
          ><label for="t-order">Release, one step per line, in order</label
          ><button type="button" class="link" @click="form = { ...form, order: orderFromLocks(form) }">
            write it from the locks
          </button></span
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
.two {
  align-items: start;
}
.over {
  display: flex;
  gap: 14px;
  align-items: baseline;
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
