<?php

declare(strict_types=1);

namespace Kavvel\Core\Replacing;

use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Catalogue\Setting;
use Kavvel\Core\Catalogue\SettingRefused;

/** What changes where a device of another model takes the place of one. */
final readonly class OtherModel
{
    /**
     * @param  list<string>  $lost  capabilities that the slot had, and has no longer
     * @param  list<string>  $gained
     * @param  list<string>  $dropped  settings, in words, that the new one does not know, or not with that value
     */
    private function __construct(public array $lost, public array $gained, public array $dropped) {}

    /** @param array<string, string> $planned values by name of the setting */
    public static function of(Profile $before, Profile $after, array $planned): self
    {
        $known = array_column($after->settings, null, 'name');
        $had = array_column($before->settings, null, 'name');
        $dropped = [];
        foreach ($planned as $name => $value) {
            if (! isset($known[$name]) || ! self::takes($known[$name], $value)) {
                $dropped[] = ($had[$name] ?? $known[$name] ?? null)->words ?? $name;
            }
        }

        return new self(
            array_values(array_diff($before->capabilities, $after->capabilities)),
            array_values(array_diff($after->capabilities, $before->capabilities)),
            $dropped,
        );
    }

    private static function takes(Setting $setting, string $value): bool
    {
        try {
            $setting->read($value);

            return true;
        } catch (SettingRefused) {
            return false;
        }
    }

    /** @return list<string> */
    public function words(): array
    {
        return array_values(array_filter([
            $this->lost === [] ? '' : 'It can’t: '.implode(', ', $this->lost).'.',
            $this->gained === [] ? '' : 'It also can: '.implode(', ', $this->gained).'.',
            $this->dropped === [] ? '' : 'It does not take: '.implode(', ', array_map(lcfirst(...), $this->dropped)).'.',
        ]));
    }
}
