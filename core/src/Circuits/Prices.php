<?php

declare(strict_types=1);

namespace Kavvel\Core\Circuits;

use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;

/** What things cost on a job, in its own currency; where nobody has said, what they often cost (assumption). */
final readonly class Prices
{
    public const USUAL = [
        'labour_per_hour' => 45.0, 'switch' => 60.0, 'switch_minutes' => 30.0, 'accessory' => 30.0, 'accessory_minutes' => 10.0,
        'lamp' => 18.0, 'lamp_minutes' => 4.0, 'plug' => 22.0, 'plug_minutes' => 4.0, 'centre_small' => 70.0, 'centre_large' => 110.0,
    ];

    /** @param array<string, float> $all */
    private function __construct(private array $all) {}

    /** @param array<string, float> $said */
    public static function of(array $said = []): self
    {
        return new self([...self::USUAL, ...array_map(floatval(...), array_intersect_key($said, self::USUAL))]);
    }

    /** @throws InvalidInput */
    public static function check(Input $prices): void
    {
        foreach (array_keys(self::USUAL) as $name) {
            $prices->find($name)?->numberFrom(0);
        }
    }

    public function get(string $what): float
    {
        return $this->all[$what];
    }

    /** Bought and put in. */
    public function withLabour(string $what): float
    {
        return $this->all[$what] + $this->all["{$what}_minutes"] * $this->all['labour_per_hour'] / 60;
    }
}
