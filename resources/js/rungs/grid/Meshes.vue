<script setup lang="ts">
import { api } from '@/api/client'
import Num from '@/ui/Num.vue'
import { useAsked } from '../useAsked'
import { takeMesh } from './takeMesh'

/** How fine the grid could be: what it costs to rule, and how far an edge placed by eye may be out. */
const meshes = useAsked(api.meshes)
void meshes.ask()
</script>

<template>
  <p v-if="meshes.fault.value" class="fault">{{ meshes.fault.value }}</p>
  <table v-if="meshes.answer.value" class="listed" data-test="meshes">
    <thead>
      <tr><th scope="col">{{ $t('grid.mesh') }}</th><th scope="col">{{ $t('grid.lineCount') }}</th><th scope="col">{{ $t('grid.toRule') }}<template v-if="meshes.answer.value.some((mesh) => mesh.copying)"><br />{{ $t('grid.toCopy') }}</template></th><th scope="col">{{ $t('grid.eyesError') }}</th></tr>
    </thead>
    <tbody>
      <tr v-for="mesh in meshes.answer.value" :key="mesh.columns">
        <th scope="row">
          <button type="button" class="button bare" :aria-pressed="mesh.chosen" @click="takeMesh(mesh)">
            {{ mesh.columns }} × {{ mesh.rows }}
          </button>
        </th>
        <td>{{ mesh.lines }}</td>
        <td>{{ mesh.time }}<template v-if="mesh.copying"><br /><Num :text="mesh.copying" /></template></td>
        <td><Num :text="mesh.error" /></td>
      </tr>
    </tbody>
  </table>
  <p class="soft">{{ $t('grid.anEyePlacesAnEdge') }}</p>
</template>

<style scoped>
th,
td {
  /* Times and heads are long in some languages, and for a quick hand. */
  overflow-wrap: anywhere;
}

.button {
  padding-left: 0;
}

.button[aria-pressed='true'] {
  text-decoration: underline;
  text-underline-offset: 4px;
}
</style>
