<?php

declare(strict_types=1);

namespace App\Http\Requests\Bridge;

use App\Http\Requests\JobRequest;

/** Where an ecosystem or a box is reached over the ecosystem link, and its token. */
final class PlaceLinkRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['url' => ['required', 'string', 'max:200', 'url:http,https'], 'token' => ['required', 'string', 'max:200']];
    }

    public function address(): string
    {
        return $this->string('url')->trim()->toString();
    }

    public function token(): string
    {
        return $this->string('token')->trim()->toString();
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'url.required' => 'Give the address at which it answers, for example http://192.0.2.20:8080.',
            'url.url' => 'Its address begins with http:// or https://.',
            'token.required' => 'Give the token that it expects.',
        ];
    }
}
