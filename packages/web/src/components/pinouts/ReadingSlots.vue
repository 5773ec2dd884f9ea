<script setup lang="ts">
/** What else a label says, slot by slot: as it is read, and as it is taught. */
import { computed } from "vue";
import Select from "primevue/select";
import {
  slotOf,
  SLOT_WORDS,
  slotValueWords,
  TAUGHT_SLOTS,
  type Meaning,
  type TaughtSlot,
  type TaughtSlots,
} from "@trevin/core";

const slots = defineModel<TaughtSlots>({ required: true });
const props = defineProps<{ read: Meaning }>();

const NOTHING = "not said";
const lines = computed(() =>
  (Object.keys(SLOT_WORDS) as readonly TaughtSlot[]).map((slot) => {
    const told = slots.value[slot];
    return {
      slot,
      value: (told === undefined ? slotOf(props.read, slot) : told) ?? NOTHING,
      isTaught: told !== undefined,
      options: [
        { value: NOTHING, label: NOTHING },
        ...TAUGHT_SLOTS[slot].map((value) => ({ value, label: slotValueWords(slot, value) })),
      ],
    };
  }),
);
/** What is as read is not taught: it stays open to a better reading. */
function set(slot: TaughtSlot, value: string): void {
  const { [slot]: _, ...rest } = slots.value;
  const said = value === NOTHING ? null : value;
  slots.value = said === slotOf(props.read, slot) ? rest : ({ ...rest, [slot]: said } as TaughtSlots);
}
</script>

<template>
  <div class="slots">
    <div v-for="line in lines" :key="line.slot" class="field">
      <span :id="`slot-${line.slot}`" class="lab">{{ SLOT_WORDS[line.slot] }}</span>
      <Select
        :model-value="line.value"
        :options="line.options"
        option-label="label"
        option-value="value"
        :class="{ taught: line.isTaught }"
        :aria-labelledby="`slot-${line.slot}`"
        @update:model-value="set(line.slot, String($event))"
      />
    </div>
  </div>
</template>

<style scoped>
.slots {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(140px, 1fr));
  gap: 8px 12px;
}
.taught {
  box-shadow: inset 6px 0 0 var(--ink);
}
</style>
