<?php

declare(strict_types=1);

namespace Kavvel\Core\Bus;

/** What was heard of a control point: which of its addresses spoke, and whether its state is told. */
final readonly class PointHeard
{
    /**
     * @param  array<int, Said>  $said  the last at each of its addresses, by number
     * @param  list<FeedbackHeard>  $feedback
     */
    private function __construct(public ControlPoint $point, public array $said, public array $feedback) {}

    /**
     * @param  array<int, Said>  $said  the last at each address of the bus, by number
     * @param  int  $nowMs  by the clock of the hub
     */
    public static function of(ControlPoint $point, array $said, int $nowMs): self
    {
        $feedback = [];
        foreach ($point->entries as $asks) {
            $what = $asks->function;
            $toldBy = $what?->toldBy();
            if ($what === null || $toldBy === null) {
                continue;
            }
            foreach ($point->entries as $tells) {
                if ($tells->function === $toldBy) {
                    [$asked, $told] = [$said[$asks->address->number] ?? null, $said[$tells->address->number] ?? null];
                    $feedback[] = FeedbackHeard::of($asks, $what, $asked, $tells, $told, $nowMs);
                }
            }
        }
        $own = array_map(static fn (GroupEntry $one): int => $one->address->number, $point->entries);

        return new self($point, array_intersect_key($said, array_flip($own)), $feedback);
    }

    public function said(GroupEntry $entry): ?Said
    {
        return $this->said[$entry->address->number] ?? null;
    }

    /** Whether this address is one at which its own device speaks, as its name says; else something is told to it there. */
    public function isSaidByOwn(int $number): bool
    {
        $entry = $this->point->entryAt($number);

        return $entry !== null && ($entry->function === null || $entry->function->isSaidByLoad());
    }

    /**
     * What its own device has said: what only senses speaks at each of its addresses, a load where it tells its state.
     * What our hub said, and what keys say to a load, is not its own.
     */
    public function heardOf(bool $isLoad): ?GroupEntry
    {
        $last = null;
        foreach ($this->point->entries as $entry) {
            $said = $this->said($entry);
            $isOwn = $said?->from !== null && (! $isLoad || $entry->function?->isSaidByLoad() === true);
            if ($isOwn && $said->atMs > ($last === null ? -1 : $this->said($last)->atMs ?? -1)) {
                $last = $entry;
            }
        }

        return $last;
    }

    /**
     * Whether a planned device may be who has just spoken at this address. Where a load is told what to do, only one that is
     * known to be this control point; else whatever is of its kind.
     *
     * @param  bool  $isLoad  the device is switched or moved; false: it only senses
     */
    public function mayBe(int $number, bool $isLoad, bool $isKnown): bool
    {
        $isOffered = $isKnown || ($this->isSaidByOwn($number) && $isLoad === $this->point->isLoad());

        return $isOffered && $this->heardOf($isLoad)?->address->number === $number;
    }

    /** It was switched by our hub, and told so. */
    public function isSwitchedByHub(): bool
    {
        foreach ($this->feedback as $one) {
            if ($one->verdict === Feedback::Proved && $this->said($one->asks)?->from === null) {
                return true;
            }
        }

        return false;
    }

    /** Everything that it has was heard, and each state that it tells is the one that was asked for. */
    public function isProved(): bool
    {
        $isHeard = count($this->said) === count($this->point->entries);
        $wanting = array_filter($this->feedback, static fn (FeedbackHeard $one): bool => $one->verdict !== Feedback::Proved);

        return $isHeard && $this->point->isComplete() && $wanting === [];
    }

    /** @return list<string> what its project lacks, and what listening showed */
    public function findings(): array
    {
        $heard = array_map(static fn (FeedbackHeard $one): ?string => $one->finding(), $this->feedback);

        return [...$this->point->findings(), ...array_values(array_filter($heard))];
    }
}
