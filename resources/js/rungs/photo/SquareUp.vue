<script setup lang="ts">
import { useRouter } from 'vue-router'
import { useSquaring } from '@/stores/squaring'
import Check from '@/ui/Check.vue'
import ShotCorners from '../check/ShotCorners.vue'

/** The corners of a page that was photographed askew; a squared copy of it is a drawing of its own, and this one stays. */
defineProps<{ picture: string }>()
const squaring = useSquaring()
const router = useRouter()

async function make(corners: string) {
  const id = await squaring.make(corners)
  if (id) void router.push({ name: 'rung', params: { id, rung: 'photo' } })
}
</script>

<template>
  <ShotCorners v-if="squaring.corners" :picture="picture" :corners="squaring.corners" :hint="squaring.fault || $t('photo.cornersOfThePage')" :done="$t('photo.thatIsThePage')" @set="make" @away="squaring.away">
    <label class="shape">{{ $t('photo.shapeOfThePage') }} <el-input v-model="squaring.shape" :placeholder="$t('photo.shapeHint')" autocomplete="off" data-test="page-shape" /></label>
    <Check v-model="squaring.even">{{ $t('photo.evenThePaper') }}</Check>
    <span v-if="squaring.busy" role="status">{{ $t('photo.squaring') }}</span>
  </ShotCorners>
</template>

<style scoped>
.shape {
  display: flex;
  align-items: center;
  gap: 6px;
}

.shape .el-input {
  width: 150px;
}
</style>
