<?php

declare(strict_types=1);

namespace Kavvel\Core\Fit;

use DateTimeZone;
use Kavvel\Core\Input\Input;

/** What was done at one box while its circuit was off: its proof that it is dead, and how it ended. */
final readonly class BoxWork
{
    /**
     * @param  list<string>  $conductors
     * @param  list<DeadReading>  $dead
     * @param  Act|null  $proved  the detector was proved again after every pair had read nothing
     * @param  string|null  $stopped  what was read that was not dead
     * @param  Act|null  $closed  it is shut again
     * @param  bool  $isFitted  with the device in it; else it was put back as it was found
     */
    private function __construct(
        public Act $opened,
        public array $conductors,
        public Detector $before = Detector::NotTried,
        public array $dead = [],
        public Detector $after = Detector::NotTried,
        public ?Act $proved = null,
        public ?string $stopped = null,
        public ?Act $closed = null,
        public bool $isFitted = false,
    ) {}

    /**
     * @param  list<string>  $conductors  all that come into it: each is measured to every other, and to earth
     *
     * @throws WorkRefused
     */
    public static function open(array $conductors, Act $act): self
    {
        $conductors = array_values(array_unique($conductors));

        return count($conductors) > 1
            ? new self($act, array_values(array_unique([...$conductors, Isolation::EARTH])))
            : throw WorkRefused::tooFewConductors();
    }

    public static function fromInput(Input $input, DateTimeZone $site): self
    {
        $act = static fn (string $key): ?Act => $input->find($key) === null ? null : Act::fromInput($input->get($key), $site);
        $word = static fn (string $key): Detector => Detector::from($input->get($key)->word(array_column(Detector::cases(), 'value')));

        return new self(
            Act::fromInput($input->get('opened'), $site),
            array_map(static fn (Input $one): string => $one->id(), $input->get('conductors')->items()),
            $word('before'),
            array_map(static fn (Input $one): DeadReading => new DeadReading(
                $one->get('a')->id(),
                $one->get('b')->id(),
                $one->get('volts')->numberFrom(0),
            ), $input->get('dead')->items()),
            $word('after'),
            $act('proved'),
            $input->find('stopped')?->text(),
            $act('closed'),
            $input->get('isFitted')->flag(),
        );
    }

    /** @return array<string, mixed> as it is kept, and read again */
    public function row(): array
    {
        return [
            'opened' => $this->opened->row(),
            'conductors' => $this->conductors,
            'before' => $this->before->value,
            'dead' => array_map(
                static fn (DeadReading $one): array => ['a' => $one->a, 'b' => $one->b, 'volts' => $one->volts],
                $this->dead,
            ),
            'after' => $this->after->value,
            'proved' => $this->proved?->row(),
            'stopped' => $this->stopped,
            'closed' => $this->closed?->row(),
            'isFitted' => $this->isFitted,
        ];
    }

    /** The record of it, with what was done at the circuit. */
    public function isolation(?float $liveV, bool $isOff, bool $isLocked, bool $isTagged): Isolation
    {
        return new Isolation($this->conductors, $this->before, $liveV, $isOff, $isLocked, $isTagged, $this->dead, $this->after);
    }

    /** From beginning at it to shutting it. */
    public function minutes(): ?int
    {
        return $this->closed === null
            ? null
            : max(1, (int) round(($this->closed->at->getTimestamp() - $this->opened->at->getTimestamp()) / 60));
    }

    public function isOpen(): bool
    {
        return $this->closed === null;
    }

    public function isProvedOnDayOf(Act $act): bool
    {
        return $this->proved?->isOnDayOf($act) === true;
    }

    public function reading(string $a, string $b): ?DeadReading
    {
        return array_values(array_filter($this->dead, static fn (DeadReading $one): bool => $one->isOf($a, $b)))[0] ?? null;
    }

    /** @return array{string, string}|null the next that is not measured */
    public function nextPair(): ?array
    {
        foreach (Isolation::pairs($this->conductors) as $pair) {
            if ($this->reading(...$pair) === null) {
                return $pair;
            }
        }

        return null;
    }

    /** The detector on a known source: what was read with one that was not proved counts for nothing. */
    public function proveBefore(Detector $detector): self
    {
        return $this->anew($detector);
    }

    /** @throws WorkRefused */
    public function read(string $a, string $b, float $volts): self
    {
        $isPair = $a !== $b && in_array($a, $this->conductors, true) && in_array($b, $this->conductors, true);
        if (! $isPair) {
            throw WorkRefused::noSuchPair($a, $b);
        }
        if ($this->before !== Detector::Works || $this->after !== Detector::NotTried) {
            throw WorkRefused::detectorFirst();
        }
        $others = array_values(array_filter($this->dead, static fn (DeadReading $one): bool => ! $one->isOf($a, $b)));
        $stopped = $volts > 0.0 ? sprintf('%s V between %s and %s.', round($volts, 1), $a, $b) : null;

        return new self($this->opened, $this->conductors, $this->before, [...$others, new DeadReading($a, $b, $volts)], stopped: $stopped);
    }

    /** @throws WorkRefused */
    public function proveAfter(Detector $detector, Act $act): self
    {
        if ($this->before !== Detector::Works) {
            throw WorkRefused::detectorFirst();
        }
        $open = $this->nextPair();
        if ($open !== null) {
            throw WorkRefused::pairOpen($open);
        }

        return match ($detector) {
            Detector::Works => new self(
                $this->opened,
                $this->conductors,
                $this->before,
                $this->dead,
                $detector,
                $act,
            ),
            Detector::Fails => $this->anew(Detector::NotTried),
            Detector::NotTried => $this,
        };
    }

    /** All of its proof once more, from the detector on. */
    public function anew(Detector $before = Detector::NotTried): self
    {
        return new self($this->opened, $this->conductors, $before);
    }

    public function close(bool $isFitted, Act $act): self
    {
        return new self(
            $this->opened,
            $this->conductors,
            $this->before,
            $this->dead,
            $this->after,
            $this->proved,
            $this->stopped,
            $act,
            $isFitted,
        );
    }
}
