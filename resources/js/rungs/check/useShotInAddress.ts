import { watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { useShots } from '@/stores/shots'
import { takesShot, type BoardRung } from '../rungs'

/** The shot that is looked at stands in the address: a reload and the way back know it. */
export function useShotInAddress(rung: () => BoardRung) {
  const [route, router] = [useRoute(), useRouter()]
  const shots = useShots()
  watch(
    [() => route.params.id, () => route.query.shot],
    ([, shot]) => {
      const wanted = typeof shot === 'string' ? shot : null
      if (shots.chosen !== wanted) shots.choose(wanted)
    },
    { immediate: true },
  )
  watch(
    () => shots.chosen,
    (chosen) => {
      if (takesShot(rung()) && (route.query.shot ?? null) !== chosen) void router.push({ query: { ...route.query, shot: chosen ?? undefined } })
    },
  )
}
