<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Floorplan\PlanEditRefused;
use App\Floorplan\Underlays;
use App\Http\Requests\JobRequest;
use App\Models\Underlay;
use Kavvel\Core\Floorplan\Places;
use Kavvel\Core\Floorplan\PlanRefused;

/** The picture under a plan brought to scale by a known length, or to another place. */
final class UnderlayRequest extends JobRequest
{
    protected function prepareForValidation(): void
    {
        $this->takeDecimalCommas('length', 'x', 'y');
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return $this->has('length')
            ? ['path' => ['required', 'string', 'max:200'], 'length' => ['required', 'numeric', 'between:0.05,200']]
            : ['x' => ['required', 'numeric', 'between:-500,500'], 'y' => ['required', 'numeric', 'between:-500,500']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['path.required' => 'Touch both ends of a length that you know.', 'length.required' => 'Say how long it is, in metres.'];
    }

    /** @throws PlanEditRefused */
    public function apply(Underlays $underlays, Underlay $underlay): void
    {
        try {
            $this->has('length')
                ? $underlays->scale($underlay, Places::read($this->string('path')->toString()), (float) $this->input('length'))
                : $underlays->moveTo($underlay, (float) $this->input('x'), (float) $this->input('y'));
        } catch (PlanRefused $refused) {
            throw PlanEditRefused::because($refused);
        }
    }
}
