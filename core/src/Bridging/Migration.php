<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/** An old path that is replaced without a dark evening: what depends on it, the new one made and proved, the old one taken out. */
final readonly class Migration
{
    /**
     * @param  list<string>  $devices  that still show by the old link
     * @param  list<string>  $moving  those of them that a new path leads there
     * @param  list<string>  $unproved  those of them that have not shown by the new path what is wanted
     */
    private function __construct(
        public MigrationSchool $school,
        public array $devices,
        public array $moving,
        public array $unproved,
        public MigrationStep $step,
    ) {}

    /**
     * @param  list<string>  $devices  that show by the old link
     * @param  list<LinkAtHand>  $links  that lead into the same place now
     * @param  list<string>  $proved  devices that are proved there by what is linked now
     * @param  bool  $isListed  somebody has noted what uses the old path
     * @param  bool  $isTakenOver  what used the old one is pointed to the new one
     */
    public static function of(
        array $devices,
        array $links,
        array $proved,
        MigrationSchool $school,
        bool $isListed,
        bool $isTakenOver,
    ): self {
        $carried = array_merge(...array_map(static fn (LinkAtHand $one): array => $one->link->devices, $links));
        $made = array_merge(...array_map(static fn (LinkAtHand $one): array => $one->run->isMade() ? $one->ready : [], $links));
        $moving = array_values(array_intersect($devices, $carried));
        $unproved = array_values(array_diff($moving, $proved));
        $isDone = [
            MigrationStep::ListUsers->value => $isListed,
            MigrationStep::Make->value => array_diff($moving, $made) === [],
            MigrationStep::Prove->value => $unproved === [],
            MigrationStep::TakeOver->value => $isTakenOver,
            MigrationStep::Remove->value => false,
        ];
        foreach (MigrationStep::order($school, $moving !== []) as $step) {
            if (! $isDone[$step->value]) {
                return new self($school, $devices, $moving, $unproved, $step);
            }
        }

        return new self($school, $devices, $moving, $unproved, MigrationStep::Remove);
    }

    /** @return list<MigrationStep> that lie before the one that is next */
    public function done(): array
    {
        $order = MigrationStep::order($this->school, $this->moving !== []);

        return array_slice($order, 0, (int) array_search($this->step, $order, true));
    }

    /** @return list<MigrationStep> that follow the one that is next */
    public function ahead(): array
    {
        $order = MigrationStep::order($this->school, $this->moving !== []);

        return array_slice($order, (int) array_search($this->step, $order, true) + 1);
    }

    /** Links, names and proofs are looked after where they always are; the rest is work of the migration itself. */
    public function isOwnWork(): bool
    {
        return $this->step !== MigrationStep::Make && $this->step !== MigrationStep::Prove;
    }
}
