<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

use Kavvel\Core\Wants\WantedFrom;

/** What has to be settled next before anything is linked, in this order. */
final readonly class BridgeStep
{
    /**
     * @param  WantedFrom|null  $from  of which ecosystem nobody has said anything
     * @param  list<Impossible>  $unmet  wants that the client has not been told of
     */
    private function __construct(
        public BridgeStepKind $kind,
        public ?WantedFrom $from = null,
        public ?string $id = null,
        public array $unmet = [],
    ) {}

    /**
     * @param  list<string>  $bareHubs  ids of hubs of which nobody has said what they pass on
     * @param  list<string>  $ownerless  ids of ecosystems that need an account of which nobody has said whose it is
     * @param  list<Impossible>  $untold
     */
    public static function of(
        Household $household,
        BridgePlan $plan,
        bool $isChosen,
        array $bareHubs,
        array $ownerless,
        array $untold,
    ): self {
        return match (true) {
            $household->missingKinds() !== [] => new self(BridgeStepKind::NameEcosystem, $household->missingKinds()[0]),
            $household->wants() === [] => new self(BridgeStepKind::NothingWanted),
            $bareHubs !== [] => new self(BridgeStepKind::DescribeHub, id: $bareHubs[0]),
            ! $isChosen => new self(BridgeStepKind::ChoosePolicy),
            $plan->buying->ids() !== [] => new self(BridgeStepKind::Buy, id: $plan->buying->ids()[0]),
            $ownerless !== [] => new self(BridgeStepKind::SayWhoseAccount, id: $ownerless[0]),
            $untold !== [] => new self(BridgeStepKind::TellClient, unmet: $untold),
            default => new self(BridgeStepKind::Settled),
        };
    }
}
