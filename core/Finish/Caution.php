<?php

declare(strict_types=1);

namespace InchLadder\Finish;

use InchLadder\Measure\Size;

/** What can hurt in this work: one list. Each comes at its moment, can be put away, and stops nobody. */
enum Caution: string
{
    case Knife = 'knife';
    case Gouge = 'gouge';
    case Points = 'points';
    case Fixative = 'fixative';
    case Dust = 'dust';
    case Solvent = 'solvent';
    case Magnets = 'magnets';
    case Height = 'height';

    /** Mm: a sheet higher than this is drawn on a wall, and reached from something one stands on (ours). */
    private const WALL = 1500.0;

    /**
     * Those of a rung's moment, or of the dividers'.
     *
     * @param  Size  $sheet  the way round it lies
     * @return list<self>
     */
    public static function on(string $rung, Medium $medium, Size $sheet): array
    {
        $wall = self::isOnWall($sheet) ? [self::Height] : [];

        return match ($rung) {
            'paper' => [self::Magnets, ...$wall],
            'marks', 'copy' => $wall,
            'dividers' => [self::Points],
            'tone' => $medium === Medium::Pastel ? [self::Dust, ...$wall] : $wall,
            default => [],
        };
    }

    public static function isOnWall(Size $sheet): bool
    {
        return $sheet->height->toFloat() > self::WALL;
    }

    /**
     * Those of a task of the last list.
     *
     * @param  bool  $cuts  whether there is anything to cut
     * @return list<self>
     */
    public static function with(Task $task, Medium $medium, bool $cuts, ?Transfer $transfer = null): array
    {
        return match (true) {
            $task === Task::Trim && $cuts => [self::Knife],
            $task === Task::Over && $medium === Medium::Paint => [self::Solvent],
            $task === Task::Over && $medium === Medium::Pastel => [self::Dust],
            $task === Task::Over && $medium === Medium::Relief => [self::Gouge, self::Solvent],
            $task === Task::Carry && $transfer === Transfer::Pounce => [self::Points],
            $task === Task::Protect => match ($medium) {
                Medium::Graphite, Medium::Crayon => [self::Fixative],
                Medium::Pastel => [self::Dust, self::Fixative],
                Medium::Paint => [self::Solvent],
                Medium::Ink, Medium::Wash, Medium::Relief => [],
            },
            default => [],
        };
    }
}
