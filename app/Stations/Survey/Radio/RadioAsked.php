<?php

declare(strict_types=1);

namespace App\Stations\Survey\Radio;

use Kavvel\Core\Protocol\Protocol;

/** What a person asked the radio lens for: "zigbee hub:8.20,4.10 touch:3.30,2.20 relays". */
final readonly class RadioAsked
{
    /**
     * @param  array{float, float}|null  $hub  a place of the storey that is drawn where the hub is tried
     * @param  string|null  $place  key of a point where the hub is tried
     * @param  array{float, float}|null  $touch  a place of which the margin is asked
     */
    private function __construct(
        public ?Protocol $protocol,
        public ?array $hub,
        public ?string $place,
        public ?array $touch,
        public bool $relays,
    ) {}

    public static function of(?string $at): self
    {
        $words = explode(' ', $at ?? '');
        $after = static function (string $name) use ($words): ?string {
            foreach ($words as $word) {
                if (str_starts_with($word, "{$name}:")) {
                    return substr($word, strlen($name) + 1);
                }
            }

            return null;
        };

        return new self(
            Protocol::tryFrom($words[0]),
            self::place($after('hub')),
            $after('place'),
            self::place($after('touch')),
            in_array('relays', $words, true),
        );
    }

    /** @return array{float, float}|null */
    private static function place(?string $text): ?array
    {
        return preg_match('/^(-?\d{1,3}(?:\.\d+)?),(-?\d{1,3}(?:\.\d+)?)$/', (string) $text, $found) === 1
            ? [(float) $found[1], (float) $found[2]]
            : null;
    }
}
