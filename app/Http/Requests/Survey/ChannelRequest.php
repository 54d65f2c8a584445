<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\JobRequest;
use Kavvel\Core\Radio\ChannelRanking;

/** The channel that a network is to use. */
final class ChannelRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $channel = 'between:'.ChannelRanking::FIRST.','.ChannelRanking::LAST;

        return ['channel' => ['required', 'integer', $channel], 'seen' => ['nullable', 'integer', $channel]];
    }

    public function seen(): ?int
    {
        return $this->filled('seen') ? $this->integer('seen') : null;
    }
}
