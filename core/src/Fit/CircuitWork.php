<?php

declare(strict_types=1);

namespace Kavvel\Core\Fit;

use DateTimeZone;
use Kavvel\Core\Input\Input;

/**
 * The work at one circuit from switching it off until it is live again, by one person or several. Every act makes the next state,
 * or is refused in words: none leads to a device that is fitted without a box proved dead on the same day (RULES 9.5).
 */
final readonly class CircuitWork
{
    /**
     * @param  array<string, Act>  $accepted  who said that they may do this work here, by name
     * @param  array<string, SourceFound>  $sources  by source
     * @param  Act|null  $off  switched off
     * @param  array<string, Lock>  $locks  by person
     * @param  array<string, BoxWork>  $boxes  by key of the slot
     * @param  list<SiteTest>  $tests
     * @param  Act|null  $on  live again: the end
     */
    private function __construct(
        public array $accepted = [],
        public array $sources = [],
        public ?float $liveV = null,
        public ?Act $off = null,
        public array $locks = [],
        public array $boxes = [],
        public array $tests = [],
        public ?Act $on = null,
    ) {}

    public static function begin(): self
    {
        return new self;
    }

    /** @param DateTimeZone $site where the day begins */
    public static function fromInput(Input $input, DateTimeZone $site): self
    {
        $accepted = $locks = $boxes = $sources = [];
        foreach ($input->get('accepted')->items() as $one) {
            $act = Act::fromInput($one, $site);
            $accepted[$act->by] = $act;
        }
        foreach (EnergySource::cases() as $source) {
            $found = $input->get('sources')->find($source->value)?->word(array_column(SourceFound::cases(), 'value'));
            if ($found !== null) {
                $sources[$source->value] = SourceFound::from($found);
            }
        }
        foreach ($input->get('locks')->items() as $one) {
            $lock = Lock::fromInput($one, $site);
            $locks[$lock->put->by] = $lock;
        }
        foreach ($input->get('boxes')->items() as $one) {
            $boxes[$one->get('slot')->id()] = BoxWork::fromInput($one, $site);
        }

        return new self(
            $accepted,
            $sources,
            $input->find('liveV')?->numberFrom(Isolation::LIVE_V),
            $input->find('off') === null ? null : Act::fromInput($input->get('off'), $site),
            $locks,
            $boxes,
            array_map(static fn (Input $one): SiteTest => SiteTest::fromInput($one, $site), $input->get('tests')->items()),
            $input->find('on') === null ? null : Act::fromInput($input->get('on'), $site),
        );
    }

    /** @return array<string, mixed> as it is kept, and read again */
    public function row(): array
    {
        return [
            'accepted' => array_values(array_map(static fn (Act $one): array => $one->row(), $this->accepted)),
            'sources' => array_map(static fn (SourceFound $one): string => $one->value, $this->sources),
            'liveV' => $this->liveV,
            'off' => $this->off?->row(),
            'locks' => array_values(array_map(static fn (Lock $one): array => $one->row(), $this->locks)),
            'boxes' => array_values(array_map(
                static fn (string $slot, BoxWork $box): array => ['slot' => $slot, ...$box->row()],
                array_map(strval(...), array_keys($this->boxes)),
                $this->boxes,
            )),
            'tests' => array_map(static fn (SiteTest $one): array => $one->row(), $this->tests),
            'on' => $this->on?->row(),
        ];
    }

    public function isUnderWay(): bool
    {
        return $this->on === null;
    }

    public function isOff(): bool
    {
        return $this->off !== null && $this->on === null;
    }

    public function box(string $slot): ?BoxWork
    {
        return $this->boxes[$slot] ?? null;
    }

    /** @return array<string, BoxWork> that somebody has begun at and not closed */
    public function openBoxes(): array
    {
        return array_filter($this->boxes, static fn (BoxWork $box): bool => $box->isOpen());
    }

    /** @return list<string> people who have a part in it, but for this one */
    public function othersThan(string $person): array
    {
        $people = [
            ...($this->off === null ? [] : [$this->off->by]),
            ...array_map(strval(...), array_keys($this->locks)),
            ...array_values(array_map(static fn (BoxWork $box): string => $box->opened->by, $this->openBoxes())),
        ];

        return array_values(array_unique(array_filter($people, static fn (string $one): bool => $one !== $person)));
    }

    /** The record of a box as it would be shown to anybody who asks. */
    public function record(string $slot): ?Isolation
    {
        $box = $this->box($slot);
        $lock = $box === null ? null : $this->locks[$box->opened->by] ?? null;

        return $box?->isolation($this->liveV, $this->off !== null, $lock !== null, $lock?->isTagged === true);
    }

    public function hasLockOf(string $person): bool
    {
        return ($this->locks[$person] ?? null)?->isTagged === true;
    }

    /** The first source that nobody has looked for. */
    public function nextSource(): ?EnergySource
    {
        foreach (EnergySource::cases() as $source) {
            if (! isset($this->sources[$source->value])) {
                return $source;
            }
        }

        return null;
    }

    /** @throws WorkRefused */
    public function accept(Act $act): self
    {
        $this->mustBeUnderWay();

        return $this->with(accepted: array_replace($this->accepted, [$act->by => $act]));
    }

    /** @throws WorkRefused */
    public function look(EnergySource $source, SourceFound $found, Act $act): self
    {
        $this->mustBeAccepted($act);

        return $this->with(sources: [...$this->sources, $source->value => $found]);
    }

    /**
     * Begins at a box.
     *
     * @param  list<string>  $conductors  all that come into it
     *
     * @throws WorkRefused
     */
    public function open(string $slot, array $conductors, Act $act): self
    {
        $this->mustBeAccepted($act);
        $source = $this->nextSource();
        if ($source !== null) {
            throw WorkRefused::sourcesOpen($source);
        }
        $box = $this->box($slot);
        if ($box?->isOpen() === true && $box->opened->by !== $act->by) {
            throw WorkRefused::boxOf($box->opened->by);
        }
        if ($box?->isFitted === true) {
            throw WorkRefused::isFitted();
        }

        return $this->withBox($slot, BoxWork::open($conductors, $act));
    }

    /** @throws WorkRefused */
    public function proveBefore(string $slot, Detector $detector, Act $act): self
    {
        $box = $this->boxOf($slot, $act);
        if ($box->stopped !== null) {
            throw WorkRefused::isStopped($box->stopped);
        }

        return $this->withBox($slot, $box->proveBefore($detector));
    }

    /** @throws WorkRefused */
    public function readLive(string $slot, float $volts, Act $act): self
    {
        $box = $this->boxOf($slot, $act);
        if ($box->before !== Detector::Works) {
            throw WorkRefused::detectorFirst();
        }
        if ($this->off !== null) {
            throw WorkRefused::isOffAlready();
        }
        if ($volts < Isolation::LIVE_V) {
            throw WorkRefused::readsDead($volts);
        }

        return $this->with(liveV: $volts);
    }

    /** @throws WorkRefused */
    public function switchOff(Act $act): self
    {
        $this->mustBeAccepted($act);
        if ($this->liveV === null) {
            throw WorkRefused::liveFirst();
        }

        return $this->off !== null ? $this : $this->with(off: $act);
    }

    /** @throws WorkRefused */
    public function lock(Act $act): self
    {
        $this->mustBeAccepted($act);
        if ($this->off === null) {
            throw WorkRefused::offFirst();
        }

        return $this->with(locks: array_replace($this->locks, [$act->by => new Lock($act, false)]));
    }

    /** @throws WorkRefused */
    public function tag(Act $act): self
    {
        $lock = $this->locks[$act->by] ?? throw WorkRefused::lockFirst();

        return $this->with(locks: array_replace($this->locks, [$act->by => new Lock($lock->put, true)]));
    }

    /** @throws WorkRefused */
    public function readDead(string $slot, string $a, string $b, float $volts, Act $act): self
    {
        $box = $this->boxOf($slot, $act);
        if ($box->stopped !== null) {
            throw WorkRefused::isStopped($box->stopped);
        }
        if ($this->off === null) {
            throw WorkRefused::offFirst();
        }
        if (! $this->hasLockOf($act->by)) {
            throw WorkRefused::lockFirst();
        }

        return $this->withBox($slot, $box->read($a, $b, $volts));
    }

    /** @throws WorkRefused */
    public function proveAfter(string $slot, Detector $detector, Act $act): self
    {
        $box = $this->boxOf($slot, $act);
        if ($box->stopped !== null) {
            throw WorkRefused::isStopped($box->stopped);
        }
        if (! $this->hasLockOf($act->by)) {
            throw WorkRefused::lockFirst();
        }

        return $this->withBox($slot, $box->proveAfter($detector, $act));
    }

    /**
     * Why it was not dead is found: the box is proved anew.
     *
     * @throws WorkRefused
     */
    public function proveAnew(string $slot, Act $act): self
    {
        return $this->withBox($slot, $this->boxOf($slot, $act)->anew());
    }

    /**
     * What was switched off does not feed this box: it goes on again, and another one is looked for.
     *
     * @throws WorkRefused where somebody relies on it being off
     */
    public function notThisBreaker(string $slot, Act $act): self
    {
        $box = $this->boxOf($slot, $act);
        $others = array_diff(array_keys($this->openBoxes()), [$slot]);
        if ($others !== []) {
            throw WorkRefused::boxesOpen(array_values(array_map(strval(...), $others)));
        }
        $locks = array_values(array_map(strval(...), array_diff(array_keys($this->locks), [$act->by])));
        if ($locks !== []) {
            throw WorkRefused::locksOn($locks);
        }

        return new self(
            $this->accepted,
            $this->sources,
            boxes: array_replace($this->boxes, [$slot => $box->anew()]),
            tests: $this->tests,
        );
    }

    /**
     * The device is in and the box is shut.
     *
     * @throws WorkRefused
     */
    public function fit(string $slot, Worksheet $worksheet, Act $act): self
    {
        $box = $this->boxOf($slot, $act);
        $isDead = $this->isOff() && $this->hasLockOf($act->by) && $box->isProvedOnDayOf($act)
            && $this->record($slot)?->state() === IsolationState::ProvedDead;
        if (! $isDead) {
            throw WorkRefused::notProved();
        }
        foreach ($worksheet->wires as $wire) {
            if (! in_array($wire->name, $box->conductors, true)) {
                throw WorkRefused::notMeasured($wire->name);
            }
        }
        $remark = $worksheet->remarks()[0] ?? null;
        if ($remark !== null) {
            throw WorkRefused::worksheetOpen($remark->words);
        }

        return $this->withBox($slot, $box->close(true, $act));
    }

    /**
     * The box is as it was found, and shut: nothing was fitted.
     *
     * @throws WorkRefused
     */
    public function putBack(string $slot, Act $act): self
    {
        return $this->withBox($slot, $this->boxOf($slot, $act)->close(false, $act));
    }

    /** What was fitted while it is off comes out again: its box can be begun at anew. */
    public function takeOut(string $slot): self
    {
        $box = $this->box($slot);

        return $box?->closed === null ? $this : $this->withBox($slot, $box->close(false, $box->closed));
    }

    /**
     * Somebody has left the site: their lock comes off, and their boxes are another's, to be proved anew.
     *
     * @throws WorkRefused
     */
    public function relieve(string $person, Act $act): self
    {
        $this->mustBeAccepted($act);
        $boxes = array_map(static fn (BoxWork $box): BoxWork => $box->isOpen() && $box->opened->by === $person
            ? BoxWork::open($box->conductors, $act)
            : $box, $this->boxes);

        return $this->with(locks: array_diff_key($this->locks, [$person => true]), boxes: $boxes);
    }

    /** @throws WorkRefused where this person still has a box open */
    public function unlock(Act $act): self
    {
        $this->mustBeUnderWay();
        $own = array_filter($this->openBoxes(), static fn (BoxWork $box): bool => $box->opened->by === $act->by);
        if ($own !== []) {
            throw WorkRefused::boxesOpen(array_map(strval(...), array_keys($own)));
        }

        return $this->with(locks: array_diff_key($this->locks, [$act->by => true]));
    }

    /** @throws WorkRefused */
    public function test(SiteTest $test): self
    {
        if (! isset($this->accepted[$test->act->by])) {
            throw WorkRefused::notAccepted();
        }

        return $this->with(tests: [...$this->tests, $test]);
    }

    /**
     * Switched on again; or, where it never was off, given up.
     *
     * @throws WorkRefused while a box is open or a lock is on
     */
    public function switchOn(Act $act): self
    {
        $this->off === null ? $this->mustBeUnderWay() : $this->mustBeAccepted($act);
        if ($this->openBoxes() !== []) {
            throw WorkRefused::boxesOpen(array_map(strval(...), array_keys($this->openBoxes())));
        }
        if ($this->locks !== []) {
            throw WorkRefused::locksOn(array_map(strval(...), array_keys($this->locks)));
        }

        return $this->with(on: $act);
    }

    /** @throws WorkRefused */
    private function boxOf(string $slot, Act $act): BoxWork
    {
        $this->mustBeAccepted($act);
        $box = $this->box($slot) ?? throw WorkRefused::notOpened();
        if (! $box->isOpen()) {
            throw $box->isFitted ? WorkRefused::isFitted() : WorkRefused::notOpened();
        }

        return $box->opened->by === $act->by ? $box : throw WorkRefused::boxOf($box->opened->by);
    }

    private function mustBeUnderWay(): void
    {
        if ($this->on !== null) {
            throw WorkRefused::isOn();
        }
    }

    private function mustBeAccepted(Act $act): void
    {
        $this->mustBeUnderWay();
        if (! isset($this->accepted[$act->by])) {
            throw WorkRefused::notAccepted();
        }
    }

    private function withBox(string $slot, BoxWork $box): self
    {
        return $this->with(boxes: array_replace($this->boxes, [$slot => $box]));
    }

    /**
     * @param  array<string, Act>|null  $accepted
     * @param  array<string, SourceFound>|null  $sources
     * @param  array<string, Lock>|null  $locks
     * @param  array<string, BoxWork>|null  $boxes
     * @param  list<SiteTest>|null  $tests
     */
    private function with(
        ?array $accepted = null,
        ?array $sources = null,
        ?float $liveV = null,
        ?Act $off = null,
        ?array $locks = null,
        ?array $boxes = null,
        ?array $tests = null,
        ?Act $on = null,
    ): self {
        return new self(
            $accepted ?? $this->accepted,
            $sources ?? $this->sources,
            $liveV ?? $this->liveV,
            $off ?? $this->off,
            $locks ?? $this->locks,
            $boxes ?? $this->boxes,
            $tests ?? $this->tests,
            $on ?? $this->on,
        );
    }
}
