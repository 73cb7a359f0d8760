import { ref } from 'vue'
import { SHARED_IN, SHARED_NAME } from '@/offline/told'

/** Photos that another app has shared: laid aside by the worker, and taken in only once that is said. */
export function useShared() {
  const files = ref<File[]>([])

  async function look() {
    if (!('caches' in window) || !(await caches.has(SHARED_IN))) return
    const cache = await caches.open(SHARED_IN)
    files.value = await Promise.all(
      (await cache.keys()).map(async (key) => {
        const response = (await cache.match(key))!
        const blob = await response.blob()
        return new File([blob], decodeURIComponent(response.headers.get(SHARED_NAME) ?? ''), { type: blob.type })
      }),
    )
  }
  void look().catch(() => undefined)

  /** They are laid aside no more; gives them. */
  async function done(): Promise<File[]> {
    const all = files.value
    files.value = []
    await caches.delete(SHARED_IN)
    return all
  }

  return { files, done }
}
