<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Wording\Say;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/**
 * A choices document as it was sent; what is in it is read by ChoicesReader.
 *
 * No FormRequest: that builds a validator for every request, and this one is asked
 * many times a second while something is dragged.
 */
final readonly class ChoicesInput
{
    public function __construct(private Request $request)
    {
    }

    /**
     * @return array<array-key, mixed>
     *
     * @throws ValidationException
     */
    public function choices(): array
    {
        $choices = $this->request->input('choices');

        return is_array($choices) ? $choices : throw ValidationException::withMessages(['choices' => Say::it('http.choices missing')]);
    }

    /** The version the choices were made from. */
    public function version(): int
    {
        return $this->request->integer('version');
    }

    /** Pixels of a photo, `wide` or `high`, when they are known. */
    public function pixels(string $side): ?int
    {
        $pixels = $this->request->integer($side);

        return $pixels > 0 && $pixels <= 100_000 ? $pixels : null;
    }

    /** The rung whose sums are wanted; null for every rung's. */
    public function rung(): ?string
    {
        $rung = $this->request->input('rung');

        return is_string($rung) ? $rung : null;
    }

    /** The adjustment that is tried or made; null for none. */
    public function act(): ?string
    {
        $act = $this->request->input('act');

        return is_string($act) ? $act : null;
    }

    /** @return array<array-key, mixed> what was pointed at, pulled or typed */
    public function how(): array
    {
        return (array) $this->request->input('how', []);
    }

    /** @return array{float, float}|null where the pointer is, as shares of the crop */
    public function point(): ?array
    {
        [$x, $y] = [$this->request->input('x'), $this->request->input('y')];

        return is_numeric($x) && is_numeric($y) ? [(float) $x, (float) $y] : null;
    }
}
