<?php

declare(strict_types=1);

namespace App\Wire;

use App\Wire\Json\GradeJson;
use App\Wire\Json\PaperWeightJson;
use App\Wire\Json\ToolJson;
use App\Wire\Json\WordsJson;
use App\Wording\Say;
use Illuminate\Validation\ValidationException;
use InchLadder\Colour\Grade;
use InchLadder\Finish\Caution;
use InchLadder\Measure\Fractions;
use InchLadder\Measure\Rational;
use InchLadder\Paper\Basis;
use InchLadder\Paper\Weight;

/** The words on packets and tools, and weights of paper from one system to the other. */
final class Words
{
    private const LEADS = ['grade', 'fine', 'clutch', 'stick'];

    /** Each has a picture of its name. */
    private const TOOLS = ['kneaded', 'stump', 'dividers', 'square', 'tape', 'glassine', 'plumb', 'window', 'lightbox'];

    public static function all(): WordsJson
    {
        $kinds = [];
        foreach (Grade::cases() as $grade) {
            $kinds[$grade->kind()][] = $grade->value;
        }

        return new WordsJson(
            array_map(static fn (string $kind, array $names): GradeJson => new GradeJson($names, $kind, Say::it("words.grades.{$kind}")), array_keys($kinds), array_values($kinds)),
            array_map(static fn (string $lead): string => Say::it("words.leads.{$lead}"), self::LEADS),
            array_map(static fn (string $tool): ToolJson => new ToolJson($tool, Say::it("words.tools.{$tool}.name"), Say::it("words.tools.{$tool}.is"), Say::it("words.tools.{$tool}.instead")), self::TOOLS),
            array_combine(array_column(Basis::cases(), 'value'), array_map(self::basis(...), Basis::cases())),
            Cautions::write(Caution::cases()),
        );
    }

    /** @throws ValidationException */
    public static function weight(string $typed, string $basis): PaperWeightJson
    {
        $weight = Typed::beside('weight', static fn (): Weight => Weight::read($typed, Basis::tryFrom($basis)));
        $basis = $weight->basis;
        $pounds = static fn (Basis $one): string => (string) round($weight->inPounds($one));
        [$wide, $high] = $basis->inches();
        $others = array_map(static fn (Basis $one): string => Say::it('words.weight.of', ['pounds' => $pounds($one), 'basis' => self::basis($one)]), array_filter(Basis::cases(), static fn (Basis $one): bool => $one !== $basis));

        return new PaperWeightJson(round($weight->grams, 1), round($weight->inPounds($basis), 1), [
            Say::it('words.weight.grams', ['grams' => (string) round($weight->grams)]),
            Say::it('words.weight.pounds', ['pounds' => $pounds($basis), 'basis' => self::basis($basis), 'sheet' => Fractions::mixed(Rational::of((string) $wide)).' × '.Fractions::mixed(Rational::of((string) $high)).' in']),
            Say::it('words.weight.also', ['others' => Say::listed(array_values($others))]),
        ]);
    }

    private static function basis(Basis $basis): string
    {
        return Say::it("words.basis.{$basis->value}");
    }
}
