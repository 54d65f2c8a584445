<?php

declare(strict_types=1);

namespace Kavvel\Core\Measuring;

use Kavvel\Core\Input\Input;

/** What is measured of a door before a lock for it is bought, in millimetres. Null: nobody has measured it. */
final readonly class DoorMeasures
{
    public const MOST_MM = 2_000;

    /**
     * @param  float|null  $freeMm  room for it before the door: to the handle, the frame, a second door
     * @param  float|null  $cylinderMm  how far the cylinder stands out inside
     * @param  Hand|null  $hinges  on which side they are, from inside
     * @param  bool|null  $keyInside  whether somebody leaves a key in it inside
     */
    public function __construct(
        public ?float $thicknessMm = null,
        public ?float $backsetMm = null,
        public ?float $freeMm = null,
        public ?float $cylinderMm = null,
        public ?Hand $hinges = null,
        public ?bool $keyInside = null,
        public bool $isMetal = false,
    ) {}

    public static function fromInput(Input $input): self
    {
        $millimetres = static fn (string $what): ?float => $input->find($what)?->numberUpTo(0, self::MOST_MM);

        return new self(
            $millimetres('thicknessMm'),
            $millimetres('backsetMm'),
            $millimetres('freeMm'),
            $millimetres('cylinderMm'),
            $input->find('hinges') === null ? null : Hand::from($input->get('hinges')->word(array_column(Hand::cases(), 'value'))),
            $input->find('keyInside')?->flag(),
            $input->find('isMetal')?->flag() ?? false,
        );
    }

    /** @return array<string, mixed> */
    public function row(): array
    {
        return [
            'thicknessMm' => $this->thicknessMm, 'backsetMm' => $this->backsetMm, 'freeMm' => $this->freeMm,
            'cylinderMm' => $this->cylinderMm, 'hinges' => $this->hinges?->value, 'keyInside' => $this->keyInside,
            'isMetal' => $this->isMetal,
        ];
    }
}
