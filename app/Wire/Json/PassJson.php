<?php

declare(strict_types=1);

namespace App\Wire\Json;

use App\Wording\Say;
use InchLadder\Copying\Pass;
use OpenApi\Attributes as OA;

/** A pass, and the card it opens with. */
#[OA\Schema]
final readonly class PassJson
{
    private function __construct(
        #[OA\Property(enum: Pass::class)] public string $name,
        #[OA\Property] public string $label,
        /** What is drawn in it. */
        #[OA\Property] public string $what,
        #[OA\Property] public string $pencil,
        /** What is not to be drawn yet. */
        #[OA\Property] public string $not_yet,
    ) {
    }

    /**
     * @param  bool  $tone  whether tone goes along with the line
     * @param  string|null  $instead  what is drawn with where graphite would not do
     * @param  string  $broadest  how broad a line may be
     */
    public static function of(Pass $pass, bool $tone = false, ?string $instead = null, string $broadest = ''): self
    {
        [$name, $what, $pencil, $notYet] = array_map(static fn (string $of): string => Say::it("copying.pass.{$pass->value}.{$of}"), ['name', 'what', 'pencil', 'not yet']);

        $along = $tone && $pass === Pass::Refine;

        return new self($pass->value, $name, $along ? "{$what} ".Say::it('copying.tone along.what') : $what, trim(($instead ?? $pencil).' '.$broadest), $along ? Say::it('copying.tone along.not yet') : $notYet);
    }
}
