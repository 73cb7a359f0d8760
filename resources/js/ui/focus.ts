import type { Router } from 'vue-router'

/** The part of a page that its step is about: the panel beside the pictures, or all of it. */
const work = () => document.querySelector<HTMLElement>('aside.workings') ?? document.querySelector<HTMLElement>('main')

function take(element: HTMLElement | null | undefined) {
  if (!element) return
  element.tabIndex = -1
  element.focus({ preventScroll: true })
}

/** Past the strip and the steps, to the step's own controls. */
export const skipToWork = () => take(work())

/** After a step is changed its heading takes the focus, so that it is read out and Tab goes on from there. */
export function headingAfterStep(router: Router) {
  router.afterEach((to, from) => {
    const stayed = !from.name || (to.name === from.name && to.params.rung === from.params.rung)
    if (stayed) return
    // Once the page stands, and what was open over it has gone.
    window.setTimeout(() => take(work()?.querySelector<HTMLElement>('h1, h2') ?? document.querySelector<HTMLElement>('h1')), 50)
  })
}
