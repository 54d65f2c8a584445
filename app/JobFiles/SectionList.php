<?php

declare(strict_types=1);

namespace App\JobFiles;

/** The sections of a job file, each after those that it refers to. */
final readonly class SectionList
{
    /** @return list<Section> */
    public static function all(): array
    {
        return [
            new Sections\Storeys,
            new Sections\Rooms,
            new Sections\Walls,
            new Sections\Ducts,
            new Sections\Underlays,
            new Sections\HeardNetworks,
            new Sections\Wants,
            new Sections\LeftOuts,
            new Sections\Circuits,
            new Sections\KeyUses,
            new Sections\Heating,
            new Sections\Closings,
            new Sections\PointSteps,
            new Sections\TradeWorks,
            new Sections\DesignerCounts,
            new Sections\Profiles,
            new Sections\Points,
            new Sections\Gateways,
            new Sections\BridgeSheets,
            new Sections\Ecosystems,
            new Sections\BridgeBoxes,
            new Sections\Nodes,
            new Sections\Slots,
            new Sections\BusAddresses,
            new Sections\Fits,
            new Sections\Isolations,
            new Sections\TemporaryStates,
            new Sections\ExistingDevices,
            new Sections\Measures,
            new Sections\Attempts,
            new Sections\Proofs,
            new Sections\MeshReadings,
            new Sections\MeshProposals,
            new Sections\Questions,
            new Sections\ToldLosses,
            new Sections\SetNames,
            new Sections\Wrappers,
            new Sections\Crossings,
            new Sections\BridgeLinks,
            new Sections\Snags,
            new Sections\Log,
            new Sections\Members,
        ];
    }
}
