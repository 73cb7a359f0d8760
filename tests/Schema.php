<?php

namespace Tests;

use App\Wire\Description;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Assert;

/** Holds an answer against the API's own description, as a JSON Schema (draft 2020-12), field by field. */
final class Schema
{
    private const AT = 'inch-ladder:/described';

    private readonly Validator $validator;

    public function __construct()
    {
        $this->validator = new Validator(max_errors: 5);
        $schema = json_decode(Description::schemas());
        // Nothing crosses the wire but what is described.
        foreach ((array) $schema->{'$defs'} as $described) {
            $described->type === 'object' && isset($described->properties) && $described->additionalProperties = false;
        }
        $this->validator->resolver()->registerRaw($schema, self::AT);
    }

    /** Fails unless a value is what the description says of a schema with this name. */
    public function holds(string $name, mixed $value): void
    {
        $result = $this->validator->validate(json_decode((string) json_encode($value)), self::AT."#/\$defs/{$name}");
        Assert::assertTrue($result->isValid(), $name.': '.json_encode($result->error() === null ? '' : (new ErrorFormatter)->format($result->error())));
    }
}
