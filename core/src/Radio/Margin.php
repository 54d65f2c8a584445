<?php

declare(strict_types=1);

namespace Kavvel\Core\Radio;

/** A link margin in words (assumption: the limits are ours, 12 dB accepts). */
enum Margin: string
{
    case Firm = 'firm';
    case Sound = 'sound';
    case Thin = 'thin';
    case Lost = 'lost';

    public const FIRM_DB = 20.0;

    public const ACCEPTED_DB = 12.0;

    public const THIN_DB = 6.0;

    /** Where a job asks for more than the usual 12 dB, sound begins there, and firm no earlier. */
    public static function of(float $db, float $acceptedFromDb = self::ACCEPTED_DB): self
    {
        return match (true) {
            $db >= max(self::FIRM_DB, $acceptedFromDb) => self::Firm,
            $db >= $acceptedFromDb => self::Sound,
            $db >= self::THIN_DB => self::Thin,
            default => self::Lost,
        };
    }

    /** Whole decibels as people read them, rounded down: a number never looks better than its word. */
    public static function text(float $db): string
    {
        return str_replace('-', '−', (string) (int) floor($db)).' dB';
    }

    public function isAccepted(): bool
    {
        return $this === self::Firm || $this === self::Sound;
    }

    /**
     * From where to where each word reaches, firm first.
     *
     * @return array<string, array{float, float|null}> dB from and to, by word; null: no end
     */
    public static function bounds(float $acceptedFromDb = self::ACCEPTED_DB): array
    {
        $firm = max(self::FIRM_DB, $acceptedFromDb);

        return [
            self::Firm->value => [$firm, null],
            self::Sound->value => [$acceptedFromDb, $firm],
            self::Thin->value => [self::THIN_DB, $acceptedFromDb],
            self::Lost->value => [-INF, self::THIN_DB],
        ];
    }

    public function meaning(): string
    {
        return match ($this) {
            self::Firm => 'Leave it alone.',
            self::Sound => 'Accepted.',
            self::Thin => 'Works today; a closed door or a wet wall takes it away.',
            self::Lost => 'Do not count on it.',
        };
    }
}
