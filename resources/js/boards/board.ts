import type { Drawing, Workings } from '@/api/types'
import type { BoardRung } from '@/rungs/rungs'
import type { Stage } from './stage'

/** What both boards are drawn from. */
export interface BoardProps {
  drawing: Drawing
  workings: Workings
  stage: Stage
  rung: BoardRung
  /** The side whose lines light. */
  way: 'across' | 'down'
  /** The gridline that is lit, by its number. */
  lit: number | null
  /** Where the pointer is, as shares of the crop. */
  point: { x: number; y: number } | null
  spans: Workings['check']['spans']
  /** Radius of a circle, to see what a stretch makes of it. */
  circle: number | null
  /** Whether the grid lies over it. */
  grid?: boolean
  /** Whether the photographed sheet lies in place of the paper. */
  onShot?: boolean
}
