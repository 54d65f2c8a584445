<?php

declare(strict_types=1);

namespace App\Http\Requests\Pair;

use App\Http\Requests\JobRequest;
use App\Models\Node;

final class NodeMatchRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['address' => ['required', 'string', function (string $attribute, mixed $value, callable $fail): void {
            if (! $this->siteJob()->nodes()->where('address', $value)->whereIn('state', ['joined', 'in-part'])->exists()) {
                $fail("{$value} is not on the network any more. Pair it again.");
            }
        }], 'from' => ['sometimes', 'in:who']];
    }

    public function node(): Node
    {
        return $this->siteJob()->nodes()->where('address', $this->string('address'))->firstOrFail();
    }
}
