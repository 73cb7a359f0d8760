<?php

declare(strict_types=1);

namespace InchLadder\Checking;

use InchLadder\Layout\Layout;
use InchLadder\Layout\Span;

/**
 * A length that looks odd and is right: far shorter than the others of its name, as what points at the eye or away from
 * it is, or slanting far steeper than they do. One draws what shows, not what one knows.
 */
final readonly class Odd
{
    private function __construct(
        public SpanOnPaper $span,
        /** How long it is against the others of its name: under 1; 1 where only its slant is odd. */
        public float $share,
        /** By how many degrees it slants otherwise than they do. */
        public float $turned,
    ) {
    }

    /** @return list<self> */
    public static function among(Layout $layout): array
    {
        $namesakes = [];
        foreach ($layout->spans as $span) {
            $namesakes[self::name($span)][] = SpanOnPaper::of($layout, $span);
        }
        $odd = [];
        foreach ($namesakes as $spans) {
            foreach (count($spans) < Figures::NAMESAKES ? [] : $spans as $i => $span) {
                $others = array_values(array_filter($spans, static fn (int $j): bool => $j !== $i, ARRAY_FILTER_USE_KEY));
                $share = $span->paper->toFloat() / self::middle(array_map(static fn (SpanOnPaper $one): float => $one->paper->toFloat(), $others));
                $turns = array_map(static fn (SpanOnPaper $one): float => self::between($span, $one), $others);
                sort($turns);
                // From most of them: of two that lie alike and one that does not, only that one is odd.
                $turned = $turns[intdiv(count($turns) - 1, 2)];
                if ($share <= Figures::FORESHORTENED || $turned >= Figures::SLANTED) {
                    $odd[] = new self($span, $share <= Figures::FORESHORTENED ? $share : 1.0, $turned);
                }
            }
        }

        return $odd;
    }

    /**
     * Those that run through a part of the drawing, in shares of it.
     *
     * @return list<self>
     */
    public static function crossing(Layout $layout, float $left, float $top, float $right, float $bottom): array
    {
        return array_values(array_filter(self::among($layout), static function (self $odd) use ($left, $top, $right, $bottom): bool {
            [$x1, $y1, $x2, $y2] = [$odd->span->x1->toFloat(), $odd->span->y1->toFloat(), $odd->span->x2->toFloat(), $odd->span->y2->toFloat()];
            // Clipped against each side in turn (Y.-D. Liang and B. Barsky, "A New Concept and Method for Line Clipping", ACM TOG 3 (1984)).
            [$from, $to] = [0.0, 1.0];
            foreach ([[$x1 - $x2, $x1 - $left], [$x2 - $x1, $right - $x1], [$y1 - $y2, $y1 - $top], [$y2 - $y1, $bottom - $y1]] as [$away, $room]) {
                if ($away === 0.0 && $room < 0) {
                    return false;
                }
                if ($away < 0) {
                    $from = max($from, $room / $away);
                } elseif ($away > 0) {
                    $to = min($to, $room / $away);
                }
            }

            return $from <= $to;
        }));
    }

    /** `finger 2` and `left finger` are fingers. */
    private static function name(Span $span): string
    {
        return trim((string) preg_replace('/\b(left|right|upper|lower|first|second|third|fourth|fifth|[0-9]+)\b/iu', '', mb_strtolower($span->name)));
    }

    /** Degrees between the ways two of them run, 0…90: neither has a beginning. */
    private static function between(SpanOnPaper $one, SpanOnPaper $other): float
    {
        $apart = fmod(abs($one->onPaper->degrees - $other->onPaper->degrees), 180.0);

        return min($apart, 180.0 - $apart);
    }

    /** @param  list<float>  $numbers */
    private static function middle(array $numbers): float
    {
        sort($numbers);
        $half = intdiv(count($numbers), 2);

        return count($numbers) % 2 === 1 ? $numbers[$half] : ($numbers[$half - 1] + $numbers[$half]) / 2;
    }
}
