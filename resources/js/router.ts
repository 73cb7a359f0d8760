import { createRouter, createWebHistory } from 'vue-router'
import { t } from '@/lang'
import { boardRungs } from './rungs/rungs'
import Shelf from './shelf/Shelf.vue'

export const router = createRouter({
  history: createWebHistory(),
  // Another step opens at its top; Back leads to where one was. Another cell or page of the same one stays in sight.
  scrollBehavior: (to, from, before) => before ?? (!from.name || (to.name === from.name && to.params.rung === from.params.rung) ? false : { top: 0 }),
  routes: [
    { path: '/', name: 'shelf', component: Shelf, meta: { title: t('shelf.shelf') } },
    { path: '/instruments', name: 'instruments', component: () => import('./instruments/InstrumentsPage.vue'), meta: { title: t('instruments.instruments') } },
    { path: '/settings', name: 'settings', component: () => import('./settings/SettingsPage.vue'), meta: { title: t('settings.settings') } },
    { path: '/drawing/:id', redirect: (to) => ({ name: 'rung', params: { id: to.params.id, rung: 'photo' } }) },
    { path: '/drawing/:id/copy/:cell?', name: 'copy', component: () => import('./rungs/copy/CopyRung.vue'), props: true },
    { path: '/drawing/:id/log', name: 'log', component: () => import('./rungs/log/LogPage.vue'), props: true },
    { path: '/drawing/:id/print/:sheet?', name: 'print', component: () => import('./rungs/print/PrintPage.vue'), props: true },
    { path: '/drawing/:id/marks/:board(paper|photo|folded)/:step?', name: 'walk', component: () => import('./rungs/walk/WalkPage.vue'), props: true },
    { path: `/drawing/:id/:rung(${boardRungs.map((rung) => rung.key).join('|')})`, name: 'rung', component: () => import('./rungs/Rungs.vue'), props: true },
    { path: '/:rest(.*)*', name: 'lost', component: () => import('./shelf/Lost.vue'), meta: { title: t('shelf.notHere') } },
  ],
})
