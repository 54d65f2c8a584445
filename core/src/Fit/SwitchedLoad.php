<?php

declare(strict_types=1);

namespace Kavvel\Core\Fit;

use Kavvel\Core\Catalogue\Load;
use Kavvel\Core\Catalogue\LoadKind;
use Kavvel\Core\Circuits\Circuit;
use Kavvel\Core\Circuits\Dimmable;
use Kavvel\Core\Circuits\Lamps;
use Kavvel\Core\Input\Input;

/** Loads alike that a device in a box switches. */
final readonly class SwitchedLoad
{
    /**
     * @param  float  $watts  each
     * @param  bool  $isConnected  lamps with a radio of their own
     */
    public function __construct(
        public LoadKind $kind,
        public float $watts,
        public int $count,
        public Dimmable $dimmable,
        public bool $isConnected,
    ) {}

    /**
     * What a device switches where nobody has said otherwise: one for light the lamps of its circuit in its room, or all of them
     * where none is noted there.
     *
     * @return list<self>
     */
    public static function ofCircuit(?Circuit $circuit, string $room, ?Load $load): array
    {
        if ($circuit === null || $load !== Load::Light) {
            return [];
        }
        $own = array_values(array_filter($circuit->lamps, static fn (Lamps $lamps): bool => $lamps->room === $room));

        return array_map(
            static fn (Lamps $lamps): self => new self(LoadKind::Led, $lamps->watts, $lamps->count, $lamps->dimmable, false),
            $own === [] ? $circuit->lamps : $own,
        );
    }

    public static function fromInput(Input $input): self
    {
        return new self(
            LoadKind::from($input->get('kind')->word(array_column(LoadKind::cases(), 'value'))),
            $input->get('watts')->numberFrom(0),
            $input->find('count')?->wholeFrom(0) ?? 1,
            Dimmable::from($input->find('dimmable')?->word(array_column(Dimmable::cases(), 'value')) ?? 'unknown'),
            $input->find('connected')?->flag() ?? false,
        );
    }

    /** One of them was tried on a dimmer: where nobody knew, now somebody does. */
    public function tried(bool $dims): self
    {
        return $this->dimmable !== Dimmable::Unknown ? $this : new self(
            $this->kind,
            $this->watts,
            $this->count,
            $dims ? Dimmable::Yes : Dimmable::No,
            $this->isConnected,
        );
    }

    /** @return array<string, mixed> as it is kept, and read again */
    public function row(): array
    {
        return [
            'kind' => $this->kind->value, 'watts' => $this->watts, 'count' => $this->count, 'dimmable' => $this->dimmable->value,
            'connected' => $this->isConnected,
        ];
    }

    /** "6 × 7 W, LED lamps" */
    public function words(): string
    {
        $watts = rtrim(rtrim(number_format($this->watts, 1, '.', ''), '0'), '.');

        return "{$this->count} × {$watts} W, ".($this->isConnected ? 'connected ' : '').$this->kind->words();
    }

    public function allWatts(): float
    {
        return $this->watts * $this->count;
    }
}
