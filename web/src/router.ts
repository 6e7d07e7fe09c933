import { createRouter, createWebHistory } from 'vue-router'
import LineUpView from './views/LineUpView/LineUpView.vue'

/** The views, in the order a gardener's day goes through them. */
export const views = [
  { path: '/round', name: 'round', component: () => import('./views/RoundView/RoundView.vue') },
  { path: '/line-up', name: 'lineUp', component: LineUpView },
  { path: '/place', name: 'place', component: () => import('./views/PlaceView/PlaceView.vue') },
  { path: '/fit', name: 'fit', component: () => import('./views/FitView/FitView.vue') },
  { path: '/mix', name: 'mix', component: () => import('./views/MixView/MixView.vue') },
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
  routes: [...views, { path: '/:rest(.*)*', redirect: '/line-up' }],
})
