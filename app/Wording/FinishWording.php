<?php

declare(strict_types=1);

namespace App\Wording;

use InchLadder\Finish\Caution;
use InchLadder\Finish\Cut;
use InchLadder\Finish\Guides;
use InchLadder\Finish\GuidesOff;
use InchLadder\Finish\Leftovers;
use InchLadder\Finish\Medium;
use InchLadder\Finish\Task;
use InchLadder\Layout\Layout;
use InchLadder\Measure\Length;
use InchLadder\Plan\Trimmed;

/** Says the tasks of the last list: what to do, why, and what can hurt. */
final readonly class FinishWording
{
    /** More addresses than this are counted, not named. */
    private const NAMED = 8;

    public function __construct(private Layout $layout, private Medium $medium, private Leftovers $left, private ?GuidesOff $off = null, private ?Trimmed $trimmed = null)
    {
    }

    /** When the guides come off and why: the one sentence that every rung says of it. */
    public static function guidesOff(GuidesOff $off, Medium $medium): string
    {
        return $off === GuidesOff::BeforeMedium ? Say::it("finish.before.{$medium->value}") : Say::it("finish.off.{$off->value}.why");
    }

    /** The name of a way, as it is chosen by. */
    public static function guidesOffName(GuidesOff $off, Medium $medium): string
    {
        return $off === GuidesOff::BeforeMedium ? Say::it("finish.off.before medium.{$medium->value}") : Say::it("finish.off.{$off->value}.name");
    }

    public function words(Task $task): string
    {
        return match ($task) {
            Task::Open => Say::counted('finish.words.open', $this->left->open),
            Task::Doubtful => Say::it('finish.words.doubtful', ['cells' => $this->named($this->left->doubtful)]),
            Task::Notes => Say::it('finish.words.notes', ['cells' => $this->named($this->left->noted)]),
            Task::LightCells => Say::it('finish.words.light', ['cells' => $this->named($this->left->light)]),
            Task::Lengths => Say::it('finish.words.lengths', ['names' => implode(', ', $this->left->out)]),
            Task::Guides => Say::it('finish.words.guides', ['guides' => $this->guides()]),
            Task::Shot => Say::counted('finish.words.shot', $this->left->shots),
            Task::Over, Task::Protect => Say::it("finish.{$task->value}.{$this->medium->value}"),
            Task::Trim => $this->trim(),
            default => Say::it("finish.words.{$task->value}"),
        };
    }

    public function why(Task $task): string
    {
        return match (true) {
            $task === Task::Guides => self::guidesOff($this->off ?? GuidesOff::under($this->medium), $this->medium),
            $task === Task::Trim && Cut::round($this->layout) === null => Say::it('finish.nothing to cut.why'),
            $task === Task::Trim => implode(' ', [...$this->outside(), Say::it('finish.why.trim')]),
            default => Say::it("finish.why.{$task->value}"),
        };
    }

    /** @return list<Caution> what can hurt while it is done */
    public function cautions(Task $task): array
    {
        return Caution::with($task, $this->medium, Cut::round($this->layout) !== null);
    }

    private function guides(): string
    {
        $guides = Guides::on($this->layout);
        $lines = $guides->lines === 0 ? '' : Say::counted('finish.guides.lines', $guides->lines);

        return implode(', ', array_filter([
            $guides->diagonals ? Say::it('finish.guides.diagonals', ['lines' => $lines]) : $lines,
            $guides->cells === 0 ? '' : Say::counted('finish.guides.cells', $guides->cells),
            $guides->crosses === 0 ? '' : Say::counted('finish.guides.crosses', $guides->crosses),
            $guides->axes ? Say::it('finish.guides.axes') : '',
            Say::it('finish.guides.frame'),
        ]));
    }

    private function trim(): string
    {
        $cut = Cut::round($this->layout);
        if ($cut === null) {
            return Say::it('finish.nothing to cut.words');
        }
        $write = new Writing($this->layout->notation);
        $near = static fn (Length $length): string => $write->read($length);

        return Say::it('finish.words.trim', ['left' => $near($cut->left), 'right' => $write->reading($cut->right), 'top' => $near($cut->top), 'bottom' => $write->reading($cut->bottom)]);
    }

    /** @return list<string> what falls outside the cut, what it runs through, what it nearly touches */
    private function outside(): array
    {
        $write = new Writing($this->layout->notation);
        $trimmed = $this->trimmed;
        $near = array_map(static fn (array $one): string => Say::it('finish.cut.near', ['name' => $one[0], 'off' => $write->reading($one[2]), 'side' => Say::it("copying.side.{$one[1]}")]), $trimmed->near ?? []);

        return array_values(array_filter([
            Say::it('finish.cut.outside'),
            $trimmed === null || $trimmed->outside === [] ? null : Say::it('finish.cut.points', ['names' => Say::listed($trimmed->outside)]),
            $trimmed === null || $trimmed->through === [] ? null : Say::it('finish.cut.through', ['names' => Say::listed($trimmed->through)]),
            $near === [] ? null : Say::it('finish.cut.beware', ['near' => Say::listed($near)]),
        ]));
    }

    /** @param  list<string>  $addresses */
    private function named(array $addresses): string
    {
        $first = implode(', ', array_slice($addresses, 0, self::NAMED));

        return count($addresses) <= self::NAMED ? $first : Say::it('finish.more', ['cells' => $first, 'count' => count($addresses) - self::NAMED]);
    }
}
