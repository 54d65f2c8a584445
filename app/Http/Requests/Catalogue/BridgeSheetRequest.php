<?php

declare(strict_types=1);

namespace App\Http\Requests\Catalogue;

use App\Models\BridgeSheet;
use Illuminate\Validation\Rule;
use Kavvel\Core\Bridging\ActText;
use Kavvel\Core\Bridging\ActUnreadable;
use Kavvel\Core\Bridging\EcosystemSheet;
use Kavvel\Core\Bridging\OfferText;
use Kavvel\Core\Bridging\OfferUnreadable;
use Kavvel\Core\Bridging\Removal;
use Kavvel\Core\Bridging\SheetKind;
use Kavvel\Core\Bridging\Support;

/** A sheet of an ecosystem or a box as a lead writes it. */
final class BridgeSheetRequest extends LeadRequest
{
    private const WHOLE = ['nullable', 'integer', 'between:1,100000'];

    private const MONEY = ['nullable', 'numeric', 'between:0,1000000'];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'accepts' => ['nullable', 'string', 'max:500'],
            'matterRelease' => ['nullable', 'string', 'max:20'],
            'mostDevices' => self::WHOLE,
            'caution' => ['nullable', 'string', 'max:400'],
            'lock_version' => ['required', 'integer'],
            'acts' => ['nullable', 'string', 'max:8000', $this->areActs(...)],
            ...$this->isOfEcosystem() ? [
                'kind' => ['required', Rule::in(array_column(EcosystemSheet::KINDS, 'value'))],
                'knows' => ['nullable', 'string', 'max:1000'],
                'removal' => ['required', Rule::enum(Removal::class)],
                'account' => ['nullable', 'string', 'max:120'],
                'nameLength' => ['nullable', 'integer', 'between:1,250'],
            ] : [
                'offers' => ['nullable', 'string', 'max:2000', static function (string $field, mixed $value, callable $fail): void {
                    try {
                        OfferText::read((string) $value);
                    } catch (OfferUnreadable $broken) {
                        $fail($broken->getMessage());
                    }
                }],
                'latencyMs' => ['nullable', 'numeric', 'between:0,60000'],
                'cost' => self::MONEY,
                'yearlyCost' => self::MONEY,
                'support' => ['required', Rule::enum(Support::class)],
                'whenMakerStops' => ['nullable', 'string', 'max:400'],
                'taking' => ['nullable', 'string', 'max:4000', $this->areActs(...)],
            ],
        ];
    }

    /** @return array<string, mixed> as a catalogue file has them */
    public function fields(): array
    {
        $text = fn (string $field): string => $this->string($field)->squish()->toString();
        $words = static fn (string $field): array => array_values(array_filter(array_map(trim(...), explode(',', $text($field)))));
        $whole = fn (string $field): ?int => $text($field) === '' ? null : $this->integer($field);
        $common = [
            'name' => $text('name'), 'accepts' => $words('accepts'), 'matterRelease' => $text('matterRelease'),
            'mostDevices' => $whole('mostDevices'), 'caution' => $text('caution'),
        ];

        return $this->isOfEcosystem() ? [
            ...$common, 'kind' => $text('kind'), 'knows' => $words('knows'), 'removal' => $text('removal'), 'account' => $text('account'),
            'nameLength' => $whole('nameLength'), 'needsInternet' => $this->boolean('needsInternet'),
            'addsRoom' => $this->boolean('addsRoom'), 'followsNames' => $this->boolean('followsNames'),
            'linking' => array_values(array_filter(
                array_map(fn (string $form): array => ['acts' => $this->acts($form), 'form' => $form], $words('accepts')),
                static fn (array $row): bool => $row['acts'] !== [],
            )),
        ] : [
            ...$common, 'hub' => $this->boolean('hub'), 'service' => $this->boolean('service'),
            'wraps' => $this->boolean('wraps'),
            'offers' => array_map(
                fn (array $offer): array => array_filter([...$offer, 'acts' => $this->acts($offer['as'])]),
                OfferText::read($this->string('offers')->toString()),
            ),
            'taking' => ActText::read($this->string('taking')->toString()), 'latencyMs' => $this->float('latencyMs'),
            'cost' => $this->float('cost'), 'yearlyCost' => $this->float('yearlyCost'), 'support' => $text('support'),
            'whenMakerStops' => $text('whenMakerStops'),
        ];
    }

    protected function prepareForValidation(): void
    {
        $this->takeDecimalCommas('latencyMs', 'cost', 'yearlyCost');
    }

    /** @return list<array<string, mixed>> what is done to link over a form */
    private function acts(string $form): array
    {
        return ActText::readByForm($this->string('acts')->toString())[" {$form}"] ?? [];
    }

    private function areActs(string $field, mixed $value, callable $fail): void
    {
        try {
            $field === 'taking' ? ActText::read((string) $value) : ActText::readByForm((string) $value);
        } catch (ActUnreadable $broken) {
            $fail($broken->getMessage());
        }
    }

    private function isOfEcosystem(): bool
    {
        /** @var BridgeSheet $sheet */
        $sheet = $this->route('bridgeSheet');

        return $sheet->kind === SheetKind::Ecosystem;
    }
}
