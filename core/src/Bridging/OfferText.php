<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/**
 * Offers of a box as people write them, one a line: “matter-bridge, release 1.2, without button, turn” or “cloud-link, cloud,
 * copies name”.
 */
final readonly class OfferText
{
    private const PATTERN = '/^(?<as>[^,]+?)(?:,\s*release\s+(?<release>[\d.]+))?(?:,\s*(?<cloud>cloud))?'
        .'(?:,\s*copies\s+(?<copies>name and room|name|nothing))?(?:,\s*without\s+(?<drops>.+))?$/iu';

    /**
     * @return list<array<string, mixed>> as a catalogue keeps them
     *
     * @throws OfferUnreadable
     */
    public static function read(string $lines): array
    {
        $offers = [];
        foreach (preg_split('/\R/u', $lines) ?: [] as $number => $line) {
            $line = trim($line, " \t.;");
            if ($line === '') {
                continue;
            }
            if (preg_match(self::PATTERN, $line, $found) !== 1) {
                throw OfferUnreadable::at($number + 1, $line);
            }
            $drops = array_values(array_filter(array_map(trim(...), explode(',', $found['drops'] ?? ''))));
            $offers[] = array_filter([
                'as' => trim($found['as']), 'matterRelease' => $found['release'] ?? '', 'cloud' => ($found['cloud'] ?? '') !== '',
                'copies' => mb_strtolower($found['copies'] ?? ''), 'drops' => $drops,
            ], static fn (mixed $value): bool => ! in_array($value, ['', false, []], true));
        }

        return $offers;
    }

    /** @param list<Offer> $offers */
    public static function write(array $offers): string
    {
        return implode("\n", array_map(static fn (Offer $offer): string => implode(', ', array_filter([
            $offer->as,
            $offer->release === null ? '' : "release {$offer->release->text}",
            $offer->isCloud ? 'cloud' : '',
            $offer->copies === null ? '' : "copies {$offer->copies->value}",
            $offer->drops === [] ? '' : 'without '.implode(', ', $offer->drops),
        ])), $offers));
    }
}
