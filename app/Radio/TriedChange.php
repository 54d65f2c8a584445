<?php

declare(strict_types=1);

namespace App\Radio;

use Kavvel\Core\Floorplan\Construction;

/** Something that is only tried: a device without supply, a relay more, the hub elsewhere, a wall built otherwise. */
final readonly class TriedChange
{
    private const MOST = 8;

    private function __construct(public string $kind, public string $key, public ?Construction $as = null) {}

    /**
     * As an address of a page carries them: "off:rack-plug relay:pantry-p1 wall:pantry-wall=stud". What is none is passed over.
     *
     * @return list<self>
     */
    public static function all(?string $words): array
    {
        $changes = [];
        foreach (array_unique(array_filter(explode(' ', (string) $words))) as $word) {
            $change = self::of($word);
            if ($change !== null && count($changes) < self::MOST) {
                $changes[] = $change;
            }
        }

        return $changes;
    }

    public function word(): string
    {
        return "{$this->kind}:{$this->key}".($this->as === null ? '' : "={$this->as->value}");
    }

    private static function of(string $word): ?self
    {
        if (preg_match('/^(off|relay|hub|wall):([A-Za-z0-9._-]{1,80})(?:=([a-z0-9-]{1,20}))?$/', $word, $found) !== 1) {
            return null;
        }
        $as = Construction::tryFrom($found[3] ?? '');

        return ($found[1] === 'wall') === ($as !== null) ? new self($found[1], $found[2], $as) : null;
    }
}
