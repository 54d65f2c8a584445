<?php

declare(strict_types=1);

namespace App\Stations\HandOver;

use App\Bridging\JobBridging;
use Kavvel\Core\Proving\Outcome;

/** A device that is used from elsewhere than its hub and by hand, and what was shown of it there. */
final readonly class ReachedRow
{
    /**
     * @param  string  $name  as people call it
     * @param  array<string, Outcome|null>  $shown  by ecosystem that it reaches; null: nothing was shown yet
     */
    private function __construct(public string $name, public array $shown) {}

    /** @return list<self> in the order of the paths */
    public static function all(JobBridging $bridging): array
    {
        $shown = [];
        foreach ($bridging->plan()->worthwhile() as $path) {
            $shown[$path->want->device][$path->want->ecosystem] = $bridging->outcome($path);
        }
        $rows = [];
        foreach ($shown as $device => $outcomes) {
            $rows[] = new self(self::name($bridging, (string) $device), $outcomes);
        }

        return $rows;
    }

    private static function name(JobBridging $bridging, string $device): string
    {
        $made = $bridging->wrappers[$device] ?? null;
        $card = $bridging->card($device);

        return $made === null
            ? $card?->slot->name ?? $card?->fullTitle() ?? $bridging->device($device)->name
            : $made->made_name ?? $bridging->wrapperName($made);
    }
}
