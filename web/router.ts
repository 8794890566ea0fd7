import { createRouter, createWebHistory, type RouteComponent, type RouteRecordRaw } from 'vue-router'
import { useSession } from './stores/session.ts'
import { jobViews, toJob, type JobView } from './ways.ts'

const views: Record<JobView, RouteComponent> = {
  intake: () => import('./views/Intake.vue'),
  'way-in': () => import('./views/WayIn.vue'),
  triage: () => import('./views/Triage.vue'),
  worth: () => import('./views/Worth.vue'),
  fetch: () => import('./views/Fetch.vue'),
  descent: () => import('./views/Descent.vue'),
  bench: () => import('./views/Bench.vue'),
  return: () => import('./views/Return.vue'),
  proof: () => import('./views/Proof.vue'),
  rituals: () => import('./views/Rituals.vue'),
  things: () => import('./views/Things.vue'),
  valley: () => import('./views/ValleyView.vue'),
  labels: () => import('./views/Labels.vue'),
  words: () => import('./views/Words.vue'),
  narration: () => import('./views/Narration.vue'),
  standing: () => import('./views/Standing.vue'),
  finder: () => import('./views/Finder.vue'),
  close: () => import('./views/Close.vue'),
}

/** Every address of the application, by name. */
export const routes: readonly RouteRecordRaw[] = [
  { name: 'sign-in', path: '/sign-in', component: () => import('./views/SignIn.vue'), meta: { open: true } },
  { name: 'join', path: '/join/:code', component: () => import('./views/Join.vue'), meta: { open: true } },
  { name: 'welcome', path: '/welcome', component: () => import('./views/Welcome.vue'), meta: { open: true } },
  { name: 'first', path: '/first', component: () => import('./views/First.vue'), meta: { open: true } },
  { name: 'shared', path: '/r/:link', component: () => import('./views/Shared.vue'), meta: { open: true } },
  { name: 'floor', path: '/', component: () => import('./views/Floor.vue') },
  { name: 'people', path: '/people', component: () => import('./views/People.vue') },
  { name: 'me', path: '/me', component: () => import('./views/Me.vue') },
  { name: 'come-in', path: '/come-in', component: () => import('./views/ComeIn.vue') },
  { name: 'models', path: '/models', component: () => import('./views/Models.vue') },
  { name: 'take-in', path: '/take-in', component: () => import('./views/TakeIn.vue') },
  { name: 'search', path: '/search', component: () => import('./views/Search.vue') },
  { name: 'book', path: '/models/:model/book', component: () => import('./views/Book.vue') },
  { name: 'beside', path: '/models/:model/beside', component: () => import('./views/Beside.vue') },
  { name: 'model-way-in', path: '/models/:model/way-in', component: () => import('./views/ModelWayIn.vue') },
  {
    path: '/jobs/:job',
    component: () => import('./views/Job.vue'),
    children: [
      { path: '', redirect: to => toJob(to.params.job as string, 'descent') },
      ...jobViews.map(name => ({ name, path: name, component: views[name] })),
    ],
  },
  { path: '/:rest(.*)*', redirect: { name: 'floor' } },
]

export const router = createRouter({ history: createWebHistory(), routes })

/** Who is not signed in signs in first, then goes where they wanted. */
router.beforeEach(async to => {
  if (to.meta.open) return true
  const person = await useSession()
    .find()
    .catch(() => null)
  if (!person) return { name: 'sign-in', query: { to: to.fullPath } }
  // A device that joined one job stays in it.
  return !person.joined || to.params.job === person.joined ? true : toJob(person.joined, 'descent')
})
