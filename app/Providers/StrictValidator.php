<?php

declare(strict_types=1);

namespace App\Providers;

use Illuminate\Validation\Validator;

/** Holds blanks against every rule too. The framework's own passes them over, and what passed so could not be imported again. */
final class StrictValidator extends Validator
{
    /**
     * @param  mixed  $rule
     * @param  mixed  $attribute
     * @param  mixed  $value
     */
    protected function presentOrRuleIsImplicit($rule, $attribute, $value): bool
    {
        return $this->validatePresent($attribute, $value) || $this->isImplicit($rule);
    }
}
