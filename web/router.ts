import { createRouter, createWebHistory } from 'vue-router'
import { useSession } from './stores/session.ts'

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/sign-in', component: () => import('./views/SignIn.vue'), meta: { open: true } },
    { path: '/join/:code', component: () => import('./views/Join.vue'), meta: { open: true } },
    { path: '/', component: () => import('./views/Floor.vue') },
    { path: '/come-in', component: () => import('./views/ComeIn.vue') },
    { path: '/models', component: () => import('./views/Models.vue') },
    {
      path: '/jobs/:job',
      component: () => import('./views/Job.vue'),
      children: [
        { path: '', redirect: to => `/jobs/${String(to.params.job)}/descent` },
        { path: 'intake', component: () => import('./views/Intake.vue') },
        { path: 'descent', component: () => import('./views/Descent.vue') },
        { path: 'return', component: () => import('./views/Return.vue') },
        { path: 'valley', component: () => import('./views/ValleyView.vue') },
        { path: 'labels', component: () => import('./views/Labels.vue') },
        { path: 'standing', component: () => import('./views/Standing.vue') },
        { path: 'finder', component: () => import('./views/Finder.vue') },
        { path: 'close', component: () => import('./views/Close.vue') },
      ],
    },
    { path: '/:rest(.*)*', redirect: '/' },
  ],
})

/** Who is not signed in signs in first, then goes where they wanted. */
router.beforeEach(async to => {
  if (to.meta.open) return true
  const person = await useSession()
    .find()
    .catch(() => null)
  if (!person) return { path: '/sign-in', query: { to: to.fullPath } }
  // A device that joined one job stays in it.
  return !person.joined || to.params.job === person.joined ? true : `/jobs/${person.joined}/descent`
})
