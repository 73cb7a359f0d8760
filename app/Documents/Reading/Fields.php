<?php

declare(strict_types=1);

namespace App\Documents\Reading;

use App\Wording\Refusal;
use App\Wording\Say;
use Illuminate\Validation\ValidationException;
use InchLadder\Grid\Cells;
use InchLadder\Impossible;
use InchLadder\Measure\Length;
use InchLadder\Measure\LengthReader;
use InchLadder\Measure\Rational;
use InchLadder\Measure\Size;
use InchLadder\Measure\TypedLength;
use InchLadder\Measure\Unit;

/**
 * A document's fields by dotted name, each with its default, and the sentences about those
 * that cannot be read. Shares are exact: a decimal of six digits, or a fraction like `4/9`.
 */
final class Fields
{
    private const SHARE_DIGITS = 6;

    /** No place lies further beside the picture than so many times its side: a crop is at least a twentieth of it. */
    private const FARTHEST = '25';

    /** @var array<array-key, mixed> */
    private readonly array $document;

    public Unit $unit = Unit::Inch;

    public LengthReader $lengths;

    /** @var array<string, list<string>> field => sentences */
    private array $errors = [];

    /** @var array<string, Length> canonical spelling => length */
    private array $read = [];

    /** @var array<string, string> as typed => canonical spelling */
    private array $spelt = [];

    /** Of the document; one that does not say is of today's. */
    private readonly int $format;

    /**
     * @param  array<array-key, mixed>  $document
     * @param  array<string, mixed>  $defaults
     */
    public function __construct(array $document, private readonly array $defaults)
    {
        // Each part's defaults are laid under it once; deeper ones are looked up when they are missing.
        foreach ($defaults as $part => $default) {
            $document[$part] = ! array_key_exists($part, $document) ? $default : (is_array($default) && is_array($document[$part]) ? $document[$part] + $default : $document[$part]);
        }
        $this->document = $document;
        $this->format = ($document['format'] ?? null) === 1 ? 1 : 2;
        $this->unit = $this->one('unit', Unit::class);
        $this->lengths = new LengthReader($this->unit);
    }

    public function at(string $field): mixed
    {
        $value = $this->document;
        foreach (explode('.', $field) as $name) {
            if (! is_array($value) || ! array_key_exists($name, $value)) {
                // A kept crop has the defaults of a fit.
                return data_get($this->defaults, preg_replace('/^crops\.\d+\./', '', $field));
            }
            $value = $value[$name];
        }

        return $value;
    }

    /** A length already found readable; one that was not has its sentence, and stands in as nothing. */
    public function length(string $typed): Length
    {
        try {
            return $this->read[$typed] ??= $this->lengths->read($typed);
        } catch (Impossible) {
            return Length::zero();
        }
    }

    public function size(string $width, string $height): Size
    {
        return new Size($this->length($width), $this->length($height));
    }

    /** A length as it is kept: in its canonical spelling, with its unit; null when there is none. */
    public function typed(string $field): ?string
    {
        $text = $this->at($field);
        if ($text === null || $text === '') {
            return null;
        }
        $text = is_string($text) || is_int($text) || is_float($text) ? (string) $text : '?';

        return $this->canonical($field, $text);
    }

    /** The canonical spelling of a text that must be a length; one that is not stays, with its sentence beside the field. */
    public function canonical(string $field, string $text): string
    {
        $text = $this->asWrittenThen($text);
        if (isset($this->spelt[$text])) {
            return $this->spelt[$text];
        }
        $typed = $this->beside($field, fn (): TypedLength => $this->lengths->typed($text));
        if ($typed === null) {
            return $text;
        }
        $spelling = $typed->canonical($this->unit);
        $this->read[$spelling] = $typed->length;

        return $this->spelt[$text] = $spelling;
    }

    /**
     * Documents of format 1 kept lengths as they were typed: a comma was always a decimal one, and some had
     * their unit written behind them a second time.
     */
    private function asWrittenThen(string $text): string
    {
        if ($this->format !== 1) {
            return $text;
        }
        $text = (string) preg_replace('/(?<=\d),(?=\d)/', '.', $text);

        return (string) preg_replace('/(?<=[a-z]|[a-z]\.|["\'”″′’])\s+(?:in|cm|mm)$/iuD', '', $text);
    }

    /**
     * As typed, for a length that must be over 0.
     *
     * @param  \Closure(): string  $sentence  said where it is not
     * @param  Length|null  $least  as long at least; null for however little
     */
    public function typedPositive(string $field, \Closure $sentence, ?Length $least = null): ?string
    {
        $typed = $this->typed($field);
        $length = $typed === null ? null : $this->read[$typed] ?? null;
        if ($length !== null && (! $length->isPositive() || ($least !== null && $least->isLongerThan($length)))) {
            $this->wrong($field, $sentence());
        }

        return $typed;
    }

    /** A count in 1…60; null when there is none. */
    public function whole(string $field): ?int
    {
        $value = $this->at($field);
        if ($value === null || $value === '') {
            return null;
        }
        if (filter_var($value, FILTER_VALIDATE_INT) === false) {
            $this->wrong($field, Say::it('choices.count', ['most' => Cells::MOST]));

            return null;
        }
        $count = (int) $value;
        $this->beside($field, fn (): Cells => str_ends_with($field, 'rows') ? Cells::of(1, $count) : Cells::of($count, 1));

        return $count;
    }

    /** A share, brought into its bounds, in one spelling; null when there is none. */
    public function share(string $field, string $least = '0', string $most = '1'): ?string
    {
        $value = $this->at($field);
        if ($value === null || $value === '') {
            return null;
        }
        $share = self::readShare($value);
        if ($share === null) {
            $this->wrong($field, Say::it('choices.share', $least[0] === '-' ? ['least' => '0', 'most' => '1'] : ['least' => $least, 'most' => $most]));

            return null;
        }

        return (string) Rational::larger(Rational::of($least), Rational::smaller(Rational::of($most), $share));
    }

    /** A place on the picture, in shares of it; one that lies beside it is kept too. */
    public function place(string $field): ?string
    {
        return $this->share($field, '-'.self::FARTHEST, self::FARTHEST);
    }

    /** Null when it is no number. */
    public static function readShare(mixed $value): ?Rational
    {
        return match (true) {
            is_int($value), is_float($value) => is_finite((float) $value) ? Rational::near((float) $value, self::SHARE_DIGITS) : null,
            is_string($value) && preg_match('~^-?\d{1,9}(/[1-9]\d{0,8})?$~', $value) === 1 => Rational::of($value),
            is_string($value) && preg_match('/^-?\d{0,6}\.?\d{1,12}(e-\d{1,2})?$/iD', $value) === 1 => Rational::near((float) $value, self::SHARE_DIGITS),
            default => null,
        };
    }

    /** @param  non-empty-list<string>  $known */
    public function word(string $field, array $known): string
    {
        $value = $this->at($field);
        if (! in_array($value, $known, true)) {
            $this->wrong($field, Say::it('choices.one of', ['known' => implode(', ', $known)]));

            return $known[0];
        }

        return $value;
    }

    /**
     * @template T of \BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return T
     */
    public function one(string $field, string $enum): \BackedEnum
    {
        $value = $this->at($field);
        $case = is_string($value) ? $enum::tryFrom($value) : null;
        if ($case === null) {
            $this->wrong($field, Say::it('choices.one of', ['known' => implode(', ', array_column($enum::cases(), 'value'))]));

            return $enum::cases()[0];
        }

        return $case;
    }

    /** Words of the artist's own; empty when there are none. */
    public function words(string $field, int $most): string
    {
        $value = $this->at($field);

        return is_string($value) ? trim(mb_substr($value, 0, $most)) : '';
    }

    public function flag(string $field): bool
    {
        return (bool) $this->at($field);
    }

    /**
     * How many entries a list has, with a sentence when they are too many.
     *
     * @return list<int> 0, 1, 2 …, for dotted names like `points.0.x`
     */
    public function entries(string $field, int $most): array
    {
        $list = $this->at($field);
        if (! is_array($list) || $list === []) {
            return [];
        }
        if (count($list) > $most) {
            $this->wrong($field, Say::it('choices.too many', ['most' => $most]));
        }

        return range(0, min($most, count($list)) - 1);
    }

    /**
     * @template T
     *
     * @param  string|null  $field  null leaves the place to the sentence itself
     * @param  \Closure(): T  $read
     * @return T|null
     */
    public function beside(?string $field, \Closure $read): mixed
    {
        try {
            return $read();
        } catch (Impossible $e) {
            $this->wrong($field ?? $e->choice(), Refusal::of($e, $this->unit));

            return null;
        }
    }

    public function wrong(string $field, string $sentence): void
    {
        if (! in_array($sentence, $this->errors[$field] ?? [], true)) {
            $this->errors[$field][] = $sentence;
        }
    }

    /** @throws ValidationException naming each field that cannot be read */
    public function refuseIfWrong(): void
    {
        if ($this->errors !== []) {
            throw ValidationException::withMessages($this->errors);
        }
    }
}
