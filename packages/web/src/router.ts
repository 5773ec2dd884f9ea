import { createRouter, createWebHistory } from "vue-router";
import JobsView from "./views/JobsView.vue";

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: "/", name: "jobs", component: JobsView, meta: { title: "Jobs" } },
    {
      path: "/shelf/:kind(shells|terminals|words)?",
      name: "shelf",
      component: () => import("./views/ShelfView.vue"),
      meta: { title: "Shelf" },
    },
    {
      path: "/parts",
      name: "parts",
      component: () => import("./views/PartsView.vue"),
      meta: { title: "Parts sheet" },
    },
    {
      path: "/jobs/:job",
      component: () => import("./views/JobFrame.vue"),
      children: [
        { path: "", redirect: (to) => `${to.path.replace(/\/$/, "")}/pinouts` },
        {
          path: "brief",
          name: "brief",
          component: () => import("./views/BriefView.vue"),
          meta: { title: "Brief" },
        },
        {
          path: "pinouts",
          name: "pinouts",
          component: () => import("./views/PinoutsView.vue"),
          meta: { title: "Pinouts" },
        },
        {
          path: "faces",
          name: "faces",
          component: () => import("./views/FacesView.vue"),
          meta: { title: "Faces" },
        },
        {
          path: "crosswalk",
          name: "crosswalk",
          component: () => import("./views/CrosswalkView.vue"),
          meta: { title: "Crosswalk" },
        },
        {
          path: "worklist",
          name: "worklist",
          component: () => import("./views/WorklistView.vue"),
          meta: { title: "Worklist" },
        },
        {
          path: "proof",
          name: "proof",
          component: () => import("./views/ProofView.vue"),
          meta: { title: "Proof" },
        },
        {
          path: "bench",
          name: "bench",
          component: () => import("./views/BenchView.vue"),
          meta: { title: "Bench" },
        },
        {
          path: "ledger",
          name: "ledger",
          component: () => import("./views/LedgerView.vue"),
          meta: { title: "Ledger" },
        },
      ],
    },
    {
      path: "/:rest(.*)*",
      name: "nowhere",
      component: () => import("./views/NowhereView.vue"),
      meta: { title: "Not found" },
    },
  ],
});

router.afterEach((to) => {
  document.title = `${String(to.meta["title"] ?? "Job")} · Trevin`;
});
