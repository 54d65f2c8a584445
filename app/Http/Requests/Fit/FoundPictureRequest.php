<?php

declare(strict_types=1);

namespace App\Http\Requests\Fit;

use App\Pictures\Pictures;
use Illuminate\Http\UploadedFile;

/** The photograph of a box as it was found. */
final class FoundPictureRequest extends FitRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['picture' => ['required', 'file', 'max:'.Pictures::MOST_KB]];
    }

    public function picture(): string
    {
        $file = $this->file('picture');

        return $file instanceof UploadedFile ? (string) $file->get() : '';
    }
}
