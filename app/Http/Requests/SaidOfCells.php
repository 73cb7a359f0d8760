<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\CellChange;
use App\Models\CellNote;
use App\Wording\Say;
use InchLadder\Copying\Pass;
use InchLadder\Copying\Place;

/** What is to be noted of one cell or of several alike. What is not said stays as it was; an empty note takes one away, and is something said. */
final readonly class SaidOfCells
{
    private const SAID = ['state', 'doubtful', 'words', 'reached'];

    /** Seconds: what was done longer ago counts as done then. A week on a device without the server is long. */
    private const LONGEST_AGO = 7 * 86400;

    /**
     * @param  string|null  $key  by which the note is known, so that it is noted once however often it is sent
     * @param  string|null  $mesh  `5x7-1f3870be`, the name of the cells; null for those in force
     * @param  list<int>  $cells  row × columns + column, each once
     * @param  int  $ago  seconds since it was done
     */
    private function __construct(
        public ?string $key,
        public ?string $mesh,
        public array $cells,
        public ?string $state,
        public ?int $reached,
        public ?bool $doubtful,
        public ?string $words,
        public int $ago,
    ) {
    }

    /**
     * @param  string  $at  of what is asked: `notes.*.`
     * @return array<string, list<string>>
     */
    public static function rules(string $at = ''): array
    {
        return [
            "{$at}state" => ['filled', 'in:'.implode(',', CellNote::STATES), "missing_with:{$at}reached"],
            "{$at}reached" => ['integer', 'between:0,'.Pass::all()],
            "{$at}doubtful" => ['filled', 'boolean'],
            "{$at}words" => ['string', 'max:'.CellNote::MOST_WORDS, 'regex:/^\P{Cc}*$/uD'],
            "{$at}mesh" => ['string', 'regex:/^\d{1,3}x\d{1,3}(-[0-9a-f]{8})?$/D'],
            "{$at}ago" => ['integer', 'between:0,'.self::LONGEST_AGO],
            "{$at}key" => ['string', 'regex:/^[\w-]{1,64}$/D'],
        ];
    }

    /** @return array<string, string> */
    public static function messages(string $at = ''): array
    {
        return [
            "{$at}state" => Say::it('copying.asked.state'),
            "{$at}reached" => Say::it('copying.asked.reached', ['most' => Pass::all()]),
            "{$at}doubtful" => Say::it('copying.asked.doubtful'),
            "{$at}words" => Say::it('copying.asked.words', ['most' => CellNote::MOST_WORDS]),
            "{$at}mesh" => Say::it('copying.asked.mesh'),
            "{$at}ago" => Say::it('copying.asked.ago', ['most' => self::LONGEST_AGO]),
            "{$at}key" => Say::it('copying.asked.key'),
            "{$at}cells" => Say::it('copying.asked.cells'),
            "{$at}cells.*" => Say::it('copying.asked.cells'),
        ];
    }

    /** @param  array<array-key, mixed>  $said */
    public static function isSomething(array $said): bool
    {
        return array_intersect_key($said, array_flip(self::SAID)) !== [];
    }

    /** @param  array<array-key, mixed>  $said  as the rules let it through */
    public static function read(array $said): self
    {
        $text = static fn (string $name): ?string => is_string($said[$name] ?? null) ? $said[$name] : null;
        $number = static fn (string $name): ?int => is_numeric($said[$name] ?? null) ? (int) $said[$name] : null;

        return new self(
            $text('key'),
            $text('mesh'),
            array_values(array_unique(array_map(static fn (mixed $cell): int => is_numeric($cell) ? (int) $cell : 0, (array) ($said['cells'] ?? [])))),
            $text('state'),
            $number('reached'),
            isset($said['doubtful']) ? filter_var($said['doubtful'], FILTER_VALIDATE_BOOL) : null,
            $text('words'),
            $number('ago') ?? 0,
        );
    }

    public function change(Place $place): CellChange
    {
        return new CellChange($place, $this->state, $this->doubtful, $this->words, $this->reached, $this->ago);
    }

    /** What it is called in the list of what can be undone; of one cell by its address. */
    public function what(?string $address): string
    {
        if ($address === null) {
            return Say::it('copying.noted.several '.($this->state ?? ($this->reached === null ? 'words' : 'reached')), ['count' => count($this->cells)]);
        }

        return Say::it('copying.noted.'.match (true) {
            $this->state !== null => $this->state,
            $this->reached !== null => 'reached',
            $this->doubtful !== null => $this->doubtful ? 'doubtful' : 'settled',
            default => 'words',
        }, ['cell' => $address]);
    }
}
