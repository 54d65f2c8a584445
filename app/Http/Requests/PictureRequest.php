<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Pictures\Pictures;

/** A picture that is brought. */
final class PictureRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['picture' => ['required', 'file', 'max:'.Pictures::MOST_KB]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'picture.required' => 'Choose a picture: JPEG or PNG.',
            'picture.max' => 'A picture has 10 MB at most.',
            'picture.uploaded' => 'The picture did not arrive whole, or is larger than 10 MB. Try it again.',
        ];
    }

    public function bytes(): string
    {
        return (string) $this->file('picture')?->get();
    }
}
