import { createRouter, createWebHistory } from 'vue-router'
import { sections } from './sections'

/** The application shows a section itself: the table stays as it is while another section is open. */
const shownByApp = { render: () => null }

/** Which section is open stands in the address, so that the way back is the browser's own; unknown addresses are the table's. */
export const router = createRouter({
  history: createWebHistory(),
  routes: [
    ...sections.map(({ name, path }) => ({ name, path, component: shownByApp })),
    { path: '/:unknown(.*)*', redirect: '/' },
  ],
})

// Addresses of before: "#break".
router.beforeEach((to) => {
  const old = sections.find((section) => to.hash === `#${section.name}`)
  return old ? { name: old.name, hash: '', replace: true } : true
})
