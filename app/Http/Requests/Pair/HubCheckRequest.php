<?php

declare(strict_types=1);

namespace App\Http\Requests\Pair;

use App\Http\Requests\JobRequest;
use Illuminate\Validation\Rule;
use Kavvel\Core\Catalogue\WifiSheet;
use Kavvel\Core\Pairing\HubCheck;

/** A point of a hub's sheet, done or waived. */
final class HubCheckRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $mustSay = $this->check()->asksFor() !== null || $this->boolean('waive');

        return [
            'note' => [$mustSay ? 'required' : 'nullable', 'string', 'max:190'],
            'secret' => ['nullable', 'string', 'max:512'],
            'waive' => ['nullable', 'boolean'],
            'band24' => ['nullable', 'boolean'],
            'band5' => ['nullable', 'boolean'],
            'security' => ['nullable', Rule::in(WifiSheet::SECURITY)],
            'hidden' => ['nullable', Rule::in(['yes', 'no'])],
            'oneSegment' => ['nullable', Rule::in(['yes', 'no'])],
            'tunnel' => ['nullable', Rule::in(['yes', 'no'])],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['note.required' => $this->boolean('waive')
            ? 'Say why it is waived: your name stands beside it.'
            : 'Say what was found: '.lcfirst((string) $this->check()->asksFor()).'.'];
    }

    public function check(): HubCheck
    {
        return HubCheck::tryFrom((string) $this->route('check')) ?? abort(404);
    }

    /** The password or key to it, where somebody gave one. */
    public function secret(): ?string
    {
        return $this->check() === HubCheck::Access && $this->filled('secret') ? $this->string('secret')->toString() : null;
    }

    /** @return array<string, mixed> of the network, those that were said */
    public function facts(): array
    {
        if ($this->check() !== HubCheck::Network) {
            return [];
        }
        $bands = array_keys(array_filter(['2.4' => $this->boolean('band24'), '5' => $this->boolean('band5')]));
        $facts = array_filter(['bands' => array_map(strval(...), $bands), 'security' => $this->input('security')]);
        foreach (['hidden', 'oneSegment', 'tunnel'] as $fact) {
            if ($this->filled($fact)) {
                $facts[$fact] = $this->input($fact) === 'yes';
            }
        }

        return $facts;
    }
}
