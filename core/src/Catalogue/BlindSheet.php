<?php

declare(strict_types=1);

namespace Kavvel\Core\Catalogue;

use Kavvel\Core\Input\Input;

/** What the sheet of a blind, or of a motor for one, says of the windows that it fits. */
final readonly class BlindSheet
{
    /**
     * @param  list<BlindKind>  $kinds  that it drives
     * @param  float|null  $mostAreaM2  what its motor lifts, in square metres of it
     * @param  float|null  $leadM  how far its lead reaches, in metres; null: it needs no socket
     * @param  bool  $tilts  it turns slats as well
     */
    private function __construct(
        public array $kinds,
        public float $mostWidthM,
        public ?float $mostAreaM2,
        public float $depthMm,
        public ?float $leadM,
        public bool $tilts,
    ) {}

    public static function fromInput(Input $input): self
    {
        return new self(
            array_map(
                static fn (Input $kind): BlindKind => BlindKind::from($kind->word(array_column(BlindKind::cases(), 'value'))),
                $input->get('kinds')->items(),
            ),
            $input->get('mostWidthM')->positive(),
            $input->find('mostAreaM2')?->positive(),
            $input->find('depthMm')?->numberFrom(0) ?? 0.0,
            $input->find('leadM')?->positive(),
            $input->find('tilts')?->flag() ?? false,
        );
    }
}
