<?php

declare(strict_types=1);

namespace Kavvel\Standin\House;

use Kavvel\Core\Input\Input;

/** Where something that moves comes to stand, and says so: never quite where it was sent, and at its ends least of all. */
final readonly class Ends
{
    private const TOP = 100;

    /** Where nothing else is known of a drive */
    private const USUAL = ['open' => [97, 100], 'closed' => [0, 2]];

    /** @param array<string, array{open: array{int, int}, closed: array{int, int}}> $bands in percent, by capability */
    private function __construct(private array $bands) {}

    public static function read(?Input $ends): self
    {
        $bands = [];
        if ($ends === null) {
            return new self($bands);
        }
        foreach (array_keys($ends->properties()) as $capability) {
            $band = $ends->get((string) $capability);
            $bands[(string) $capability] = ['open' => self::band($band->get('open')), 'closed' => self::band($band->get('closed'))];
        }

        return new self($bands);
    }

    /** @return array{int, int} */
    private static function band(Input $band): array
    {
        [$least, $most] = array_map(static fn (Input $one): int => $one->whole(0, self::TOP), $band->items());

        return [$least, $most];
    }

    /** @param string $chance another for every drive */
    public function reached(string $capability, int $asked, string $chance): int
    {
        $band = $this->bands[$capability] ?? self::USUAL;
        [$least, $most] = match (true) {
            $asked >= self::TOP => $band['open'],
            $asked <= 0 => $band['closed'],
            default => [$asked - 1, $asked + 1],
        };

        return $least + (int) (hexdec(substr(hash('sha256', "{$capability} {$asked} {$chance}"), 0, 6)) % ($most - $least + 1));
    }
}
