<?php

use InchLadder\Copying\EdgeProfile;
use InchLadder\Copying\EdgeStrength;
use InchLadder\Copying\EdgeStretch;
use Random\Engine\Mt19937;
use Random\Randomizer;

/*
 * Hard, soft and lost: how an edge rises across itself, and what of it is a stretch.
 */

/** The error function (M. Abramowitz and I. Stegun, Handbook of Mathematical Functions (1964), 7.1.26: to 1.5e-7). */
function erf(float $x): float
{
    $t = 1 / (1 + 0.3275911 * abs($x));
    $rest = ((((1.061405429 * $t - 1.453152027) * $t + 1.421413741) * $t - 0.284496736) * $t + 0.254829592) * $t * exp(-$x ** 2);

    return ($x < 0 ? -1 : 1) * (1 - $rest);
}

it('measures how far a blurred step takes to rise, and by how much, whichever way it lies', function (float $sigma, array $step, float $turn, float $off) {
    [$nx, $ny] = [cos($turn), sin($turn)];
    $colour = function (float $x, float $y) use ($sigma, $step, $nx, $ny): array {
        $part = 0.5 * (1 + erf(($x * $nx + $y * $ny) / ($sigma * M_SQRT2)));

        return [50 + $part * $step[0], $part * $step[1], $part * $step[2]];
    };
    // Not quite on the edge, as a contour is not.
    $profile = EdgeProfile::at($off * $nx, $off * $ny, [$nx, $ny], 36.0, $colour);
    // From a tenth to nine tenths: 1.2816 σ to either side (tables of the normal distribution).
    expect($profile->rise)->toEqualWithDelta(2 * 1.2816 * $sigma, 0.04 * 2.563 * $sigma + 0.12)
        ->and($profile->contrast)->toEqualWithDelta(sqrt($step[0] ** 2 + $step[1] ** 2 + $step[2] ** 2), 1.2);
})->with([1.0, 2.5, 6.0])->with([[[40.0, 0.0, 0.0]], [[-12.0, 20.0, 9.0]], [[0.0, 25.0, -25.0]]])->with([0.0, 0.7, 2.4])->with([0.0, 0.8]);

it('does not count what lies beside: another edge, or a slow change of light', function () {
    $near = fn (float $x): array => [30 + 40 / (1 + exp(-$x / 0.6)) - 35 / (1 + exp(-($x - 14) / 0.6)) + 0.1 * $x, 0.0, 0.0];
    $alone = fn (float $x): array => [30 + 40 / (1 + exp(-$x / 0.6)), 0.0, 0.0];
    [$beside, $by] = array_map(fn (Closure $row): EdgeProfile => EdgeProfile::at(0, 0, [1.0, 0.0], 30.0, fn (float $x, float $y): array => $row($x)), [$near, $alone]);
    expect($beside->rise)->toEqualWithDelta($by->rise, 0.1)->and($beside->contrast)->toEqualWithDelta($by->contrast, 1.0);
    $flat = EdgeProfile::at(0, 0, [1.0, 0.0], 30.0, fn (): array => [50.0, 0.0, 0.0]);
    expect($flat->contrast)->toBe(0.0)->and(EdgeStrength::of(0.001, $flat->contrast))->toBe(EdgeStrength::Lost);
});

it('is hard, soft or lost, on the limit too', function (float $rise, float $contrast, EdgeStrength $strength) {
    expect(EdgeStrength::of($rise, $contrast))->toBe($strength);
})->with([[0.001, 30, EdgeStrength::Hard], [0.006, 5, EdgeStrength::Hard], [0.0061, 5, EdgeStrength::Soft], [0.02, 60, EdgeStrength::Soft], [0.001, 4.99, EdgeStrength::Lost], [0.05, 1, EdgeStrength::Lost]]);

it('tells stretches, and no few steps among others', function (string $along, string $told) {
    $strengths = array_map(fn (string $one): EdgeStrength => ['h' => EdgeStrength::Hard, 's' => EdgeStrength::Soft, 'l' => EdgeStrength::Lost][$one], $along === '' ? [] : str_split($along));
    expect(implode(' ', array_map(fn (EdgeStretch $one): string => $one->strength->value[0]."{$one->from}-{$one->to}", EdgeStretch::along($strengths, 3))))->toBe($told);
})->with([
    ['hhhhhh', 'h0-6'], ['hhhsss', 'h0-3 s3-6'], ['hhhshhh', 'h0-7'], ['hhhslhhh', 'h0-8'], ['hhhlll', 'h0-3 l3-6'], ['hhsssslll', 's0-6 l6-9'], ['hs', 's0-2'], ['', ''], ['l', 'l0-1'], ['hhhhllsss', 'h0-6 s6-9'],
]);

it('covers the whole of a contour, in order, in stretches that differ', function (int $seed) {
    $random = new Randomizer(new Mt19937($seed));
    $strengths = array_map(fn (): EdgeStrength => EdgeStrength::cases()[$random->getInt(0, 2)], range(1, $random->getInt(1, 60)));
    $stretches = EdgeStretch::along($strengths, 4);
    $at = 0;
    foreach ($stretches as $i => $one) {
        expect($one->from)->toBe($at)->and($one->strength)->not->toBe($stretches[$i - 1]->strength ?? null);
        $at = $one->to;
    }
    expect($at)->toBe(count($strengths));
})->with(range(1, 10));
