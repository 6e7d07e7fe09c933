import { createRouter, createWebHistory } from 'vue-router'
import { allWords, wordsOfCheck } from './i18n'
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
    group: 'now',
    component: fetched(() => import('./views/RoundView/RoundView.vue')),
  },
  { path: '/line-up', name: 'lineUp', group: 'now', component: LineUpView },
  {
    path: '/check',
    name: 'check',
    group: 'now',
    component: fetched(async () => {
      await wordsOfCheck()
      return import('./views/CheckView/CheckView.vue')
    }),
  },
  {
    path: '/days',
    name: 'days',
    group: 'now',
    component: fetched(() => import('./views/DaysView/DaysView.vue')),
  },
  {
    path: '/place',
    name: 'place',
    group: 'plan',
    component: fetched(() => import('./views/PlaceView/PlaceView.vue')),
  },
  {
    path: '/fit',
    name: 'fit',
    group: 'plan',
    component: fetched(() => import('./views/FitView/FitView.vue')),
  },
  {
    path: '/mix',
    name: 'mix',
    group: 'plan',
    component: fetched(() => import('./views/MixView/MixView.vue')),
  },
  {
    path: '/feed',
    name: 'feed',
    group: 'plan',
    component: fetched(() => import('./views/FeedView/FeedView.vue')),
  },
  {
    path: '/water',
    name: 'water',
    group: 'plan',
    component: fetched(() => import('./views/WaterView/WaterView.vue')),
  },
  {
    path: '/ways',
    name: 'ways',
    group: 'plan',
    component: fetched(() => import('./views/WaysView/WaysView.vue')),
  },
  {
    path: '/book',
    name: 'book',
    group: 'keep',
    component: fetched(() => import('./views/BookView/BookView.vue')),
  },
  {
    path: '/stores',
    name: 'stores',
    group: 'keep',
    component: fetched(() => import('./views/StoresView/StoresView.vue')),
  },
  {
    path: '/settings',
    name: 'settings',
    group: 'more',
    component: fetched(() => import('./views/SettingsView/SettingsView.vue')),
  },
] as const

type View = (typeof views)[number]

/** The views by what they are for: now, planning, keeping; settings by themselves. */
export const viewGroups = (['now', 'plan', 'keep', 'more'] as const).map((name) => ({
  name,
  views: views.filter((view): view is View => view.group === name),
}))
/** The views in a phone’s bottom bar; all others are under “All”. */
export const bottomViews = views.filter(({ name }) =>
  ['round', 'lineUp', 'check', 'book'].includes(name),
)

const base = import.meta.env.BASE_URL
/** The page was asked for by its plain address, as a newcomer does, or by that of the start. */
export const asksFirst = [base, `${base}start`].includes(window.location.pathname)

export const router = createRouter({
  history: createWebHistory(base),
  routes: [
    ...views,
    {
      path: '/pot/:id',
      name: 'pot',
      component: fetched(() => import('./views/PotView/PotView.vue')),
    },
    {
      path: '/days/week',
      name: 'week',
      component: fetched(() => import('./views/DaysView/WeekSheet.vue')),
    },
    {
      path: '/days/labels',
      name: 'labels',
      component: fetched(() => import('./views/DaysView/PotLabels.vue')),
    },
    {
      path: '/book/report',
      name: 'report',
      component: fetched(() => import('./views/BookView/BookReport.vue')),
    },
    {
      path: '/start',
      name: 'start',
      component: fetched(() => import('./views/StartView/StartView.vue')),
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
