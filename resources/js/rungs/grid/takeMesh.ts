import type { Mesh } from '@/api/types'
import { useDrawing } from '@/stores/drawing'

/** Takes up squares that were offered: a plan of whole ones, or a count of columns. */
export function takeMesh(mesh: Mesh) {
  const store = useDrawing()
  if (mesh.plan) return store.adjust('plan', { ...mesh.plan })
  store.decide((choices) => {
    Object.assign(choices.grid, { school: 'count', columns: mesh.columns })
    if (choices.fit.way === 'cells') choices.fit.way = 'crop'
  })
}
