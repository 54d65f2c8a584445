<?php

declare(strict_types=1);

namespace App\Http\Requests\Jobs;

use App\Http\Requests\JobRequest;

/** Where a hub is reached over the gateway link, and its token. */
final class HubLinkRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['url' => ['required', 'string', 'max:200', 'url:http,https'], 'token' => ['required', 'string', 'max:200']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'url.required' => 'Give the address at which the hub answers, for example http://192.0.2.10:8080.',
            'url.url' => 'The address of a hub begins with http:// or https://.',
            'token.required' => 'Give the token that the hub expects.',
        ];
    }
}
