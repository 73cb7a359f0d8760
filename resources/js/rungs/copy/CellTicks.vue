<script setup lang="ts">
import Num from '@/ui/Num.vue'
import type { Tick } from './sides'

/**
 * Ticks on the four sides of a cell: where contours cross them, or the quarters of the sides. A crossing that is
 * pointed at is the other board's too; a key goes through them. They are read out as sentences, once for both boards.
 */
defineProps<{ ticks: Tick[]; lit: number[] }>()
const emit = defineEmits<{ point: [crossing: number | null] }>()
const isLit = (tick: Tick, lit: number[]) => tick.crossing !== null && lit.includes(tick.crossing)
</script>

<template>
  <span
    v-for="tick in ticks"
    :key="`${tick.side}${tick.at}`"
    class="tick"
    :class="[
      tick.side,
      {
        quarter: tick.crossing === null,
        half: tick.half,
        back: tick.back,
        aside: tick.aside,
        lit: isLit(tick, lit),
        faint: lit.length > 0 && !isLit(tick, lit),
      },
    ]"
    :style="tick.side === 'left' || tick.side === 'right' ? { top: `${tick.at}%` } : { left: `${tick.at}%` }"
    :aria-hidden="tick.crossing !== null || undefined"
    :data-test="tick.crossing === null ? 'quarter' : 'crossing'"
    @pointerenter="emit('point', tick.crossing)"
    @pointerleave="emit('point', null)"
  ><Num :text="tick.text" /></span>
</template>

<style scoped>
.tick {
  position: absolute;
  cursor: help;
  white-space: nowrap;
  color: var(--red);
  font-size: 18px;
  font-weight: 600;
  line-height: 1;
}

/* The quarters are guides; a crossing is where the pencil goes. */
.quarter {
  color: var(--guide-ink);
  font-weight: 400;
}

.half {
  font-weight: 700;
}

.lit {
  font-weight: 700;
  text-decoration: underline;
  text-underline-offset: 4px;
}

.faint {
  color: var(--soft);
  font-weight: 400;
}

.tick::after {
  content: '';
  position: absolute;
  background: currentcolor;
}

.left,
.right {
  transform: translateY(-50%);
}

.left {
  right: calc(100% + 20px);
}

.right {
  left: calc(100% + 20px);
}

.left::after,
.right::after {
  top: calc(50% - 1px);
  width: 22px;
  height: 3px;
}

.left::after {
  left: calc(100% + 5px);
}

.right::after {
  right: calc(100% + 5px);
}

.top,
.bottom {
  transform: translateX(-50%);
}

.top {
  bottom: calc(100% + 14px);
}

.bottom {
  top: calc(100% + 14px);
}

.top::after,
.bottom::after {
  left: calc(50% - 1px);
  width: 3px;
  height: 18px;
}

.top::after {
  top: calc(100% + 2px);
}

.bottom::after {
  bottom: calc(100% + 2px);
}

/* The upper of two makes room upwards, the lower downwards; their ticks stay. */
.left.aside,
.right.aside {
  transform: translateY(-90%);
}

.left.aside::after,
.right.aside::after {
  top: calc(90% - 1px);
}

.left.back,
.right.back {
  transform: translateY(-10%);
}

.left.back::after,
.right.back::after {
  top: calc(10% - 1px);
}

/* Out of the way of the stem behind it. */
.top.aside,
.bottom.aside {
  transform: translateX(-90%);
}

.top.aside::after,
.bottom.aside::after {
  left: calc(90% - 1px);
}

.top.back {
  bottom: calc(100% + 34px);
}

.bottom.back {
  top: calc(100% + 34px);
}

.top.back::after,
.bottom.back::after {
  height: 38px;
}

@media (max-width: 760px) {
  .tick {
    font-size: 14px;
  }

  /* At the sides there is no room beside the cell: they are written inside it. */
  .left,
  .right {
    padding: 2px 4px;
    background: var(--panel);
  }

  .left {
    right: auto;
    left: 14px;
  }

  .right {
    right: 14px;
    left: auto;
  }

  .left::after,
  .right::after {
    width: 18px;
  }

  .left::after {
    right: 100%;
    left: auto;
  }

  .right::after {
    right: auto;
    left: 100%;
  }

  .top {
    bottom: calc(100% + 10px);
  }

  .bottom {
    top: calc(100% + 10px);
  }

  .top::after,
  .bottom::after {
    height: 12px;
  }

  .top.back {
    bottom: calc(100% + 25px);
  }

  .bottom.back {
    top: calc(100% + 25px);
  }

  .top.back::after,
  .bottom.back::after {
    height: 27px;
  }
}
</style>
