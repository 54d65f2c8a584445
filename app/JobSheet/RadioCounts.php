<?php

declare(strict_types=1);

namespace App\JobSheet;

/** What the last reading of one radio came to. */
final readonly class RadioCounts
{
    /**
     * @param  list<array{slot: string, address: string, standing: string}>|null  $members  its devices then; null: it does not say
     * @param  string|null  $hub  where its hub stood then; null: it does not say
     */
    private function __construct(
        public string $protocol,
        public int $accepted,
        public int $thin,
        public int $lost,
        public ?array $members,
        public ?string $hub,
    ) {}

    /**
     * @param  array{
     *     protocol: string, accepted: int|null, thin: int|null, lost: int|null, hub: string|null,
     *     members: list<array{slot: string, address: string, standing: string}>|null,
     * }  $row
     */
    public static function of(array $row): self
    {
        return new self($row['protocol'], (int) $row['accepted'], (int) $row['thin'], (int) $row['lost'], $row['members'], $row['hub']);
    }

    public function open(): int
    {
        return $this->thin + $this->lost;
    }
}
