<script setup lang="ts">
/** Parts that come off before the plugs behind them are reached, and go back on in reverse order. */
import Dialog from "primevue/dialog";
import InputNumber from "primevue/inputnumber";
import InputText from "primevue/inputtext";
import { ref } from "vue";
import { connectorsInOrder, type ConnectorId, type Dossier, type PartInTheWay } from "@trevin/core";

const props = defineProps<{ dossier: Dossier }>();
const emit = defineEmits<{
  save: [part: Omit<PartInTheWay, "id"> & { id?: string | undefined }];
  remove: [id: string];
}>();
type Form = Omit<PartInTheWay, "id"> & { id?: string | undefined };
const form = ref<Form | null>(null);
const edit = (part?: PartInTheWay): void => {
  form.value =
    part === undefined
      ? { name: "", place: "", fasteners: "", tool: "", torque: null, drill: false, hides: [] }
      : { ...part };
};
const toggle = (id: ConnectorId): void => {
  if (form.value)
    form.value = {
      ...form.value,
      hides: form.value.hides.includes(id)
        ? form.value.hides.filter((one) => one !== id)
        : [...form.value.hides, id],
    };
};
function save(): void {
  if (form.value === null || form.value.name.trim() === "") return;
  emit("save", { ...form.value, name: form.value.name.trim() });
  form.value = null;
}
const nameOf = (id: ConnectorId): string => props.dossier.connectors.find((one) => one.id === id)?.name ?? "";
</script>

<template>
  <h2 class="head">
    <span>Parts in the way</span
    ><button type="button" class="link lab no-print" @click="edit()">add a part…</button>
  </h2>
  <ul v-if="dossier.worklist.parts.length" class="parts">
    <li v-for="part in dossier.worklist.parts" :key="part.id">
      <span
        ><b>{{ part.name }}</b
        ><template v-if="part.fasteners">, {{ part.fasteners }}</template
        ><template v-if="part.torque">, {{ part.torque }} N·m</template
        ><span class="mut lab">
          {{ part.hides.length ? `before ${part.hides.map(nameOf).join(", ")}` : "always comes off" }}</span
        ></span
      >
      <span class="no-print"
        ><button type="button" class="link lab" :aria-label="`Change ${part.name}`" @click="edit(part)">
          change</button
        >{{ " "
        }}<button
          type="button"
          class="link lab"
          :aria-label="`Remove ${part.name}`"
          @click="emit('remove', part.id)"
        >
          remove
        </button></span
      >
    </li>
  </ul>
  <p v-else class="why">Trim, boxes, brackets: removed first, refitted last in reverse order.</p>
  <Dialog
    :visible="form !== null"
    modal
    header="Part in the way"
    :draggable="false"
    :style="{ width: 'min(560px, 94vw)' }"
    @update:visible="form = null"
  >
    <form v-if="form" id="part-form" class="form" @submit.prevent="save">
      <div class="two">
        <div class="field">
          <label for="part-name">Part</label
          ><InputText
            id="part-name"
            v-model="form.name"
            autofocus
            maxlength="120"
            placeholder="left sill trim"
          />
        </div>
        <div class="field">
          <label for="part-place">Where</label
          ><InputText id="part-place" v-model="form.place" maxlength="120" placeholder="body, left sill" />
        </div>
      </div>
      <div class="two">
        <div class="field">
          <label for="part-fasteners">Fasteners</label
          ><InputText
            id="part-fasteners"
            v-model="form.fasteners"
            maxlength="200"
            placeholder="4 clips, 1 screw"
          />
        </div>
        <div class="field">
          <label for="part-tool">Tool</label
          ><InputText id="part-tool" v-model="form.tool" maxlength="120" placeholder="trim lever" />
        </div>
      </div>
      <div class="two">
        <div class="field">
          <label for="part-torque">Torque (maker's sheet), N·m</label
          ><InputNumber
            v-model="form.torque"
            input-id="part-torque"
            :min="0.1"
            :max="1000"
            :max-fraction-digits="1"
          />
        </div>
        <label class="tick"><input v-model="form.drill" type="checkbox" /> drill a hole here</label>
      </div>
      <fieldset>
        <legend class="lab">Connectors behind it (none: always remove it)</legend>
        <label v-for="connector in connectorsInOrder(dossier)" :key="connector.id" class="tick"
          ><input
            type="checkbox"
            :checked="form.hides.includes(connector.id)"
            @change="toggle(connector.id)"
          />
          {{ connector.name }}</label
        >
      </fieldset>
    </form>
    <template #footer
      ><button type="button" class="btn quiet" @click="form = null">Cancel</button
      ><button type="submit" form="part-form" class="btn pri" :disabled="!form || form.name.trim() === ''">
        Save
      </button></template
    >
  </Dialog>
</template>

<style scoped>
.link {
  font: 500 14px/26px var(--f-label);
  min-height: 26px;
}
.head {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  border-bottom: 1px solid var(--ink);
  padding-bottom: 6px;
}
.parts li {
  display: flex;
  justify-content: space-between;
  gap: 10px;
  padding: 5px 0;
  border-bottom: 1px solid var(--rule);
  font-size: 13.5px;
}
.form {
  display: grid;
  gap: 12px;
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
  align-items: end;
}
.two :deep(input) {
  width: 100%;
}
fieldset {
  border: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
}
.tick {
  display: inline-flex;
  gap: 8px;
  align-items: center;
  min-height: 36px;
  font-size: 15px;
}
.two .tick :deep(input),
.tick input {
  width: 18px;
  height: 18px;
  accent-color: var(--ink);
}
</style>
