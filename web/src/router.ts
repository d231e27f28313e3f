import { createRouter, createWebHistory } from "vue-router";

export const STAGES = ["gather", "draw", "arrange", "dress", "proof", "publish"] as const;

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: "/", name: "shelf", component: () => import("./shelf/Shelf.vue") },
    { path: "/catalogue", name: "catalogue", component: () => import("./catalogue/Catalogue.vue") },
    {
      path: "/piece/:id", component: () => import("./piece/PieceFrame.vue"), redirect: (to) => `/piece/${String(to.params.id)}/gather`,
      children: [
        { path: "gather", name: "gather", component: () => import("./stages/gather/Gather.vue") },
        { path: "draw", name: "draw", component: () => import("./stages/draw/Draw.vue") },
        { path: "arrange", name: "arrange", component: () => import("./stages/arrange/Arrange.vue") },
        { path: "dress", name: "dress", component: () => import("./stages/dress/Dress.vue") },
        { path: "proof", name: "proof", component: () => import("./stages/proof/Proof.vue") },
        { path: "publish", name: "publish", component: () => import("./stages/publish/Publish.vue") },
      ],
    },
    { path: "/:rest(.*)*", redirect: "/" },
  ],
});
