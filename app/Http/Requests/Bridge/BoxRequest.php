<?php

declare(strict_types=1);

namespace App\Http\Requests\Bridge;

use Kavvel\Core\Bridging\SheetKind;

/** A box or a service between devices and ecosystems. */
final class BoxRequest extends SheetedRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            ...$this->sheetRules(SheetKind::Box),
            'gateway' => ['nullable', 'string', $this->existsInJob('gateways')],
            'is_owned' => ['required', 'boolean'],
            'firmware' => ['nullable', 'string', 'max:40'],
            'segment' => ['nullable', 'string', 'max:40'],
            'address' => ['nullable', 'string', 'max:60'],
            'is_reserved' => ['nullable', 'boolean'],
        ];
    }

    /** @return array<string, mixed> columns of the box */
    public function values(): array
    {
        $gateway = $this->string('gateway')->toString();

        return [
            ...$this->sheetValues(SheetKind::Box),
            'gateway_id' => $gateway === '' ? null : $this->siteJob()->gateways()->where('key', $gateway)->value('id'),
            'is_owned' => $this->boolean('is_owned'),
            'firmware' => $this->string('firmware')->squish()->toString() ?: null,
            'segment' => $this->string('segment')->squish()->toString() ?: null,
            'address' => $this->string('address')->squish()->toString() ?: null,
            'is_reserved' => $this->boolean('is_reserved'),
        ];
    }
}
