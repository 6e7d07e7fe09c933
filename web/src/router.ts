import { createRouter, createWebHistory } from 'vue-router'
import { allWords } from './i18n'
import { forgetMissing, load, LoadError, reportMissing } from './loading'
import LineUpView from './views/LineUpView/LineUpView.vue'

const fetched =
  <T>(bring: () => Promise<T>) =>
  (): Promise<T> =>
    load(bring)

/** The views, in the order a gardener's day goes through them. */
export const views = [
  {
    path: '/round',
    name: 'round',
    component: fetched(() => import('./views/RoundView/RoundView.vue')),
  },
  { path: '/line-up', name: 'lineUp', component: LineUpView },
  {
    path: '/place',
    name: 'place',
    component: fetched(() => import('./views/PlaceView/PlaceView.vue')),
  },
  { path: '/fit', name: 'fit', component: fetched(() => import('./views/FitView/FitView.vue')) },
  { path: '/mix', name: 'mix', component: fetched(() => import('./views/MixView/MixView.vue')) },
  {
    path: '/feed',
    name: 'feed',
    component: fetched(() => import('./views/FeedView/FeedView.vue')),
  },
  {
    path: '/water',
    name: 'water',
    component: fetched(() => import('./views/WaterView/WaterView.vue')),
  },
  {
    path: '/book',
    name: 'book',
    component: fetched(() => import('./views/BookView/BookView.vue')),
  },
  {
    path: '/settings',
    name: 'settings',
    component: fetched(() => import('./views/SettingsView/SettingsView.vue')),
  },
] as const

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    ...views,
    {
      path: '/pot/:id',
      name: 'pot',
      component: fetched(() => import('./views/PotView/PotView.vue')),
    },
    { path: '/:rest(.*)*', redirect: '/line-up' },
  ],
})

// A view comes with its words; those of the first screen are there from the start.
router.beforeEach(async ({ name }) => {
  if (name !== 'lineUp') await load(allWords)
})
// Where a view cannot be fetched, the one before stays as it is, with all that was typed.
router.onError((error: unknown, to) => {
  if (error instanceof LoadError) reportMissing(router, () => void router.push(to.fullPath))
})
router.afterEach(() => forgetMissing(router))
