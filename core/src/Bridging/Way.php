<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

use Kavvel\Core\Protocol\Release;

/** How a device is passed on, box by box, and what is left of it so far. */
final readonly class Way
{
    /** Milliseconds that are the same but for how they were added up */
    private const SAME_DIGITS = 6;

    /**
     * @param  string  $start  the form in which it leaves the device
     * @param  string  $form  as which it goes on from here
     * @param  Release|null  $release  of what sends it on
     * @param  string|null  $sender  its name; null: the device itself
     * @param  list<Leg>  $legs  boxes passed, with the offer taken
     * @param  string  $trail  the places of these boxes in the order of ids: what is sorted first has the smaller ids
     * @param  string  $turns  the form it starts in and the offers taken, by number: decides between ways through the same boxes
     * @param  int  $toBuy  the bits of those that would have to be bought
     * @param  list<Capability>  $had  by the device, by id
     * @param  string  $keeps  a 1 for each of them that is left, else a 0
     * @param  list<Loss>  $losses
     */
    private function __construct(
        public string $start,
        public string $form,
        private ?Release $release,
        private ?string $sender,
        public array $legs,
        public string $trail,
        public string $turns,
        public int $toBuy,
        public int $cloudHops,
        public bool $isLocal,
        public float $latencyMs,
        private array $had,
        private string $keeps,
        public array $losses,
    ) {}

    /** @param int $start number of the form that the device speaks */
    public static function from(Device $device, int $start, House $house): self
    {
        $form = $device->speaks[$start];
        $ids = array_unique($device->capabilities);
        sort($ids, SORT_STRING);
        $had = array_map($house->capability(...), $ids);
        $isCloud = $form === Form::CLOUD_LINK;

        return new self(
            $form,
            $form,
            $device->release,
            null,
            [],
            '',
            pack('N', $start),
            0,
            $isCloud ? 1 : 0,
            ! $isCloud,
            0,
            $had,
            str_repeat('1', count($had)),
            [],
        );
    }

    /** @param int $exit number of the offer taken */
    public function through(Box $box, int $exit, House $house): self
    {
        $offer = $box->offers[$exit];
        [$keeps, $losses] = $this->received(
            $box,
            static fn (Capability $one): ?Loss => $offer->drops($one) ? Loss::dropped($one->id, $box) : null,
        );

        return new self(
            $this->start,
            $offer->as,
            $offer->release,
            $box->name,
            [...$this->legs, new Leg($box, $offer)],
            $this->trail.$house->place($box),
            $this->turns.pack('N', $exit),
            $this->toBuy | $house->bit($box),
            $this->cloudHops + ($offer->isCloud ? 1 : 0),
            $this->isLocal && ! $offer->isCloud && $offer->as !== Form::CLOUD_LINK,
            round($this->latencyMs + $box->latencyMs, self::SAME_DIGITS),
            $this->had,
            $keeps,
            $losses,
        );
    }

    /** The way to its end: what the ecosystem makes of it. */
    public function into(Ecosystem $ecosystem): self
    {
        [$keeps, $losses] = $this->received(
            $ecosystem,
            static fn (Capability $one): ?Loss => $ecosystem->knows($one) ? null : Loss::unknown($one->id, $ecosystem),
        );

        return $this->left($keeps, $losses);
    }

    /** The most that could be left of it in the ecosystem, if nothing more is lost on the way. */
    public function atBestIn(Ecosystem $ecosystem): self
    {
        $keeps = $this->keeps;
        foreach ($this->had as $number => $capability) {
            if (! $ecosystem->knows($capability)) {
                $keeps[$number] = '0';
            }
        }

        return $this->left($keeps, []);
    }

    /** @return list<string> capabilities, sorted */
    public function keeps(): array
    {
        $ids = [];
        foreach ($this->had as $number => $capability) {
            if ($this->keeps[$number] === '1') {
                $ids[] = $capability->id;
            }
        }

        return $ids;
    }

    public function passes(Box $box): bool
    {
        return in_array($box->id, $this->via(), true);
    }

    /** @return list<string> ids of the boxes, from the device on */
    public function via(): array
    {
        return array_map(static fn (Leg $leg): string => $leg->box->id, $this->legs);
    }

    public function lastBox(): ?Box
    {
        return $this->legs === [] ? null : $this->legs[count($this->legs) - 1]->box;
    }

    /** Whether it is native: the device itself, shared into the ecosystem. */
    public function isShare(): bool
    {
        return $this->legs === [] && $this->form === Form::MATTER;
    }

    /**
     * Whether nothing that follows could make the other one the better choice under a policy, whatever is wanted. Both go on in the
     * same form from the same sender, or have come to their end. One that is to pass a box of the other's later would do better to
     * go on from there at once; and a share is no substitute, as the device may have no fabric left.
     */
    public function outdoes(self $other, Policy $policy): bool
    {
        return ($this->toBuy & $other->toBuy) === $this->toBuy
            && ($this->keeps & $other->keeps) === $other->keeps
            && ($this->isLocal || ! $other->isLocal)
            && ($other->isShare() || ! $this->isShare())
            && $policy->compareWays($this, $other) <= 0;
    }

    /**
     * @param  callable(Capability): ?Loss  $further  what the receiver itself takes away
     * @return array{string, list<Loss>} what is left, and what was lost up to here
     */
    private function received(Box|Ecosystem $receiver, callable $further): array
    {
        $keeps = $this->keeps;
        $losses = $this->losses;
        $byRelease = Form::goesByRelease($this->form);
        foreach ($this->had as $number => $capability) {
            if ($keeps[$number] === '0') {
                continue;
            }
            $loss = ($byRelease ? $this->byStandard($capability, $receiver) : null) ?? $further($capability);
            if ($loss !== null) {
                $keeps[$number] = '0';
                $losses[] = $loss;
            }
        }

        return [$keeps, $losses];
    }

    /** @param list<Loss> $losses */
    private function left(string $keeps, array $losses): self
    {
        return new self(
            $this->start,
            $this->form,
            $this->release,
            $this->sender,
            $this->legs,
            $this->trail,
            $this->turns,
            $this->toBuy,
            $this->cloudHops,
            $this->isLocal,
            $this->latencyMs,
            $this->had,
            $keeps,
            $losses,
        );
    }

    private function byStandard(Capability $capability, Box|Ecosystem $receiver): ?Loss
    {
        if (! $capability->isStandard) {
            return Loss::wordless($capability->id, $receiver);
        }
        if ($capability->since === null) {
            return null;
        }
        foreach ([[$this->sender, $this->release], [$receiver->name, $receiver->release]] as [$name, $release]) {
            if ($release !== null && $capability->since->isLaterThan($release)) {
                return Loss::tooNew($capability, $receiver, $name, $release);
            }
        }

        return null;
    }
}
