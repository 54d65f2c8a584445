<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan;

/** Hands out keys of walls, each once: that of a wall which goes on at another place, else a free one. */
final class WallKeys
{
    /** @var array<string, true> */
    private array $handedOn = [];

    /** @param array<string, mixed> $taken keys of walls on any storey */
    public function __construct(private readonly string $storey, private array $taken) {}

    /** @param list<Heirloom> $pieces of which the wall is made, the first first */
    public function next(array $pieces): string
    {
        foreach ($pieces as $piece) {
            if ($piece->key !== null && ! isset($this->handedOn[$piece->key])) {
                $this->handedOn[$piece->key] = true;

                return $piece->key;
            }
        }
        $key = FreeKey::numbered("{$this->storey}-w", $this->taken);
        $this->taken[$key] = true;

        return $key;
    }
}
