<?php

declare(strict_types=1);

namespace App\Radio;

/** Something that is only tried: a device without supply, a relay more, the hub elsewhere. */
final readonly class TriedChange
{
    private const MOST = 8;

    private function __construct(public string $kind, public string $key) {}

    /**
     * As an address of a page carries them: "off:rack-plug relay:pantry-p1". What is none is passed over.
     *
     * @return list<self>
     */
    public static function all(?string $words): array
    {
        $changes = [];
        foreach (array_unique(array_filter(explode(' ', (string) $words))) as $word) {
            if (preg_match('/^(off|relay|hub):([A-Za-z0-9._-]{1,80})$/', $word, $found) === 1 && count($changes) < self::MOST) {
                $changes[] = new self($found[1], $found[2]);
            }
        }

        return $changes;
    }

    public function word(): string
    {
        return "{$this->kind}:{$this->key}";
    }
}
