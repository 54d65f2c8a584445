<?php

declare(strict_types=1);

namespace Kavvel\Core\Fit;

use Kavvel\Core\Catalogue\LoadKind;
use Kavvel\Core\Circuits\Dimmable;
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

    public function allWatts(): float
    {
        return $this->watts * $this->count;
    }
}
