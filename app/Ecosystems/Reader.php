<?php

declare(strict_types=1);

namespace App\Ecosystems;

use App\Logbook\Logbook;
use App\Models\BridgeBox;
use App\Models\Ecosystem;
use App\Outside\OutsideFailure;
use Kavvel\Core\Bridging\ShownDevice;

/** Reads what an ecosystem shows, and what truly runs on it or on a box. */
final readonly class Reader
{
    public function __construct(private Logbook $logbook) {}

    /** @throws OutsideFailure */
    public function read(Ecosystem|BridgeBox $one): void
    {
        $client = EcosystemClient::for($one);
        $about = $client->about();
        $found = ['asked_at' => null, 'read_at' => now(), 'read_refused' => null];
        $release = $about->release?->text;
        if ($release !== null && $release !== self::knownRelease($one)) {
            // Firmware decides, and not what a sheet says.
            $found += ['matter_release' => $release, 'lock_version' => $one->lock_version + 1];
            $this->logbook->write($one->job()->firstOrFail(), Logbook::HUB, 'bridge', "Release read from {$one->name}: {$release}.");
        }
        $one->update($one instanceof BridgeBox ? [...$found, 'firmware' => $about->firmware ?? $one->firmware] : [
            ...$found, 'read_account' => $about->account,
            'shown' => array_map(static fn (ShownDevice $shown): array => $shown->toArray(), $client->shown()),
        ]);
    }

    /** As it is noted, or as its sheet has it. */
    private static function knownRelease(Ecosystem|BridgeBox $one): ?string
    {
        return $one->matter_release ?? ($one instanceof Ecosystem
            ? $one->sheet->ecosystem()->release
            : $one->sheet->box()->exportRelease())?->text;
    }
}
