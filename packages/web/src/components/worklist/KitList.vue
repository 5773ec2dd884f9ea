<script setup lang="ts">
/** Everything that has to be there, to tick off; and how much of the work can be done with what is there. */
import { computed } from "vue";
import { KIT_KINDS, kitKey, type KitItem, type KitKind } from "@trevin/core";

const props = defineProps<{
  kit: readonly KitItem[];
  have: readonly string[];
  ready: number;
  circuits: number;
}>();
const emit = defineEmits<{ tick: [keys: readonly string[], has: boolean] }>();

const KINDS: Readonly<Record<KitKind, string>> = { part: "Parts", consumable: "Used up", tool: "Tools" };
const ticked = computed(() => new Set(props.have));
const kinds = computed(() =>
  KIT_KINDS.map((kind) => ({
    kind,
    items: props.kit.filter((item) => item.kind === kind).map((item) => ({ ...item, key: kitKey(item) })),
  })).filter(({ items }) => items.length > 0),
);
const missing = computed(() => props.kit.filter((item) => !ticked.value.has(kitKey(item))).length);
const allThere = (items: readonly { readonly key: string }[]): boolean =>
  items.every(({ key }) => ticked.value.has(key));
</script>

<template>
  <h2 class="head">
    <span>Kit</span
    ><span class="lab mut">{{
      missing === 0 ? "all is there" : `${missing} of ${kit.length} not ticked yet`
    }}</span>
  </h2>
  <p class="ready">
    <b>{{ ready === circuits ? "All the work" : `${ready} of ${circuits} circuits` }}</b> can be done with the
    ticked items.
  </p>
  <section v-for="one in kinds" :key="one.kind">
    <h3>
      <span>{{ KINDS[one.kind] }}</span><button
        type="button"
        class="link lab no-print"
        @click="
          emit(
            'tick',
            one.items.map(({ key }) => key),
            !allThere(one.items),
          )
        "
      >
        {{ allThere(one.items) ? "untick all" : "tick all" }}
      </button>
    </h3>
    <ul class="kit">
      <li v-for="item in one.items" :key="item.key">
        <label
          ><input
            type="checkbox"
            :checked="ticked.has(item.key)"
            @change="emit('tick', [item.key], !ticked.has(item.key))"
          /><b>{{ item.count }}</b
          ><span
            >{{ item.what }}<template v-if="item.size">, {{ item.size }}</template
            >{{ " " }}<span v-if="item.spare" class="mut lab">and {{ item.spare }} spare</span></span
          ></label
        >
      </li>
    </ul>
  </section>
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
h3 {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  padding-top: 8px;
}
.ready {
  font-size: 13.5px;
  padding: 6px 0 2px;
}
.kit label {
  display: grid;
  grid-template-columns: 22px 26px minmax(0, 1fr);
  gap: 6px;
  padding: 4px 0;
  border-bottom: 1px solid var(--rule);
  font-size: 13.5px;
  align-items: start;
  cursor: pointer;
  min-height: 28px;
}
.kit input {
  width: 18px;
  height: 18px;
  accent-color: var(--ink);
  margin: 0;
}
.kit b {
  text-align: right;
}
</style>
