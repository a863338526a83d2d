import { createRouter, createWebHistory } from 'vue-router'
import { useSession } from './shell/session.ts'
import YardPage from './yard/YardPage.vue'

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', name: 'yard', component: YardPage },
    { path: '/sign-in', name: 'sign-in', component: () => import('./shell/SignInPage.vue') },
    { path: '/first', name: 'first', component: () => import('./site/FirstPage.vue') },
    { path: '/welcome', name: 'welcome', component: () => import('./site/WelcomePage.vue') },
    { path: '/me', name: 'me', component: () => import('./site/MePage.vue') },
    { path: '/site', redirect: { name: 'people' } },
    { path: '/site/people', name: 'people', component: () => import('./site/PeoplePage.vue') },
    { path: '/site/settings', name: 'settings', component: () => import('./site/SettingsPage.vue') },
    { path: '/site/keeping', name: 'keeping', component: () => import('./site/KeepingPage.vue') },
    { path: '/site/lists', name: 'lists', component: () => import('./site/ListsPage.vue') },
    { path: '/site/next', name: 'next', component: () => import('./site/NextPage.vue') },
    { path: '/register', name: 'register', component: () => import('./register/RegisterPage.vue') },
    { path: '/register/file', name: 'import', component: () => import('./register/ImportPage.vue') },
    {
      path: '/register/new',
      name: 'new-machine',
      component: () => import('./register/EntryPage.vue'),
      props: ({ query }) => ({ copy: typeof query['copy'] === 'string' ? query['copy'] : null }),
    },
    { path: '/machines/:id/entry', name: 'entry', component: () => import('./register/EntryPage.vue'), props: true },
    { path: '/machines/:id', name: 'machine', component: () => import('./yard/MachinePage.vue'), props: true },
    { path: '/machines/:id/shaft', name: 'shaft', component: () => import('./shaftline/ShaftPage.vue'), props: true },
    {
      path: '/machines/:id/arrival',
      name: 'arrival',
      component: () => import('./shaftline/ArrivalPage.vue'),
      props: true,
    },
    { path: '/rounds', name: 'rounds', component: () => import('./round/WeeksPage.vue') },
    { path: '/counter', name: 'counter', component: () => import('./counter/CounterPage.vue') },
    {
      path: '/counter/plain-or-rolling',
      name: 'plain-or-rolling',
      component: () => import('./counter/PlainOrRollingPage.vue'),
    },
    { path: '/shelf', name: 'shelf', component: () => import('./shelf/ShelfPage.vue') },
    { path: '/shelf/labels', name: 'shelf-labels', component: () => import('./shelf/ShelfLabelsPage.vue') },
    { path: '/log', name: 'log', component: () => import('./log/LogPage.vue') },
    { path: '/findings/:id', name: 'finding', component: () => import('./damage/FindingPage.vue'), props: true },
    { path: '/points/:id', name: 'point', component: () => import('./round/PointDoor.vue'), props: true },
    {
      path: '/machines/:id/labels',
      name: 'labels',
      component: () => import('./round/LabelsPage.vue'),
      props: true,
    },
    { path: '/rounds/:id/sheet', name: 'round-sheet', component: () => import('./round/SheetPage.vue'), props: true },
    { path: '/rounds/:id/:point?', name: 'round', component: () => import('./round/RoundPage.vue'), props: true },
    { path: '/jobs/:id/card', name: 'job-card', component: () => import('./job/JobCardPage.vue'), props: true },
    { path: '/jobs/:id/:step?', name: 'job', component: () => import('./job/JobPage.vue'), props: true },
    { path: '/positions/:id/:lens?', name: 'position', component: () => import('./bench/BenchDoor.vue'), props: true },
    { path: '/:rest(.*)*', name: 'lost', component: () => import('./shell/LostPage.vue') },
  ],
})

router.beforeEach(async (to) => {
  const session = useSession()
  await session.load()
  // Before anybody is signed in there are three doors.
  if (!session.account && !['sign-in', 'first', 'welcome'].includes(String(to.name)))
    return { name: 'sign-in', query: { to: to.fullPath } }
  return true
})
