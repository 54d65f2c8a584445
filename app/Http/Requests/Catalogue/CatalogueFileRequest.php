<?php

declare(strict_types=1);

namespace App\Http\Requests\Catalogue;

/** A catalogue that is brought. */
final class CatalogueFileRequest extends LeadRequest
{
    private const MOST_KB = 4096;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['file' => ['required', 'file', 'max:'.self::MOST_KB]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['file.required' => 'Choose a catalogue file.', 'file.max' => 'A catalogue has at most 4 MB.'];
    }

    public function content(): string
    {
        return (string) $this->file('file')?->get();
    }
}
