<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Models\BridgeSheet;
use App\Models\Profile;
use Illuminate\Database\Eloquent\Collection;
use Kavvel\Core\Bridging\SheetKind;
use Kavvel\Core\Catalogue\Profile as CoreProfile;
use Kavvel\Core\Catalogue\StepText;
use Kavvel\Core\Pairing\Experience;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Protocol\Region;

/** The catalogue as a list by protocol, and one entry of it laid open. */
final readonly class CataloguePage
{
    /**
     * @param  array<string, list<array{key: string, name: string, model: string}>>  $entries  by title of the protocol
     * @param  array<string, list<BridgeSheet>>  $sheets  of ecosystems and boxes, by what they are of
     * @param  array<string, Experience>  $byFirmware
     */
    private function __construct(
        public array $entries,
        public array $sheets,
        public ?BridgeSheet $sheet,
        public ?Profile $profile,
        public ?CoreProfile $core,
        public ?Experience $experience,
        public array $byFirmware,
    ) {}

    public static function of(?Profile $chosen, ?BridgeSheet $sheet = null): self
    {
        $entries = [];
        /** @var Collection<int, Profile> $profiles */
        $profiles = Profile::query()->orderBy('key')->get();
        foreach (Protocol::cases() as $protocol) {
            foreach ($profiles as $profile) {
                if ($profile->protocol() === $protocol) {
                    $entries[$protocol->title()][] = [
                        'key' => $profile->key, 'name' => (string) $profile->data['name'], 'model' => (string) $profile->data['model'],
                    ];
                }
            }
        }
        $chosen ??= $sheet === null ? $profiles->first() : null;
        $sheets = [SheetKind::Ecosystem->value => [], SheetKind::Box->value => []];
        foreach (BridgeSheet::query()->orderBy('key')->get() as $one) {
            $sheets[$one->kind->value][] = $one;
        }

        return new self(
            $entries,
            $sheets,
            $sheet,
            $chosen,
            $chosen?->core(Region::Eu),
            $chosen === null ? null : CompanyExperience::of($chosen->id),
            $chosen === null ? [] : CompanyExperience::byFirmware($chosen->id),
        );
    }

    public function count(): int
    {
        return array_sum(array_map(count(...), $this->entries));
    }

    /** @return array<string, array{string, string}> what is written one a line: its title and the lines, by field */
    public function lines(): array
    {
        return [
            'needs' => ['Needs beforehand, one a line', implode("\n", $this->core?->recipe->needs ?? [])],
            'limits' => ['What it can’t, one a line', implode("\n", $this->core->limits ?? [])],
            'join' => ['To join, one step a line', $this->steps('join')],
            'leave' => ['To leave, one step a line', $this->steps('leave')],
        ];
    }

    private function steps(string $which): string
    {
        $steps = $this->profile->data['recipe'][$which] ?? [];

        return StepText::write(is_array($steps) ? array_values($steps) : []);
    }

    /** @return list<array{string, string}> what is said of it, name and value */
    public function facts(): array
    {
        $core = $this->core;
        if ($core === null) {
            return [];
        }
        $wifi = $core->wifi;
        $variants = array_keys($core->recipe->variants ?? []);

        return array_values(array_filter([
            ['Radio', $core->protocol->title().($core->isRouter ? ', relays' : '').($core->removable ? ', may be pulled' : '')],
            ['Power', $core->power.($core->battery === null ? '' : ", {$core->battery->count} × {$core->battery->type}")],
            $core->radio === null ? null : ['Antenna', "{$core->radio->txDbm} dBm, {$core->radio->gainDbi} dBi, hears from "
                ."{$core->radio->sensitivityDbm} dBm"],
            $core->codeSheet === null ? null : ['Code', $core->codeSheet->family->words().', '.$core->codeSheet->where
                .($core->codeSheet->isNeeded ? '' : ' (joins without)')],
            $core->codeSheet?->ids === null ? null : ['Ids', $core->codeSheet->ids->words()],
            $core->region === null ? null : ['Region', $core->region->value],
            $wifi === null ? null : ['Wi-Fi', implode(' and ', $wifi->bands).' GHz, '.strtoupper(implode(' or ', $wifi->security))],
            $core->settings === [] ? null : ['Settings', implode(', ', array_column($core->settings, 'words'))],
            $variants === [] ? null : ['Hardware', implode(', ', $variants)],
        ]));
    }
}
