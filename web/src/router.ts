import { createRouter, createWebHistory } from 'vue-router'
import { allWords } from './i18n'
import LineUpView from './views/LineUpView/LineUpView.vue'

/** The views, in the order a gardener's day goes through them. */
export const views = [
  { path: '/round', name: 'round', component: () => import('./views/RoundView/RoundView.vue') },
  { path: '/line-up', name: 'lineUp', component: LineUpView },
  { path: '/place', name: 'place', component: () => import('./views/PlaceView/PlaceView.vue') },
  { path: '/fit', name: 'fit', component: () => import('./views/FitView/FitView.vue') },
  { path: '/mix', name: 'mix', component: () => import('./views/MixView/MixView.vue') },
  { path: '/feed', name: 'feed', component: () => import('./views/FeedView/FeedView.vue') },
  { path: '/water', name: 'water', component: () => import('./views/WaterView/WaterView.vue') },
  { path: '/book', name: 'book', component: () => import('./views/BookView/BookView.vue') },
  {
    path: '/settings',
    name: 'settings',
    component: () => import('./views/SettingsView/SettingsView.vue'),
  },
] as const

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    ...views,
    { path: '/pot/:id', name: 'pot', component: () => import('./views/PotView/PotView.vue') },
    { path: '/:rest(.*)*', redirect: '/line-up' },
  ],
})

// A view comes with its words; those of the first screen are there from the start.
router.beforeEach(async ({ name }) => {
  if (name !== 'lineUp') await allWords()
})
