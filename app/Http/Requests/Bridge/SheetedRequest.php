<?php

declare(strict_types=1);

namespace App\Http\Requests\Bridge;

use App\Http\Requests\JobRequest;
use App\Models\BridgeSheet;
use Illuminate\Validation\Rule;
use Kavvel\Core\Bridging\SheetKind;
use Kavvel\Core\Protocol\Release;
use Kavvel\Core\Protocol\ReleaseUnreadable;

/** Something of the job that is a kind of the catalogue, with the release that was found on it. */
abstract class SheetedRequest extends JobRequest
{
    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'sheet.required' => 'Choose its kind out of the list.',
            'sheet.in' => 'Choose its kind out of the list.',
            'gateway.exists' => 'That hub is no longer one of this job. Choose another.',
        ];
    }

    /** @return array<string, mixed> */
    protected function sheetRules(SheetKind $kind): array
    {
        return [
            'sheet' => ['required', 'string', Rule::in(BridgeSheet::query()->where('kind', $kind)->pluck('key')->all())],
            'name' => ['nullable', 'string', 'max:80'],
            'matter_release' => ['nullable', 'string', 'max:20', static function (string $field, mixed $value, callable $fail): void {
                try {
                    Release::of(trim((string) $value));
                } catch (ReleaseUnreadable $refused) {
                    $fail($refused->getMessage());
                }
            }],
            'note' => ['nullable', 'string', 'max:255'],
            'lock_version' => [Rule::requiredIf($this->isMethod('put')), 'integer'],
        ];
    }

    /** @return array<string, mixed> columns; without a name of its own it is called as its kind is */
    protected function sheetValues(SheetKind $kind): array
    {
        $sheet = BridgeSheet::query()->where('kind', $kind)->where('key', $this->string('sheet')->toString())->firstOrFail();

        return [
            'bridge_sheet_id' => $sheet->id,
            'name' => $this->string('name')->squish()->toString() ?: $sheet->name(),
            'matter_release' => $this->string('matter_release')->squish()->toString() ?: null,
            'note' => $this->string('note')->squish()->toString(),
        ];
    }
}
