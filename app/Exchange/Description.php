<?php

declare(strict_types=1);

namespace App\Exchange;

use OpenApi\Annotations\Schema;
use OpenApi\Generator;

/** The API described in OpenAPI, read off the classes that cross the wire. */
final class Description
{
    public static function json(): string
    {
        $api = (new Generator)->generate([app_path('Exchange/Json'), app_path('Http/Controllers')]) ?? throw new \LogicException('Nothing to describe.');
        foreach ($api->components->schemas as $schema) {
            self::requireAll($schema);
        }

        return $api->toJson(JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }

    /** What crosses the wire is always whole: a thing that may be missing is null. */
    private static function requireAll(Schema $schema): void
    {
        $schema->required = array_map(static fn ($property): string => $property->property, $schema->properties);
        foreach ($schema->properties as $property) {
            // The reader of promoted properties takes a neighbour's words; each stands beside its property in PHP.
            $property->description = Generator::UNDEFINED;
        }
    }
}
