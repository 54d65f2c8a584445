<?php

declare(strict_types=1);

namespace App\Http\Requests\Pair;

use App\Http\Requests\JobRequest;
use App\Models\Slot;

/** A code that was typed, pasted or read by a camera. */
final class CodeRequest extends JobRequest
{
    /** A pasted reply holds a key among much else */
    private const MOST = 10_000;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['code' => ['required', 'string', 'max:'.self::MOST]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'code.required' => 'Scan the code, or type it.',
            'code.max' => 'That is more than '.self::MOST.' characters. Paste only the part with the key.',
        ];
    }

    public function typed(): string
    {
        return $this->string('code')->toString();
    }

    /** Where it was asked for: on the card of the move, or in the sheet of the slot. */
    public function back(Slot $slot): string
    {
        return $this->input('from') === 'pair'
            ? route('jobs.pair', ['job' => $this->siteJob(), 'next' => $slot->key])
            : $this->backToSlot($slot);
    }
}
