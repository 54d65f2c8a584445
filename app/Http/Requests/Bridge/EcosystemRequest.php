<?php

declare(strict_types=1);

namespace App\Http\Requests\Bridge;

use Kavvel\Core\Bridging\SheetKind;

/** From where the client uses devices, or wants to. */
final class EcosystemRequest extends SheetedRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            ...$this->sheetRules(SheetKind::Ecosystem),
            'account_of' => ['nullable', 'string', 'max:120'],
        ];
    }

    /** @return array<string, mixed> columns of the ecosystem */
    public function values(): array
    {
        return [
            ...$this->sheetValues(SheetKind::Ecosystem),
            'account_of' => $this->string('account_of')->squish()->toString() ?: null,
        ];
    }
}
