<?php

declare(strict_types=1);

namespace App\Wrapping;

use App\Bridging\JobBridging;
use App\Ecosystems\EcosystemClient;
use App\Models\BridgeBox;
use App\Models\Wrapper;
use App\Outside\OutsideFailure;

/** What somebody made on a hub by hand is found there by the device that it was made of, so that it is known everywhere. */
final readonly class MarksMadeByHand
{
    /** @throws OutsideFailure */
    public static function find(JobBridging $bridging, EcosystemClient $client, BridgeBox $box): void
    {
        $unknown = array_filter(
            $bridging->wrappers,
            static fn (Wrapper $one): bool => $one->box_key === $box->key && $one->mark === null && $one->isMade(),
        );
        if ($unknown === []) {
            return;
        }
        $inside = $client->contents();
        $made = $client->made();
        foreach ($unknown as $one) {
            $raw = $inside[(string) $bridging->mark($one->slot->key)] ?? null;
            $ofIt = array_values(array_filter($made, static fn (array $there): bool => $there['of'] === $raw));
            $named = array_values(array_filter($ofIt, static fn (array $there): bool => $there['name'] === $one->made_name));
            $found = $named[0] ?? (count($ofIt) === 1 ? $ofIt[0] : null);
            if ($found !== null) {
                $one->update(['mark' => $found['mark']]);
            }
        }
    }
}
