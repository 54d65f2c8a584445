<?php

declare(strict_types=1);

namespace App\Stations\Bridge;

/** A box or an ecosystem of the drawing, in pixels. */
final class DiagramBlock
{
    /** @var list<array{text: string, isWanted: bool, y: int}> what falls here */
    public array $losses = [];

    public function __construct(
        public readonly string $id,
        public readonly string $title,
        public readonly string $note,
        public readonly string $kind,
        public readonly int $x,
        public int $y,
        public readonly int $width,
        public int $height,
    ) {}

    /** @return list<string> the title, as it fits beside the cables */
    public function lines(): array
    {
        $lines = explode("\n", wordwrap($this->title, intdiv($this->width - 20, 9), "\n", true));

        return count($lines) <= 2 ? $lines : [$lines[0], mb_strimwidth($lines[1], 0, max(4, mb_strlen($lines[1]) - 1), '').'…'];
    }

    public function bottom(): int
    {
        return $this->y + $this->height;
    }

    public function right(): int
    {
        return $this->x + $this->width;
    }

    public function middle(): int
    {
        return $this->y + intdiv($this->height, 2);
    }

    /** As near to a height as its side allows. */
    public function port(int $y, int $margin = 16, ?int $above = null): int
    {
        $lowest = min($this->bottom() - $margin, $above ?? PHP_INT_MAX);

        return max($this->y + $margin, min($lowest, $y));
    }
}
