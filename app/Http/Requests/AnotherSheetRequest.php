<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Wire\Said;
use Illuminate\Foundation\Http\FormRequest;
use InchLadder\Paper\Purpose;

/** Another sheet of a drawing, and what it is for. */
final class AnotherSheetRequest extends FormRequest
{
    public function purpose(): Purpose
    {
        return Purpose::tryFrom(Said::text($this, 'purpose')) ?? Purpose::Good;
    }
}
