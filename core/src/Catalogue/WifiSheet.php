<?php

declare(strict_types=1);

namespace Kavvel\Core\Catalogue;

use Kavvel\Core\Input\Input;
use Kavvel\Core\Protocol\Protocol;

/** Which Wi-Fi a device can join. */
final readonly class WifiSheet
{
    public const BANDS = ['2.4', '5'];

    public const SECURITY = ['wpa2', 'wpa3', 'wpa2-wpa3'];

    /**
     * @param  list<string>  $bands  GHz
     * @param  list<string>  $security  modes of a network that it can join
     */
    private function __construct(public array $bands, public array $security, public bool $joinsHidden) {}

    /** What a sheet that says nothing means (assumption): 2.4 GHz, WPA2 or mixed, no hidden name. Null where it joins no Wi-Fi. */
    public static function of(Protocol $protocol, ?Input $input): ?self
    {
        if (! in_array($protocol, [Protocol::Wifi, Protocol::Matter], true)) {
            return null;
        }

        return new self(
            self::words($input?->find('bands'), self::BANDS) ?? ['2.4'],
            self::words($input?->find('security'), self::SECURITY) ?? ['wpa2', 'wpa2-wpa3'],
            $input?->find('joinsHidden')?->flag() ?? false,
        );
    }

    /**
     * @param  list<string>  $all
     * @return list<string>|null
     */
    private static function words(?Input $list, array $all): ?array
    {
        return $list === null ? null : array_map(static fn (Input $one): string => $one->word($all), $list->items());
    }

    /** @param list<string> $bands of a network */
    public function hears(array $bands): bool
    {
        return array_intersect($this->bands, $bands) !== [];
    }
}
