<script setup lang="ts">
/** A job in the list: what it is, what it waits for or what is next, how far it is, and its latest photo. */
import { computed } from "vue";
import type { JobSummary, StandingView } from "@trevin/core/contract";
import { photoPath } from "../../api/client.ts";

const props = defineProps<{
  job: JobSummary;
  /** Undefined while it is being worked out, null where it cannot be said. */
  standing: StandingView | null | undefined;
}>();
const emit = defineEmits<{ archive: [archived: boolean] }>();

const to = (name: string) => ({ name, params: { job: props.job.id } });
const begun = computed(() => props.job.ledgerLength > 0);
const waits = computed(() => props.standing?.waits.slice(0, 2) ?? []);
const more = computed(() => Math.max(0, (props.standing?.waits.length ?? 0) - 2));
/** Where a hand goes on with it. */
const onward = computed(() => {
  if (props.job.pins === 0) return "pinouts";
  if (waits.value.length > 0) return props.job.undecided > 0 ? "crosswalk" : "worklist";
  return "bench";
});
const hours = (minutes: number): string =>
  minutes < 90 ? `${Math.max(5, Math.round(minutes / 5) * 5)} min` : `${Math.round(minutes / 30) / 2} h`;
const share = computed(() => {
  const { steps = 0, done = 0 } = props.standing ?? {};
  return steps === 0 ? 0 : (100 * done) / steps;
});
const day = (iso: string): string =>
  new Date(iso).toLocaleDateString([], { day: "numeric", month: "short", year: "numeric" });
</script>

<template>
  <li class="job" :class="{ off: job.archived }">
    <RouterLink
      v-if="standing?.photo"
      class="photo"
      :to="to('faces')"
      :aria-label="`Latest photo of ${job.name}`"
      ><img :src="photoPath(job.id, standing.photo, 'small')" alt="" loading="lazy"
    /></RouterLink>
    <span v-else class="photo none lab">no photo</span>
    <div class="what">
      <RouterLink :to="to('pinouts')" class="name">{{ job.name }}</RouterLink>
      <p class="lab">
        {{ job.kind.replaceAll("-", " ") }}<template v-if="job.vehicle">, {{ job.vehicle }}</template
        ><template v-if="job.incoming"> with {{ job.incoming }}</template>
      </p>
    </div>
    <div class="now">
      <p v-if="job.finished"><b>Finished.</b> As built and the record are in the ledger.</p>
      <p v-else-if="standing === undefined" class="mut">Working it out</p>
      <p v-else-if="standing === null" class="mut">Open it to see where it stands.</p>
      <p v-else-if="standing.next">
        <b>{{ begun ? "Next:" : "Ready. First:" }}</b>{{ " " }}
        <RouterLink :to="to('bench')">{{ standing.next }}</RouterLink>
      </p>
      <p v-else-if="waits.length">
        <b>Waits for:</b> <RouterLink :to="to(onward)">{{ waits.join("; ") }}</RouterLink><template
          v-if="more"
          >, and {{ more }} more</template
        >
      </p>
      <p v-else>Nothing to do.</p>
    </div>
    <div class="far">
      <template v-if="standing && standing.steps > 0">
        <span
          class="bar"
          role="progressbar"
          :aria-valuenow="standing.done"
          aria-valuemin="0"
          :aria-valuemax="standing.steps"
          :aria-label="`Steps done of ${job.name}`"
          ><span :style="{ width: `${share}%` }"
        /></span>
        <span class="lab">{{
          standing.done === 0
            ? `${standing.steps} steps, about ${hours(standing.minutes)}`
            : standing.done === standing.steps
              ? `all ${standing.steps} steps done`
              : `${standing.done} of ${standing.steps}, ${hours(standing.minutes)} left`
        }}</span>
      </template>
      <span v-else class="lab mut">{{ job.pins }} pins</span>
    </div>
    <div class="act">
      <span class="lab mut">{{ day(job.updatedAt) }}</span>
      <button type="button" class="link lab" @click="emit('archive', !job.archived)">
        {{ job.archived ? "bring back" : "archive" }}<span class="sr"> {{ job.name }}</span>
      </button>
    </div>
  </li>
</template>

<style scoped>
.job {
  display: grid;
  grid-template-columns: 92px minmax(0, 5fr) minmax(0, 6fr) 190px 100px;
  gap: 18px;
  align-items: center;
  padding: 10px 0;
  border-bottom: 1px solid var(--rule);
}
.photo {
  width: 92px;
  height: 69px;
  display: grid;
  place-items: center;
  overflow: hidden;
  border-radius: 4px;
}
.photo img {
  width: 100%;
  height: 100%;
  object-fit: cover;
}
.none {
  background: var(--well);
  color: var(--ink2);
}
.name {
  font: 600 20px/1.2 var(--f-label);
}
.now p {
  display: -webkit-box;
  -webkit-line-clamp: 2;
  -webkit-box-orient: vertical;
  overflow: hidden;
  line-height: 21px;
}
.now b {
  font-weight: 650;
}
.far {
  display: grid;
  gap: 5px;
}
.bar {
  height: 8px;
  background: var(--well);
  border-radius: 2px;
  overflow: hidden;
}
.bar span {
  display: block;
  height: 100%;
  background: var(--ink);
}
.act {
  display: grid;
  justify-items: end;
}
.act .link {
  min-height: 34px;
}
.off {
  color: var(--ink2);
  font-style: italic;
}
@media (max-width: 1000px) {
  .job {
    grid-template: "photo what act" auto "photo now now" auto "photo far far" auto / 92px minmax(0, 1fr) auto;
    gap: 6px 16px;
    align-items: start;
  }
  .photo {
    grid-area: photo;
  }
  .what {
    grid-area: what;
  }
  .now {
    grid-area: now;
  }
  .far {
    grid-area: far;
    grid-template-columns: minmax(80px, 190px) auto;
    justify-content: start;
    align-items: center;
    gap: 12px;
  }
  .act {
    grid-area: act;
  }
}
@media (max-width: 560px) {
  .job {
    grid-template: "what act" auto "now now" auto "far far" auto / minmax(0, 1fr) auto;
  }
  .photo {
    display: none;
  }
}
</style>
