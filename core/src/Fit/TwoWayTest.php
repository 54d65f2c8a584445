<?php

declare(strict_types=1);

namespace Kavvel\Core\Fit;

use Kavvel\Core\Catalogue\FitSheet;
use Kavvel\Core\Catalogue\TwoWaySide;
use Kavvel\Core\Input\Input;

/**
 * What was read at the common terminal of one switch of a two-way circuit, before it was switched off, with both switches in
 * each position: it tells the box where the feed comes in from the one where the lamp goes out. Where nobody may read live, or the
 * readings fit neither, it is traced dead.
 */
final readonly class TwoWayTest
{
    /** Positions of this switch and of the other one, in the order in which they are read */
    public const POSITIONS = ['both as they are', 'this one over', 'both over', 'the other one over'];

    /**
     * @param  list<bool>  $isLive  at the common terminal, by position
     * @param  list<bool>  $isLit  the lamp, by position
     * @param  TwoWaySide|null  $traced  the side, where it was traced instead
     */
    private function __construct(public array $isLive, public array $isLit, public ?TwoWaySide $traced = null) {}

    public static function traced(TwoWaySide $side): self
    {
        return new self([], [], $side);
    }

    public static function fromInput(Input $input): self
    {
        $traced = $input->find('traced')?->word(array_column(TwoWaySide::cases(), 'value'));
        if ($traced !== null) {
            return self::traced(TwoWaySide::from($traced));
        }
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
        if ($this->traced !== null) {
            return $this->traced;
        }
        $changes = $this->isLit[0] !== $this->isLit[1] && $this->isLit[1] !== $this->isLit[2] && $this->isLit[2] !== $this->isLit[3];

        return match (true) {
            ! $changes => null,
            $this->isLive === [true, true, true, true] => TwoWaySide::Line,
            $this->isLive === $this->isLit => TwoWaySide::Load,
            default => null,
        };
    }

    /** Whether its box is on the side that the sheet does not want. */
    public function isWrongFor(FitSheet $sheet): bool
    {
        return $this->side() !== null && $sheet->twoWay !== null && $this->side() !== $sheet->twoWay;
    }

    /** What the readings say, in words. */
    public function words(): string
    {
        return $this->traced !== null ? "Traced dead: it is {$this->traced->words()}." : match ($this->side()) {
            TwoWaySide::Line => 'Its common is live in every position: the feed comes in here.',
            TwoWaySide::Load => 'Its common follows the lamp: the lamp goes out here.',
            null => 'That is no plain two-way circuit, or the common is another terminal. Read again, or trace it dead.',
        };
    }

    /** @return array<string, mixed> as it is kept, and read again */
    public function row(): array
    {
        return $this->traced !== null ? ['traced' => $this->traced->value] : ['isLive' => $this->isLive, 'isLit' => $this->isLit];
    }
}
