<script setup lang="ts">
/** What a pasted or opened table became, before anything is stored: doubtful lines first, every guess correctable. */
import { computed, ref, watch } from "vue";
import Select from "primevue/select";
import {
  canGoIn,
  COLOUR_SYSTEM_NAMES,
  COLOUR_SYSTEMS,
  tableFileNoteWords,
  type ColourSystem,
  type Connector,
  type Field,
  type OwnWord,
  type ReadTable,
  type Source,
  type SourceId,
  type TableFile,
  type TakeMode,
} from "@trevin/core";
import ColumnChoices from "./ColumnChoices.vue";
import TableSummary from "./TableSummary.vue";
import HeaderRows from "./HeaderRows.vue";
import { isDoubtfulLine } from "./doubtfulLine.ts";
import ReadLines from "./ReadLines.vue";
import { useOverwritten, useReadTable } from "../../composables/useReadTable.ts";

const props = defineProps<{
  file: TableFile;
  name: string;
  connector: Connector;
  sources: readonly Source[];
  source: SourceId | null;
  words: readonly OwnWord[];
  busy: boolean;
}>();
const emit = defineEmits<{
  take: [table: ReadTable, source: SourceId | null, mode: TakeMode];
  drop: [];
  newSource: [];
}>();

const sheet = ref(0);
const system = ref<ColourSystem | "auto">("auto");
const headerLines = ref<number | null>(null);
const turned = ref<boolean | null>(null);
const columns = ref<readonly (Field | null)[] | null>(null);
const from = ref<SourceId | "none">(props.source ?? "none");
const mode = ref<"replace" | "compare" | "variant">("replace");
const when = ref("");
watch(
  () => props.source,
  (next) => {
    from.value = next ?? "none";
  },
);

const { table, problem, reading } = useReadTable(props, {
  sheet,
  system,
  from,
  headerLines,
  turned,
  columns,
});
const lines = computed(() => table.value?.lines ?? []);
const good = computed(() => lines.value.filter(canGoIn));
const bad = computed(() => lines.value.filter((line) => !canGoIn(line)));
const doubtful = computed(() => good.value.filter(isDoubtfulLine));
const known = computed(() => good.value.filter((line) => isThere(line.cavity)).length);
const { isThere, lost, lostCount } = useOverwritten(props, table, good, mode);
/** A table without functions is hardly ever meant: it is asked for once. */
const noFunctions = computed(
  () => good.value.length > 0 && good.value.every((line) => line.function === "" && !line.saidEmpty),
);
const asked = ref(false);
watch(noFunctions, () => (asked.value = false));
const addButton = ref<HTMLButtonElement | null>(null);
/** After a choice the hand is on Add, so that Enter puts the table in. */
const toAdd = (): void => void setTimeout(() => addButton.value?.focus(), 60);
const systemOptions = computed(() => [
  { value: "auto", label: "from the column" },
  ...COLOUR_SYSTEMS.map((value) => ({ value, label: COLOUR_SYSTEM_NAMES[value] })),
]);
const sourceOptions = computed(() => [
  { value: "none", label: "not stated" },
  ...props.sources.map((one) => ({ value: one.id as string, label: one.title })),
]);
const modeOptions = computed(() => [
  { value: "replace", label: `overwrite with what the table says` },
  { value: "compare", label: "keep existing values, note differences" },
  { value: "variant", label: "keep existing values (this table is for other cars)" },
]);
const sheetOptions = computed(() =>
  props.file.kind === "sheets" ? props.file.sheets.map((one, value) => ({ value, label: one.name })) : [],
);
const blocked = computed(
  () =>
    good.value.length === 0 ||
    props.busy ||
    reading.value ||
    (mode.value === "variant" && when.value.trim() === ""),
);

function take(): void {
  if (blocked.value || table.value === null) return;
  if (noFunctions.value && !asked.value) {
    asked.value = true;
    toAdd();
    return;
  }
  const compare = known.value > 0 && mode.value !== "replace";
  emit(
    "take",
    table.value,
    from.value === "none" ? null : (from.value as SourceId),
    compare
      ? { kind: "compare", when: mode.value === "variant" ? when.value.trim() : "" }
      : { kind: "replace" },
  );
}
defineExpose({ take });
</script>

<template>
  <section class="panel" aria-label="Table to add">
    <header>
      <h2>{{ name }} into {{ connector.name }}</h2>
      <p v-if="table" class="counts">
        <b>{{ lines.length }}</b> lines read, <b>{{ good.length }}</b> understood<template v-if="bad.length"
          >, <b>{{ bad.length }}</b> not usable</template
        ><template v-if="doubtful.length"
          >, <b>{{ doubtful.length }}</b> to look at</template
        ><template v-if="known"
          >, <b>{{ known }}</b> already in the table</template
        ><template v-if="lostCount"
          >, <b>{{ lostCount }}</b> {{ lostCount === 1 ? "value" : "values" }} overwritten</template
        >
      </p>
      <span class="go"
        ><button ref="addButton" type="button" class="btn pri" :disabled="blocked" @click="take">
          Add {{ good.length }} pins{{ asked && noFunctions ? " without functions" : "" }} <kbd>Enter</kbd>
        </button>
        <button type="button" class="btn quiet" @click="emit('drop')">Discard <kbd>Esc</kbd></button></span
      >
    </header>
    <p v-if="problem" class="bad" role="alert">{{ problem }} The pin table has not changed.</p>
    <p v-if="asked && noFunctions" class="bad" role="alert">
      No column holds functions, and matching needs them. Set the column that says what each wire is for, or
      add the cavities without.
    </p>
    <p v-for="note in file.notes" :key="note.code" class="why">{{ tableFileNoteWords(note) }}</p>
    <div class="choices">
      <div v-if="sheetOptions.length > 1" class="field">
        <span id="i-sheet" class="label">Sheet</span
        ><Select
          v-model="sheet"
          :options="sheetOptions"
          option-label="label"
          option-value="value"
          aria-labelledby="i-sheet"
          @update:model-value="toAdd"
        />
      </div>
      <div class="field">
        <span id="i-system" class="label">Colour codes are</span
        ><Select
          v-model="system"
          :options="systemOptions"
          option-label="label"
          option-value="value"
          aria-labelledby="i-system"
          @update:model-value="toAdd"
        />
      </div>
      <div class="field">
        <span id="i-source" class="label">Source of the table</span
        ><span class="pair"
          ><Select
            v-model="from"
            :options="sourceOptions"
            option-label="label"
            option-value="value"
            aria-labelledby="i-source"
            @update:model-value="toAdd"
          /><button
            type="button"
            class="btn quiet"
            aria-label="New source"
            title="New source"
            @click="emit('newSource')"
          >
            +
          </button></span
        >
      </div>
      <div v-if="known" class="field wide">
        <span id="i-mode" class="label">Existing cavities</span
        ><Select
          v-model="mode"
          :options="modeOptions"
          option-label="label"
          option-value="value"
          aria-labelledby="i-mode"
          @update:model-value="toAdd"
        />
      </div>
      <div v-if="known && mode === 'variant'" class="field">
        <label for="i-when">Applies to</label
        ><input id="i-when" v-model="when" class="inp" maxlength="120" placeholder="up to model year 2" />
      </div>
      <HeaderRows v-if="table" :rows="table.headerLines" @update:rows="headerLines = $event" />
      <label v-if="table" class="tick"
        ><input
          type="checkbox"
          :checked="table.turned"
          @change="turned = ($event.target as HTMLInputElement).checked"
        />
        cavities in the header row</label
      >
    </div>
    <ColumnChoices
      v-if="table"
      :table="table"
      @choose="
        columns = $event;
        toAdd();
      "
    />
    <TableSummary v-if="table" :table="table" />
    <ReadLines v-if="table" :lines="lines" :system="table.system" :lost="lost" />
    <p v-else-if="reading" class="mut" role="status">Reading the table</p>
  </section>
</template>

<style scoped>
.panel {
  padding-top: 10px;
  display: flex;
  flex-direction: column;
  gap: 8px;
  min-height: 0;
}
header {
  display: grid;
  grid-template-columns: 1fr auto;
  align-items: center;
  gap: 2px 14px;
}
.go {
  grid-column: 2;
  grid-row: 1 / 3;
  display: flex;
  gap: 10px;
}
.counts {
  grid-column: 1;
}
.choices {
  display: flex;
  gap: 6px 14px;
  flex-wrap: wrap;
  align-items: end;
}
.choices .field {
  min-width: 90px;
}
.choices .wide {
  width: 236px;
}
.choices :deep(.inp) {
  min-height: 32px;
  padding: 3px 8px;
}
.pair {
  display: flex;
  gap: 8px;
  align-items: center;
}
.pair :deep(.sel) {
  width: 128px;
}
.pair .btn {
  min-height: 32px;
  min-width: 34px;
  font-size: 14px;
}
.tick {
  display: flex;
  gap: 6px;
  align-items: center;
  min-height: 32px;
  font: 500 14px/16px var(--f-label);
}
.tick input {
  width: 18px;
  height: 18px;
  accent-color: var(--ink);
}
</style>
