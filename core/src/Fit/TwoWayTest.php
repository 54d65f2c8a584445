<?php

declare(strict_types=1);

namespace Kavvel\Core\Fit;

use Kavvel\Core\Catalogue\TwoWaySide;
use Kavvel\Core\Input\Input;

/**
 * What was read at the common terminal of one switch of a two-way circuit, before it was switched off, with both switches in
 * each position: it tells the box where the feed comes in from the one where the lamp goes out.
 */
final readonly class TwoWayTest
{
    /** Positions of this switch and of the other one, in the order in which they are read */
    public const POSITIONS = ['both as they are', 'this one over', 'both over', 'the other one over'];

    /**
     * @param  list<bool>  $isLive  at the common terminal, by position
     * @param  list<bool>  $isLit  the lamp, by position
     */
    private function __construct(public array $isLive, public array $isLit) {}

    public static function fromInput(Input $input): self
    {
        $flags = static fn (Input $list): array => array_map(
            static fn (Input $one): bool => $one->flag(),
            $list->items(count(self::POSITIONS)),
        );

        return new self($flags($input->get('isLive')), $flags($input->get('isLit')));
    }

    /**
     * Null: the readings fit neither. A two-way lamp changes with every throw of either switch: what does not is something else.
     */
    public function side(): ?TwoWaySide
    {
        $changes = $this->isLit[0] !== $this->isLit[1] && $this->isLit[1] !== $this->isLit[2] && $this->isLit[2] !== $this->isLit[3];

        return match (true) {
            ! $changes => null,
            $this->isLive === [true, true, true, true] => TwoWaySide::Line,
            $this->isLive === $this->isLit => TwoWaySide::Load,
            default => null,
        };
    }

    /** What the readings say, in words. */
    public function words(): string
    {
        return match ($this->side()) {
            TwoWaySide::Line => 'Its common is live in every position: the feed comes in here.',
            TwoWaySide::Load => 'Its common follows the lamp: the lamp goes out here.',
            null => 'That is no plain two-way circuit, or the common is another terminal. Read again, or trace it dead.',
        };
    }

    /** @return array{isLive: list<bool>, isLit: list<bool>} */
    public function row(): array
    {
        return ['isLive' => $this->isLive, 'isLit' => $this->isLit];
    }
}
