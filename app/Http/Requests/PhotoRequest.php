<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Documents\Reading\PaperPart;
use App\Imaging\PhotoRefused;
use App\Wire\Said;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use InchLadder\Measure\Unit;

/** What a drawing is begun from: a file dropped on the shelf, or a size. */
final class PhotoRequest extends FormRequest
{
    /** Whether a drawing is begun from the original's size alone. */
    public function isForSizes(): bool
    {
        return $this->file('photo') === null && $this->has('width');
    }

    /** @return array{width: string, height: string} as typed */
    public function sizes(): array
    {
        return ['width' => Said::text($this, 'width'), 'height' => Said::text($this, 'height')];
    }

    /** Where the uploaded file lies. Throws PhotoRefused when none came, or a cut-off one. */
    public function photo(): string
    {
        $file = $this->upload();
        if (in_array($file->getError(), [UPLOAD_ERR_INI_SIZE, UPLOAD_ERR_FORM_SIZE], true)) {
            throw PhotoRefused::tooHeavy();
        }

        return $file->isValid() ? $file->getPathname() : throw PhotoRefused::missing();
    }

    /** The file's name without its ending, made readable: a first title. */
    public function title(): string
    {
        $name = pathinfo($this->upload()->getClientOriginalName(), PATHINFO_FILENAME);

        return ucfirst(trim((string) preg_replace('/[\s_\-]+/u', ' ', $name)));
    }

    /**
     * What a drawing is begun with where another unit than inches was said: its common ruler, and a common sheet of its own.
     *
     * @return array<string, mixed>
     */
    public function start(): array
    {
        $unit = Unit::tryFrom(Said::text($this, 'unit'));
        if ($unit === null || ! $unit->isMetric()) {
            return [];
        }

        return [
            'unit' => $unit->value, 'ruler' => $unit->commonRuler()->name,
            'paper' => [
                'sheet' => 'a4', 'width' => '210 mm', 'height' => '297 mm',
                'margins' => array_fill_keys(['top', 'right', 'bottom', 'left'], PaperPart::margin($unit)),
            ],
        ];
    }

    private function upload(): UploadedFile
    {
        $file = $this->file('photo');

        return $file instanceof UploadedFile ? $file : throw PhotoRefused::missing();
    }
}
