<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

use Kavvel\Core\Wants\WantedFrom;

/** Something that has to be settled before anything is linked. */
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
     * All that is open, in the order in which it is settled; without a want there is nothing to settle.
     *
     * @param  list<string>  $bareHubs  ids of hubs of which nobody has said what they pass on
     * @param  list<string>  $ownerless  ids of ecosystems that need an account of which nobody has said whose it is
     * @param  list<Impossible>  $untold
     * @return list<self>
     */
    public static function open(
        Household $household,
        BridgePlan $plan,
        bool $isChosen,
        array $bareHubs,
        array $ownerless,
        array $untold,
    ): array {
        $named = array_map(
            static fn (WantedFrom $from): self => new self(BridgeStepKind::NameEcosystem, $from),
            $household->missingKinds(),
        );
        if ($household->wants() === []) {
            return $named;
        }
        return [
            ...$named,
            ...self::each(BridgeStepKind::DescribeHub, $bareHubs),
            ...$isChosen ? [] : [new self(BridgeStepKind::ChoosePolicy)],
            ...self::each(BridgeStepKind::Buy, $plan->buying->ids()),
            ...self::each(BridgeStepKind::SayWhoseAccount, $ownerless),
            ...$untold === [] ? [] : [new self(BridgeStepKind::TellClient, unmet: $untold)],
        ];
    }

    /** @param list<self> $open */
    public static function next(array $open, Household $household): self
    {
        return $open[0] ?? new self($household->wants() === [] ? BridgeStepKind::NothingWanted : BridgeStepKind::Settled);
    }

    /**
     * @param  list<string>  $ids
     * @return list<self>
     */
    private static function each(BridgeStepKind $kind, array $ids): array
    {
        return array_map(static fn (string $id): self => new self($kind, id: $id), $ids);
    }
}
