<?php

declare(strict_types=1);

namespace App\Http\Requests\Fit;

use Illuminate\Validation\Rule;
use Kavvel\Core\Catalogue\WireRole;
use Kavvel\Core\Fit\Evidence;
use Kavvel\Core\Fit\Wire;

/** A conductor of a box: a new one by its colour, or what one was found to be. */
final class WireRequest extends FitRequest
{
    public const COLOURS = ['brown', 'black', 'grey', 'blue', 'green-yellow', 'red', 'white', 'yellow', 'orange', 'purple'];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return $this->isMethod('post') ? ['colour' => ['required', Rule::in(self::COLOURS)]] : [
            'name' => ['required', 'string', 'max:40'],
            'was_at' => ['nullable', 'string', 'max:60'],
            'role' => ['nullable', Rule::enum(WireRole::class)],
            'evidence' => ['nullable', Rule::enum(Evidence::class)],
            'goes_to' => ['nullable', 'string', 'max:40'],
            'is_far_end_safe' => ['boolean'],
        ];
    }

    public function wire(): Wire
    {
        return new Wire(
            $this->string('name')->toString(),
            $this->string('was_at')->squish()->toString(),
            $this->enum('role', WireRole::class),
            $this->enum('evidence', Evidence::class),
            $this->string('goes_to')->squish()->toString() ?: null,
            $this->boolean('is_far_end_safe'),
        );
    }
}
