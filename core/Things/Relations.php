<?php

declare(strict_types=1);

namespace InchLadder\Things;

use InchLadder\Layout\Layout;
use InchLadder\Layout\Span;
use InchLadder\Measure\Length;
use InchLadder\Measure\Rational;

/** What of a picture meets, touches, leaves a gap, stands above or goes behind; read from its named things, key points and lengths. */
final readonly class Relations
{
    private float $wide;

    private float $high;

    private float $long;

    private function __construct(private Layout $layout, private Things $things)
    {
        [$this->wide, $this->high] = [$layout->fitted->area->width->toFloat(), $layout->fitted->area->height->toFloat()];
        $this->long = max($this->wide, $this->high);
    }

    /** @return list<Relation> kind by kind, as Related has them; the nearest of a kind first */
    public static function among(Layout $layout, Things $things): array
    {
        $all = new self($layout, $things);
        $found = [...$all->meetings(), ...$all->pairs()];
        $kinds = Related::cases();
        usort($found, static fn (Relation $a, Relation $b): int => [array_search($a->how, $kinds, true), $a->apart] <=> [array_search($b->how, $kinds, true), $b->apart]);

        return array_slice($found, 0, Figures::MOST_RELATIONS);
    }

    /** @return list<Relation> where key points and the ends of lengths lie on a line */
    private function meetings(): array
    {
        $ends = [];
        foreach ($this->layout->points() as $placed) {
            $ends[] = [$placed->point->name, $placed->x->toFloat(), $placed->y->toFloat()];
        }
        $lengths = array_map($this->ends(...), $this->layout->spans);
        foreach ($this->layout->spans as $i => $span) {
            array_push($ends, [$span->name, ...$lengths[$i][0]], [$span->name, ...$lengths[$i][1]]);
        }
        $found = [];
        foreach ($ends as [$name, $x, $y]) {
            if (min($x, $y) < 0 || max($x, $y) > 1) {
                continue;
            }
            foreach ($this->things->all as $thing) {
                if ($thing->thing->boxed || $thing->thing->name === $name) {
                    continue;
                }
                [$off, $at] = $this->toOutline($x, $y, $thing->outline, true);
                $off <= Figures::ON_LINE * $this->long && $found[] = new Relation(Related::Meets, $name, $thing->thing->name, [$at]);
            }
            foreach ($this->layout->spans as $i => $span) {
                if ($span->name === $name) {
                    continue;
                }
                [$off, $at, $along] = $this->toOutline($x, $y, $lengths[$i], false);
                $off <= Figures::ON_LINE * $this->long && $found[] = new Relation(Related::Meets, $name, $span->name, [$at], along: $along);
            }
        }

        return array_values(array_combine(array_map(static fn (Relation $one): string => $one->key(), $found), $found));
    }

    /** @return array{array{float, float}, array{float, float}} both ends of a length, in shares of the crop */
    private function ends(Span $span): array
    {
        $crop = $this->layout->fitted->crop;
        $x = static fn (Rational $share): float => $share->minus($crop->left)->dividedBy($crop->width)->toFloat();
        $y = static fn (Rational $share): float => $share->minus($crop->top)->dividedBy($crop->height)->toFloat();

        return [[$x($span->x1), $y($span->y1)], [$x($span->x2), $y($span->y2)]];
    }

    /** @return list<Relation> of things, each with each */
    private function pairs(): array
    {
        $inside = array_values(array_filter($this->things->all, static fn (ThingInCrop $thing): bool => $thing->isInside()));
        $pairs = [];
        foreach ($inside as $i => $front) {
            foreach (array_slice($inside, $i + 1) as $back) {
                $pairs[] = [$this->between($front, $back), $front, $back];
            }
        }
        // Outlines are held against each other where their boxes are near; there are enough of those.
        usort($pairs, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $found = [];
        foreach (array_slice($pairs, 0, Figures::MOST_PAIRS) as [$apart, $front, $back]) {
            $one = $apart > Figures::GAP * $this->long ? null : $this->near($front, $back);
            $one ??= $this->above($front, $back);
            $one === null || $found[] = $one;
        }

        return $found;
    }

    private function near(ThingInCrop $front, ThingInCrop $back): ?Relation
    {
        $pieces = $back->pieces([$front]);
        if (array_unique(array_column($pieces, 1)) === [false] || $pieces === []) {
            [$apart, $from, $to] = $this->nearest($front->outline, $back->outline);
            if ($this->layout->notation->ruler->round(Length::mm(Rational::near($apart, 4)))->reading->isZero()) {
                return new Relation(Related::Touches, $front->thing->name, $back->thing->name, [$from], $apart);
            }

            // What lies wholly within another leaves no gap to it.
            return $apart <= Figures::GAP * $this->long && ! $back->covers(...$front->outline[0]) ? new Relation(Related::Gap, $front->thing->name, $back->thing->name, [$from, $to], $apart) : null;
        }
        $joints = [];
        foreach ($pieces as $i => [$places, $hidden]) {
            $before = $pieces[$i - 1] ?? $pieces[count($pieces) - 1];
            $before[1] !== $hidden && $joints[] = $places[0];
        }
        $seen = array_values(array_filter($joints, static fn (array $at): bool => min($at) >= 0 && max($at) <= 1));

        return $seen === [] ? null : new Relation(Related::Behind, $back->thing->name, $front->thing->name, $seen);
    }

    /** One over the other, by at least half of the narrower one's width. */
    private function above(ThingInCrop $a, ThingInCrop $b): ?Relation
    {
        [$upper, $lower] = $a->top <= $b->top ? [$a, $b] : [$b, $a];
        $shared = min($upper->right, $lower->right) - max($upper->left, $lower->left);
        if ($upper->bottom > $lower->top || $shared < min($upper->right - $upper->left, $lower->right - $lower->left) / 2) {
            return null;
        }
        $x = (max($upper->left, $lower->left) + min($upper->right, $lower->right)) / 2;

        return new Relation(Related::Above, $upper->thing->name, $lower->thing->name, [[$x, $upper->bottom], [$x, $lower->top]], ($lower->top - $upper->bottom) * $this->high);
    }

    /** Mm between the boxes round both; 0 where they overlap. */
    private function between(ThingInCrop $a, ThingInCrop $b): float
    {
        return hypot(max(0.0, $a->left - $b->right, $b->left - $a->right) * $this->wide, max(0.0, $a->top - $b->bottom, $b->top - $a->bottom) * $this->high);
    }

    /**
     * @param  non-empty-list<array{float, float}>  $one
     * @param  non-empty-list<array{float, float}>  $other
     * @return array{float, array{float, float}, array{float, float}} mm, and the two places
     */
    private function nearest(array $one, array $other): array
    {
        $best = [INF, $one[0], $other[0]];
        foreach ([[$one, $other, false], [$other, $one, true]] as [$corners, $outline, $turned]) {
            foreach ($corners as $corner) {
                [$off, $at] = $this->toOutline(...[...$corner, $outline, true]);
                if ($off < $best[0]) {
                    $best = $turned ? [$off, $at, $corner] : [$off, $corner, $at];
                }
            }
        }

        return $best;
    }

    /**
     * @param  list<array{float, float}>  $line  shares of the crop
     * @return array{float, array{float, float}, float} mm from a place to it, where it is nearest, and how far along it that is
     */
    private function toOutline(float $x, float $y, array $line, bool $closed): array
    {
        $best = [INF, [$x, $y], 0.0];
        [$gone, $whole] = [0.0, 0.0];
        for ($i = 0, $count = count($line); $i < $count - ($closed ? 0 : 1); $i++) {
            [[$x1, $y1], [$x2, $y2]] = [$line[$i], $line[($i + 1) % $count]];
            [$dx, $dy] = [($x2 - $x1) * $this->wide, ($y2 - $y1) * $this->high];
            $long = hypot($dx, $dy);
            $share = $long < 1e-9 ? 0.0 : max(0.0, min(1.0, (($x - $x1) * $this->wide * $dx + ($y - $y1) * $this->high * $dy) / $long ** 2));
            $at = [$x1 + $share * ($x2 - $x1), $y1 + $share * ($y2 - $y1)];
            $off = hypot(($x - $at[0]) * $this->wide, ($y - $at[1]) * $this->high);
            $whole += $long;
            $off < $best[0] && $best = [$off, $at, $gone + $share * $long];
            $gone = $whole;
        }

        return [$best[0], $best[1], $whole > 0 ? $best[2] / $whole : 0.0];
    }
}
