<?php

declare(strict_types=1);

namespace InchLadder\Plan;

/** What comes next on a drawing: rule the lines, copy cell by cell, photograph the drawing, shade it, finish it. */
enum NextStep: string
{
    case Paper = 'paper';
    case Fit = 'fit';
    case Grid = 'grid';
    case Marks = 'marks';
    case Mark = 'mark';
    case MarkOn = 'mark on';
    case Copy = 'copy';
    case Pass = 'pass';
    case Check = 'check';
    case Tone = 'tone';
    case Finish = 'finish';
    case Rest = 'rest';

    public static function after(WorkDone $done): self
    {
        return match (true) {
            ! $done->planned && ! $done->isOnPaper() => self::Paper,
            ! $done->copying && $done->photos === 0 && $done->marked < $done->marks => $done->marked === 0 ? self::Mark : self::MarkOn,
            $done->cellsLeft => self::Copy,
            $done->passesLeft => self::Pass,
            $done->photos === 0 => self::Check,
            ! $done->tasksLeft => self::Rest,
            $done->tasks === 0 => self::Tone,
            default => self::Finish,
        };
    }

    /**
     * What a step leads to. While only a plan is made, the step after it; later what comes next on the paper.
     *
     * @param  string  $step  one of the nine steps; any other page is asked what comes next at all
     */
    public static function fromStep(string $step, WorkDone $done): self
    {
        $next = self::after($done);
        $unchecked = $done->photos === 0;

        return match ($step) {
            'photo' => $done->isOnPaper() ? $next : self::Paper,
            'paper' => $done->isOnPaper() ? $next : self::Fit,
            'fit' => $done->isOnPaper() ? $next : self::Grid,
            'grid' => $done->isOnPaper() ? $next : self::Marks,
            'marks' => $next === self::Paper ? self::Mark : $next,
            'check' => $unchecked ? self::Check : self::onceChecked($next),
            'tone' => $unchecked ? self::Check : self::Finish,
            'finish' => $next === self::Rest ? self::Rest : self::Finish,
            default => $next,
        };
    }

    /** The step it is done on. */
    public function step(): string
    {
        return match ($this) {
            self::Mark, self::MarkOn => self::Marks->value,
            self::Pass => self::Copy->value,
            self::Rest => self::Finish->value,
            default => $this->value,
        };
    }

    /** What is copied yet is copied first; then it is shaded. */
    private static function onceChecked(self $next): self
    {
        return in_array($next, [self::Copy, self::Pass, self::Rest], true) ? $next : self::Tone;
    }
}
