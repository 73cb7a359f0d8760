<?php

declare(strict_types=1);

namespace App\Wire;

use App\Adjusting\Adjustments;
use InchLadder\Grid\SchoolCatalogue;
use OpenApi\Annotations\Operation;
use OpenApi\Annotations\Schema;
use OpenApi\Generator;

/** The API described in OpenAPI, read off the classes that cross the wire. */
final class Description
{
    public static function json(): string
    {
        $api = (new Generator)->generate([app_path('Wire/Json'), app_path('Documents/Choices'), app_path('Archive'), app_path('Http/Controllers')]) ?? throw new \LogicException('Nothing to describe.');
        foreach ($api->components->schemas as $schema) {
            self::requireAll($schema);
            self::enumerate($schema);
            self::describe($schema);
        }

        foreach ($api->paths as $path) {
            foreach (get_object_vars($path) as $operation) {
                $operation instanceof Operation && $operation->summary = Generator::UNDEFINED;
            }
        }

        return $api->toJson(JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }

    /** The JSON Schema (draft 2020-12) of the document in an exported drawing, read off the same classes. */
    public static function archiveSchema(): string
    {
        $all = self::definitions();
        $needed = [];
        $take = static function (mixed $part) use (&$take, &$needed, $all): void {
            foreach (is_array($part) ? $part : [] as $key => $value) {
                $name = $key === '$ref' ? basename((string) $value) : null;
                if ($name !== null && ! isset($needed[$name])) {
                    $needed[$name] = $all[$name];
                    $take($all[$name]);
                }
                $take($value);
            }
        };
        $take($all['ArchiveJson']);
        ksort($needed);

        return self::written(['title' => 'A drawing exported from Inch Ladder', ...$all['ArchiveJson'], '$defs' => $needed]);
    }

    /** Everything that crosses the wire, as definitions of one JSON Schema (draft 2020-12). */
    public static function schemas(): string
    {
        return self::written(['$defs' => self::definitions()]);
    }

    /** @return array<string, array<string, mixed>> by name */
    private static function definitions(): array
    {
        $described = json_decode(str_replace('#/components/schemas/', '#/$defs/', self::json()), true);

        return array_map(self::nullable(...), $described['components']['schemas']);
    }

    /** @param  array<string, mixed>  $schema */
    private static function written(array $schema): string
    {
        return (string) json_encode(['$schema' => 'https://json-schema.org/draft/2020-12/schema', ...$schema], JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }

    /**
     * OpenAPI 3.0 says `nullable` where JSON Schema names the type null.
     *
     * @param  array<string, mixed>  $schema
     * @return array<string, mixed>
     */
    private static function nullable(array $schema): array
    {
        foreach ($schema as $key => $value) {
            if (is_array($value)) {
                $schema[$key] = self::nullable($value);
            }
        }
        if (($schema['nullable'] ?? null) !== true) {
            return $schema;
        }
        unset($schema['nullable']);

        return ['anyOf' => [$schema, ['type' => 'null']]];
    }

    /** A schema is what its class says it is; a class that also names its routes would give its words to the first of them. */
    private static function describe(Schema $schema): void
    {
        $class = "{$schema->_context?->namespace}\\{$schema->_context?->class}";
        preg_match('~^/\*\*\s*(.*?)\s*(?:\*/|\n)~', (string) (class_exists($class) ? (new \ReflectionClass($class))->getDocComment() : ''), $words);
        isset($words[1]) && $schema->description = $words[1];
    }

    /** What may stand in a field whose list is kept elsewhere. */
    private static function enumerate(Schema $schema): void
    {
        $lists = ['GridChoice' => ['school' => SchoolCatalogue::keys(...)], 'AdjustRequest' => ['act' => Adjustments::names(...)], 'WorkingsRequest' => ['act' => Adjustments::names(...)]];
        foreach ($schema->properties as $property) {
            $keys = $lists[$schema->schema][$property->property] ?? null;
            if ($keys !== null) {
                $property->enum = $keys();
            }
        }
    }

    /** An answer is always whole: a thing that may be missing is null. In a request what may be null may be left out. */
    private static function requireAll(Schema $schema): void
    {
        $isAsked = str_ends_with($schema->schema, 'Request');
        $schema->required = array_values(array_map(static fn ($property): string => $property->property, array_filter($schema->properties, static fn ($property): bool => ! $isAsked || $property->nullable !== true)));
        foreach ($schema->properties as $property) {
            // The reader of promoted properties takes a neighbour's words; each stands beside its property in PHP.
            $property->description = Generator::UNDEFINED;
        }
    }
}
