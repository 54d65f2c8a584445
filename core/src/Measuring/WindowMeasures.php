<?php

declare(strict_types=1);

namespace Kavvel\Core\Measuring;

use Kavvel\Core\Catalogue\BlindKind;
use Kavvel\Core\Input\Input;

/** What is measured of a window before a blind for it is bought, and what follows from where it looks. Null: nobody has measured it. */
final readonly class WindowMeasures
{
    public const MOST_M = 20;

    /**
     * @param  BlindKind|null  $kind  what hangs there, or is to hang there
     * @param  float|null  $widthM  in metres
     * @param  float|null  $depthMm  of the reveal; it matters where the blind hangs in it
     * @param  Hand|null  $motor  on which side it is, from inside
     * @param  float|null  $bearing  where it looks by compass, degrees clockwise from north
     */
    public function __construct(
        public ?BlindKind $kind = null,
        public ?float $widthM = null,
        public ?float $dropM = null,
        public ?float $depthMm = null,
        public bool $isInReveal = false,
        public ?Hand $motor = null,
        public bool $hasCord = false,
        public bool $mustTilt = false,
        public ?float $bearing = null,
        public ?SeenFrom $seenFrom = null,
    ) {}

    public static function fromInput(Input $input): self
    {
        $kind = $input->find('kind')?->word(array_column(BlindKind::cases(), 'value'));
        $motor = $input->find('motor')?->word(array_column(Hand::cases(), 'value'));
        $seen = $input->find('seenFrom')?->word(array_column(SeenFrom::cases(), 'value'));

        return new self(
            $kind === null ? null : BlindKind::from($kind),
            $input->find('widthM')?->numberUpTo(0, self::MOST_M),
            $input->find('dropM')?->numberUpTo(0, self::MOST_M),
            $input->find('depthMm')?->numberUpTo(0, DoorMeasures::MOST_MM),
            $input->find('isInReveal')?->flag() ?? false,
            $motor === null ? null : Hand::from($motor),
            $input->find('hasCord')?->flag() ?? false,
            $input->find('mustTilt')?->flag() ?? false,
            $input->find('bearing')?->numberUpTo(0, 360),
            $seen === null ? null : SeenFrom::from($seen),
        );
    }

    /** @return array<string, mixed> */
    public function row(): array
    {
        return [
            'kind' => $this->kind?->value, 'widthM' => $this->widthM, 'dropM' => $this->dropM, 'depthMm' => $this->depthMm,
            'isInReveal' => $this->isInReveal, 'motor' => $this->motor?->value, 'hasCord' => $this->hasCord,
            'mustTilt' => $this->mustTilt, 'bearing' => $this->bearing, 'seenFrom' => $this->seenFrom?->value,
        ];
    }
}
