<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { computed, ref, shallowRef, watch } from 'vue'
import { api, Refused } from '@/api/client'
import { useLatest } from '@/api/latest'
import type { components } from '@/api/schema'
import Callout from '@/ui/Callout.vue'
import DeviceRow from './DeviceRow.vue'
import PairingCode from './PairingCode.vue'
import TrustSteps from './TrustSteps.vue'

/** Who of the house is let in, and how a phone gets in. What the shelf is told is told here as well: nothing, where something may have been missed. */
const props = defineProps<{ told: { paired?: string; drawing?: string } }>()
const house = shallowRef<components['schemas']['HouseJson'] | null>(null)
const code = shallowRef<(components['schemas']['CodeJson'] & { until: number }) | null>(null)
const left = ref(0)
const paired = ref('')
const trouble = ref<string | null>(null)

async function attempt(act: () => Promise<void>) {
  trouble.value = null
  try {
    await act()
  } catch (error) {
    if (!(error instanceof Refused)) throw error
    trouble.value = error.message
  }
}

const latest = useLatest()
const show = (fresh: components['schemas']['HouseJson']) => (house.value = fresh)
const load = () => attempt(() => latest(api.house(), show))
void load()

const counting = useIntervalFn(() => (left.value = Math.max(0, Math.ceil(((code.value?.until ?? 0) - Date.now()) / 1000))), 500, { immediate: false })

const begin = () =>
  attempt(async () => {
    paired.value = ''
    const made = await api.beginPairing(false)
    code.value = { ...made, until: Date.now() + made.seconds * 1000 }
    left.value = made.seconds
    counting.resume()
  })

function putAway() {
  code.value = null
  counting.pause()
}

const end = () =>
  attempt(async () => {
    putAway()
    await api.endPairing()
  })

const change = (device: string, name: string, mayPair: boolean) => attempt(() => latest(api.changeDevice(device, name, mayPair), show))
const takeOff = (device: string) =>
  attempt(async () => {
    await api.takeOff(device)
    await load()
  })

watch(
  () => props.told,
  (told) => {
    if (told.drawing) return
    if (told.paired) {
      paired.value = told.paired
      putAway()
    }
    void load()
  },
)

const time = computed(() => `${Math.floor(left.value / 60)}:${String(left.value % 60).padStart(2, '0')}`)
</script>

<template>
  <section v-if="house" class="house" :aria-label="$t('house.devices')">
    <p v-if="house.addresses.length === 0 && house.may_pair" class="soft">{{ $t('house.shut') }}</p>
    <template v-else>
      <Callout v-if="trouble || house.closed">{{ trouble ?? house.closed }}</Callout>
      <Callout v-if="paired" tone="calm">{{ $t('house.paired', { name: paired }) }}</Callout>
      <div v-if="code" class="pairing">
        <PairingCode :code="code.code" :links="code.links" :left="left" :time="time" />
        <TrustSteps :fingerprint="house.fingerprint ?? ''" />
      </div>
      <p v-if="house.may_pair" class="acts">
        <button type="button" class="button" :class="{ strong: !code }" @click="begin">{{ code ? $t('house.anotherCode') : $t('house.newCode') }}</button>
        <button v-if="code" type="button" class="button" @click="end">{{ $t('house.done') }}</button>
      </p>
      <p v-if="house.devices.length === 0" class="soft">{{ $t('house.none') }}</p>
      <ul v-else>
        <DeviceRow v-for="device in house.devices" :key="device.id" :device :may-pair="house.may_pair" @change="(name, may) => change(device.id, name, may)" @off="takeOff(device.id)" />
      </ul>
    </template>
  </section>
</template>

<style scoped>
.house {
  display: grid;
  gap: 14px;
  padding: 18px;
  background: var(--panel);
  border-left: 4px solid var(--guide);
}

.pairing {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(280px, 1fr));
  gap: 28px;
}

.acts {
  display: flex;
  gap: 10px;
}

ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
</style>
