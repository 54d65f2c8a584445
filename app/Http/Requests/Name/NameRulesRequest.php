<?php

declare(strict_types=1);

namespace App\Http\Requests\Name;

use App\Http\Requests\JobRequest;
use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Naming\Ecosystem;

/** Who else shows the names, and what is called something there already. */
final class NameRulesRequest extends JobRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'platforms' => ['nullable', 'string', 'max:2000', static function (string $attribute, mixed $value, callable $fail): void {
                try {
                    Ecosystem::fromLines((string) $value);
                } catch (InvalidInput $refused) {
                    $fail($refused->getMessage());
                }
            }],
            'groups' => ['nullable', 'string', 'max:2000'],
            'lock_version' => ['required', 'integer'],
        ];
    }

    /** @return array<string, string|null> */
    public function values(): array
    {
        return [
            'name_platforms' => trim((string) $this->input('platforms')) ?: null,
            'name_groups' => trim((string) $this->input('groups')) ?: null,
        ];
    }
}
