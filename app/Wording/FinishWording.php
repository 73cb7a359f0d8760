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
use InchLadder\Finish\Transfer;
use InchLadder\Layout\Layout;
use InchLadder\Measure\Length;
use InchLadder\Plan\Trimmed;

/** Says the tasks of the last list: what to do, why, and what can hurt. */
final readonly class FinishWording
{
    /** More addresses than this are counted, not named. */
    private const NAMED = 8;

    public function __construct(private Layout $layout, private Medium $medium, private Leftovers $left, private ?GuidesOff $off = null, private ?Trimmed $trimmed = null, private ?Transfer $transfer = null, private bool $letsLightThrough = true)
    {
    }

    /** When the guides come off and why: the one sentence that every rung says of it. */
    public static function guidesOff(GuidesOff $off, Medium $medium, ?Transfer $transfer = null): string
    {
        if ($transfer !== null) {
            return Say::it('finish.stay behind');
        }

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
            Task::Areas => Say::it('finish.words.areas', ['names' => Say::listed($this->left->unfilled)]),
            Task::Whites => Say::counted('finish.words.whites', $this->left->whites),
            Task::Before => Say::it("finish.beforehand.{$this->medium->value}"),
            Task::Carry => Say::it("finish.carry.{$this->carried()}"),
            Task::Shot => Say::counted('finish.words.shot', $this->left->shots),
            Task::Over, Task::Protect => Say::it("finish.{$task->value}.{$this->medium->value}"),
            Task::Trim => $this->trim(),
            default => Say::it("finish.words.{$task->value}"),
        };
    }

    public function why(Task $task): string
    {
        return match (true) {
            $task === Task::Over => Say::it(match (true) {
                $this->transfer !== null => 'finish.over it.on the good sheet',
                in_array($this->off, [GuidesOff::Never, GuidesOff::AtTheEnd], true) => 'finish.over it.guides and all',
                default => 'finish.over it.guides off',
            }),
            $task === Task::Whites => self::whites($this->left->soiled),
            $task === Task::Before => implode(' ', $this->beforehand()),
            $task === Task::Carry => implode(' ', $this->lands()),
            $task === Task::Guides => self::guidesOff($this->off ?? GuidesOff::under($this->medium), $this->medium),
            $task === Task::Trim && Cut::round($this->layout) === null => Say::it('finish.nothing to cut.why'),
            $task === Task::Trim => implode(' ', [...$this->outside(), Say::it('finish.why.trim')]),
            default => Say::it("finish.why.{$task->value}"),
        };
    }

    /** @return list<Caution> what can hurt while it is done */
    public function cautions(Task $task): array
    {
        return Caution::with($task, $this->medium, Cut::round($this->layout) !== null, $this->transfer);
    }

    /** What a task is called on the list that is walked down. */
    public function title(Task $task): string
    {
        return match (true) {
            $task === Task::Over => Say::it("finish.title.over.{$this->medium->value}"),
            $task === Task::Trim && Cut::round($this->layout) === null => Say::it('finish.title.nothing to cut'),
            default => Say::it("finish.title.{$task->value}"),
        };
    }

    /**
     * What a task falls into, to be ticked one by one.
     *
     * @return array<string, string> words by a key of its own
     */
    public function parts(Task $task): array
    {
        return match ($task) {
            Task::Guides => $this->guides(),
            Task::Carry => $this->steps(),
            default => [],
        };
    }

    /** @param  list<string>|null  $soiled  where the last shot shows something on a white; null without a shot */
    public static function whites(?array $soiled): string
    {
        return match (true) {
            $soiled === null => Say::it('finish.whites.no shot'),
            $soiled === [] => Say::it('finish.whites.clean'),
            default => Say::it('finish.whites.soiled', ['cells' => Say::listed($soiled)]),
        };
    }

    /** @return array<string, string> */
    private function guides(): array
    {
        $kinds = Guides::on($this->layout, $this->left->shapes)->kinds();

        return array_combine(array_keys($kinds), array_map(static fn (string $kind, int $count): string => Say::counted("finish.guides.{$kind}", $count), array_keys($kinds), $kinds));
    }

    /** @return array<string, string> */
    private function steps(): array
    {
        $steps = $this->transfer?->steps() ?? [];

        return array_combine($steps, array_map(static fn (string $step): string => Say::it("finish.step.{$step}"), $steps));
    }

    private function carried(): string
    {
        return $this->transfer->value ?? Transfer::DarkBack->value;
    }

    /** @return list<string> where the drawing lands on the good sheet, and what speaks against the way */
    private function lands(): array
    {
        $write = new Writing($this->layout->notation);
        $against = $this->transfer?->against($this->medium, $this->letsLightThrough);

        return array_values(array_filter([
            Say::it('finish.lands', ['left' => $write->reading($this->layout->left), 'top' => $write->reading($this->layout->top), 'right' => $write->reading($this->layout->left->plus($this->layout->fitted->area->width)), 'bottom' => $write->reading($this->layout->top->plus($this->layout->fitted->area->height))]),
            $this->transfer?->turnsRound() === true ? Say::it('finish.printed mirrored') : Say::it('finish.printed as it is'),
            $this->medium->swapsSides() ? Say::it('finish.onto the block') : null,
            $against === null ? null : Say::it("finish.against.{$against}"),
        ]));
    }

    /** @return list<string> what must not show, and what may go straight in */
    private function beforehand(): array
    {
        $wrong = [...$this->left->doubtful, ...$this->left->out];

        return array_values(array_filter([
            $wrong === [] ? Say::it('finish.nothing wrong') : Say::it('finish.wrong', ['names' => $this->named($wrong)]),
            $this->transfer === null && ! in_array($this->off, [GuidesOff::Never, GuidesOff::AtTheEnd], true) ? Say::it('finish.guides too') : null,
            $this->left->ready === [] ? null : Say::it('finish.ready', ['names' => Say::listed($this->left->ready)]),
            Say::it('finish.cotton buds'),
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
