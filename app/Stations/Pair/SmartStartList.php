<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\Gateway\GatewayClient;
use App\Logbook\Logbook;
use App\Models\Credential;
use App\Models\Gateway;
use App\Models\Slot;
use App\Outside\OutsideFailure;

/** A Z-Wave device that stands on the list of its hub joins again by itself, as soon as it is excluded: it is taken off before. */
final readonly class SmartStartList
{
    public function __construct(private Logbook $logbook) {}

    /**
     * @return int how many stand on it still: one of them may be the device, where its key is not known
     *
     * @throws OutsideFailure
     */
    public function takeOff(Gateway $gateway, GatewayClient $client, ?Slot $slot): int
    {
        $listed = $client->smartStart();
        if ($slot === null) {
            return count($listed);
        }
        foreach (array_intersect($this->keys($slot), $listed) as $dsk) {
            $client->forget((string) str()->ulid(), $dsk);
            $listed = array_diff($listed, [$dsk]);
            $line = "Took the {$slot->title()} off the SmartStart list of {$gateway->name}.";
            $this->logbook->write($gateway->job()->firstOrFail(), Logbook::HUB, 'pair', $line, $slot);
        }

        return count($listed);
    }

    /** @return list<string> the keys that are known of it */
    private function keys(Slot $slot): array
    {
        $keys = [];
        foreach ($slot->credentials()->whereNotNull('fingerprint')->get() as $credential) {
            /** @var Credential $credential */
            $dsk = $credential->isOwnKey() ? null : $credential->code()->fields()['dsk'] ?? null;
            $keys = is_string($dsk) ? [...$keys, $dsk] : $keys;
        }

        return $keys;
    }
}
