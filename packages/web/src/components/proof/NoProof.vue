<script setup lang="ts">
/** What stands in place of a proof: it is being solved, it was stopped, or there is nothing to prove. */
import type { Proof } from "@trevin/core";
import { useProof } from "../../stores/proof.ts";
import UnderWay from "../parts/UnderWay.vue";

defineProps<{ proof: Proof | null }>();
const store = useProof();
</script>

<template>
  <main v-if="proof !== null">
    <h1>Nothing to prove yet</h1>
    <p>
      Decide what meets what in the crosswalk. Then every supply, switch and part of what you decided is
      solved here for each position of the key, before the battery goes on.
    </p>
    <p><RouterLink class="btn pri" :to="{ name: 'crosswalk' }">Go to the crosswalk</RouterLink></p>
  </main>
  <main v-else-if="store.stopped">
    <h1>Not solved</h1>
    <p>You stopped it. Nothing is known of this circuit until it is solved.</p>
    <p><button type="button" class="btn pri" @click="store.solveAgain()">Solve it</button></p>
  </main>
  <main v-else class="mut" role="status">
    <p>
      Solving the circuit<template v-if="store.progress"
        >: {{ store.progress.done }} of {{ store.progress.total }} positions</template
      >
    </p>
    <UnderWay
      v-if="store.progress"
      :progress="store.progress"
      what="Solving"
      stop="Stop"
      @stop="store.stop()"
    />
  </main>
</template>

<style scoped>
main {
  max-width: 560px;
  margin: 10vh auto 0;
  padding: 0 20px;
  display: grid;
  gap: 12px;
}
</style>
