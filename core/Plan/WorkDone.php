<?php

declare(strict_types=1);

namespace InchLadder\Plan;

/** How far the work on a drawing has come. */
final readonly class WorkDone
{
    /**
     * @param  bool  $planned  whether anything was chosen since the drawing was begun
     * @param  int  $marks  marks and lines to make on the paper; 0 where there are none
     * @param  int  $marked  how many of them are made
     * @param  bool  $copying  whether anything was noted of a cell
     * @param  bool  $cellsLeft  whether a cell is left in the pass that is on
     * @param  bool  $passesLeft  whether a pass follows it
     * @param  int  $photos  drawing photos that were taken
     * @param  int  $tasks  tasks of the finishing checklist that are ticked
     * @param  bool  $tasksLeft  whether one of them is left
     */
    public function __construct(
        public bool $planned,
        public int $marks,
        public int $marked,
        public bool $copying,
        public bool $cellsLeft,
        public bool $passesLeft,
        public int $photos,
        public int $tasks,
        public bool $tasksLeft,
    ) {
    }

    /** Whether the paper was touched: from then on a change of plan has its price. */
    public function isOnPaper(): bool
    {
        return $this->marked > 0 || $this->copying || $this->photos > 0 || $this->tasks > 0;
    }
}
