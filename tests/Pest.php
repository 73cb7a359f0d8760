<?php

use App\Wording\Refusal;
use Illuminate\Foundation\Testing\RefreshDatabase;
use InchLadder\Impossible;
use InchLadder\Measure\Length;
use InchLadder\Measure\LengthReader;
use InchLadder\Measure\Size;
use InchLadder\Measure\Unit;
use Tests\Browser\Table;
use Tests\TestCase;

pest()->extend(TestCase::class)->use(RefreshDatabase::class)->in('Feature');
// These serve, or copy, data of their own, always in SQLite.
pest()->group('own data')->in('Feature/StartTest.php', 'Feature/TogetherTest.php', 'Feature/KeepingTest.php', 'Feature/BackupTest.php');
// These ask the database something: locks, order, uniqueness, JSON, cascades, transactions, undo, import. They run on PostgreSQL as well.
pest()->group('sql')->in(...array_map(static fn (string $of): string => "Feature/{$of}Test.php", ['Archive', 'Drawing', 'HandWork', 'House', 'Log', 'PlacedThings', 'Renamed', 'Shelf', 'Things']));
pest()->extend(TestCase::class)->in('Wording', 'Reference', 'Browser');
pest()->beforeEach(fn () => Table::lay()->settle())->in('Browser');

/** Whether more is asked than in the run that every change waits for: ./bin/test --long. */
function isLong(): bool
{
    return getenv('INCH_LONG') === '1';
}

/**
 * Seeds of cases that are drawn: a few, and more in a long run.
 *
 * @return list<int>
 */
function seeds(int $few, int $many, int $from = 1): array
{
    return range($from, $from + (isLong() ? $many : $few) - 1);
}

/**
 * The first few of some cases, and all of them in a long run.
 *
 * @template T
 *
 * @param  array<T>  $cases
 * @return array<T>
 */
function few(int $few, array $cases): array
{
    return isLong() ? $cases : array_slice($cases, 0, $few, true);
}

/** A length as a person writes it. */
function length(string $text): Length
{
    return (new LengthReader(Unit::Inch))->read($text);
}

/** A size as a person writes it: `5x7in`. */
function size(string $text): Size
{
    return (new LengthReader(Unit::Inch))->readSize($text);
}

/** Refused as something that cannot be, in a sentence that says this. */
expect()->extend('toBeRefused', function (string $class, string $says = '') {
    try {
        ($this->value)();
    } catch (Impossible $refused) {
        expect($refused)->toBeInstanceOf($class)->and(Refusal::of($refused))->toContain($says);

        return $this;
    }
    throw new PHPUnit\Framework\AssertionFailedError("{$class} was not thrown.");
});

/** Both equal to the last digit, not nearly. */
expect()->extend('toBeLength', function (string $text) {
    expect($this->value->exact())->toBe(length($text)->exact());

    return $this;
});
