<?php

namespace Tests;

use App\Wire\Description;
use PHPUnit\Framework\Assert;

/** Holds an answer against the API's own description, field by field. */
final class Schema
{
    /** @var array<string, mixed> */
    private readonly array $described;

    public function __construct()
    {
        $this->described = json_decode(Description::json(), true);
    }

    /** Fails unless a value is what the description says of a schema with this name. */
    public function holds(string $name, mixed $value): void
    {
        $this->check(['$ref' => "#/components/schemas/{$name}"], $value, $name);
    }

    /** @param  array<string, mixed>  $schema */
    private function check(array $schema, mixed $value, string $where): void
    {
        if ($value === null) {
            Assert::assertTrue($schema['nullable'] ?? false, "{$where} is null");

            return;
        }
        if (isset($schema['oneOf'])) {
            $schema = $schema['oneOf'][0];
        }
        if (isset($schema['allOf'])) {
            $schema = $schema['allOf'][0];
        }
        if (isset($schema['$ref'])) {
            $schema = $this->described['components']['schemas'][basename($schema['$ref'])];
        }
        match ($schema['type']) {
            'object' => $this->object($schema, $value, $where),
            'array' => array_map(fn (mixed $item, int $i) => $this->check($schema['items'], $item, "{$where}[{$i}]"), $value, array_keys($value)),
            'string' => Assert::assertIsString($value, $where),
            'boolean' => Assert::assertIsBool($value, $where),
            'integer' => Assert::assertIsInt($value, $where),
            default => Assert::assertIsNumeric($value, $where),
        };
        if (isset($schema['enum'])) {
            Assert::assertContains($value, $schema['enum'], $where);
        }
    }

    /** @param  array<string, mixed>  $schema */
    private function object(array $schema, mixed $value, string $where): void
    {
        Assert::assertIsArray($value, $where);
        Assert::assertEqualsCanonicalizing($schema['required'], array_keys($value), "{$where} has other fields than described");
        foreach ($schema['properties'] as $name => $property) {
            $this->check($property, $value[$name], "{$where}.{$name}");
        }
    }
}
