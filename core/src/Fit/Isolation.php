<?php

declare(strict_types=1);

namespace Kavvel\Core\Fit;

use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;

/** The record of a circuit that was made dead, at one point of work (RULES 9.5). */
final readonly class Isolation
{
    /** Alternating voltage from which a conductor is live, in volts (RULES 9.5) */
    public const LIVE_V = 50.0;

    /** What every conductor is measured to beside the others: an earth that is known to be one */
    public const EARTH = 'earth';

    /** More than any box holds, and few enough for every pair to be told */
    private const MOST_CONDUCTORS = 200;

    /**
     * @param  list<string>  $conductors  all that come into the box, and earth
     * @param  float|null  $liveV  read before it was switched off
     * @param  list<DeadReading>  $dead
     */
    public function __construct(
        public array $conductors,
        public Detector $before,
        public ?float $liveV,
        public bool $isOff,
        public bool $isLocked,
        public bool $isTagged,
        public array $dead,
        public Detector $after,
    ) {}

    /** @throws InvalidInput */
    public static function fromInput(Input $input): self
    {
        $conductors = self::conductors($input->get('conductors'));

        return new self(
            array_values($conductors),
            self::detector($input->get('detectorBefore')),
            $input->find('live')?->get('volts')->numberFrom(0),
            $input->get('off')->flag(),
            $input->get('locked')->flag(),
            $input->get('tagged')->flag(),
            self::readings($input->get('dead'), $conductors),
            self::detector($input->get('detectorAfter')),
        );
    }

    public function state(): IsolationState
    {
        $gaps = $this->gaps();

        return match (true) {
            in_array(IsolationGap::Live, $gaps, true) => IsolationState::Live,
            $gaps !== [] => IsolationState::NotProved,
            default => IsolationState::ProvedDead,
        };
    }

    /** @return list<array{string, string}> pairs that were not measured, in the order of the conductors */
    public function missing(): array
    {
        $measured = [];
        foreach ($this->dead as $reading) {
            $measured["{$reading->a}\0{$reading->b}"] = $measured["{$reading->b}\0{$reading->a}"] = true;
        }

        return array_values(array_filter(
            self::pairs($this->conductors),
            static fn (array $pair): bool => ! isset($measured["{$pair[0]}\0{$pair[1]}"]),
        ));
    }

    /** @return list<IsolationGap> in the order of the work */
    public function gaps(): array
    {
        return array_values(array_filter(IsolationGap::cases(), fn (IsolationGap $gap): bool => match ($gap) {
            IsolationGap::DetectorBefore => $this->before !== Detector::Works,
            IsolationGap::LiveReading => $this->liveV === null || $this->liveV < self::LIVE_V,
            IsolationGap::Off => ! $this->isOff,
            IsolationGap::Locked => ! $this->isLocked,
            IsolationGap::Tagged => ! $this->isTagged,
            IsolationGap::Readings => $this->missing() !== [],
            IsolationGap::Indication => $this->reads(static fn (float $volts): bool => $volts > 0.0 && $volts < self::LIVE_V),
            IsolationGap::Live => $this->reads(static fn (float $volts): bool => $volts >= self::LIVE_V),
            IsolationGap::DetectorAfter => $this->after !== Detector::Works,
        }));
    }

    /**
     * @param  list<string>  $conductors
     * @return list<array{string, string}> every one to every other
     */
    public static function pairs(array $conductors): array
    {
        $pairs = [];
        foreach ($conductors as $at => $one) {
            foreach (array_slice($conductors, $at + 1) as $other) {
                $pairs[] = [$one, $other];
            }
        }

        return $pairs;
    }

    /** @param callable(float): bool $shows */
    private function reads(callable $shows): bool
    {
        return array_filter($this->dead, static fn (DeadReading $reading): bool => $shows($reading->volts)) !== [];
    }

    /** @return array<string, string> as they are written, ready to look up */
    private static function conductors(Input $input): array
    {
        if (count($input->items()) > self::MOST_CONDUCTORS) {
            throw InvalidInput::tooLarge($input->at, 'a list of at most '.self::MOST_CONDUCTORS.' conductors');
        }
        $conductors = [];
        foreach ($input->items() as $item) {
            if (isset($conductors[' '.$item->id()])) {
                throw InvalidInput::duplicateId($item->id(), $item->at);
            }
            $conductors[' '.$item->id()] = $item->id();
        }

        return count($conductors) > 1
            ? $conductors
            : throw InvalidInput::outOfRange($input->at, 'a list of two conductors or more: dead is measured from one to another');
    }

    /**
     * @param  array<string, string>  $conductors
     * @return list<DeadReading>
     */
    private static function readings(Input $input, array $conductors): array
    {
        $readings = [];
        $measured = [];
        foreach ($input->items() as $item) {
            [$a, $b] = $item->get('between')->items(2);
            foreach ([$a, $b] as $end) {
                isset($conductors[' '.$end->id()]) || throw InvalidInput::unknownId($end->id(), $end->at);
            }
            if ($a->id() === $b->id()) {
                throw InvalidInput::outOfRange($b->at, 'another conductor: it is measured from one to another');
            }
            $pair = [$a->id(), $b->id()];
            sort($pair, SORT_STRING);
            if (isset($measured[implode("\0", $pair)])) {
                throw InvalidInput::duplicateId(implode(' to ', $pair), $item->get('between')->at);
            }
            $measured[implode("\0", $pair)] = true;
            $readings[] = new DeadReading($a->id(), $b->id(), $item->get('volts')->numberFrom(0));
        }

        return $readings;
    }

    private static function detector(Input $input): Detector
    {
        return Detector::from($input->word(array_column(Detector::cases(), 'value')));
    }
}
