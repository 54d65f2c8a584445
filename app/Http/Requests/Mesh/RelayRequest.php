<?php

declare(strict_types=1);

namespace App\Http\Requests\Mesh;

use App\Http\Requests\JobRequest;
use App\Models\Point;
use Illuminate\Validation\Rule;
use Kavvel\Core\Protocol\Protocol;

final class RelayRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'protocol' => ['required', Rule::in(array_column(Protocol::handedOn(), 'value'))],
            'point' => ['required', 'string', $this->isFree(...)],
        ];
    }

    private function isFree(string $attribute, mixed $key, callable $fail): void
    {
        $point = $this->siteJob()->points()->where('key', $key)->where('mains', true)->first();
        if ($point === null) {
            $fail('There is no such mains point on the plan any more. Open the page again.');
        } elseif ($this->siteJob()->slots()->where('point_id', $point->id)->exists()) {
            $fail('That point is taken by now. Open the page again for another place.');
        }
    }

    public function protocol(): Protocol
    {
        return Protocol::from($this->string('protocol')->toString());
    }

    public function point(): Point
    {
        return $this->siteJob()->points()->where('key', $this->string('point'))->firstOrFail();
    }

    /** Whoever plans goes on planning; whoever reads a mesh goes and pairs it. */
    public function isFromSurvey(): bool
    {
        return $this->input('lens') === 'radio';
    }
}
