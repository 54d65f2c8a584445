<?php

declare(strict_types=1);

namespace App\Stations\Survey\Radio;

use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Radio\FreeMainsPoints;
use Kavvel\Core\Coverage\HubPlace;
use Kavvel\Core\Coverage\RelayPlan;
use Kavvel\Core\Radio\CrossingLoss;
use Kavvel\Core\Radio\LinkForecast;
use Kavvel\Core\Radio\Margin;

/** What is worked out of a network, in words. */
final readonly class RadioWords
{
    private const NAMED = 4;

    private const PLACES_SHOWN = 5;

    public function __construct(private JobSheet $sheet, private RadioNetwork $network) {}

    public function place(HubPlace $place): string
    {
        return match ($place->id) {
            RadioNetwork::NOW => 'where it stands',
            RadioNetwork::TRIED => 'the place you try',
            default => $this->network->nameOf($place->id),
        };
    }

    public function rest(HubPlace $place): string
    {
        $mean = $place->meanWeakestDb === null ? '' : ', '.Margin::text($place->meanWeakestDb).' on average';

        return "{$place->lost} lost{$mean}";
    }

    /** @param array<string, float> $straight margins straight from the hub, by slot */
    public function overRelays(array $straight): string
    {
        $weak = array_filter($straight, fn (float $margin): bool => ! Margin::of($margin, $this->sheet->job->acceptance_db)->isAccepted());

        return $weak === [] ? '' : ', '.count($weak).' of them over relays';
    }

    public function open(HubPlace $place): string
    {
        return $place->open === 0 ? 'all accepted' : "{$place->open} open";
    }

    /**
     * @param  list<HubPlace>  $places
     * @param  string  $id  of the place
     */
    public function find(array $places, string $id): ?HubPlace
    {
        foreach ($places as $place) {
            if ($place->id === $id) {
                return $place;
            }
        }

        return null;
    }

    /**
     * The best, and wherever they rank where the hub stands and where it is tried.
     *
     * @param  list<HubPlace>  $places
     * @return list<HubPlace>
     */
    public function shown(array $places): array
    {
        return array_values(array_filter(
            $places,
            static fn (HubPlace $place, int $rank): bool => $rank < self::PLACES_SHOWN
                || in_array($place->id, [RadioNetwork::NOW, RadioNetwork::TRIED], true),
            ARRAY_FILTER_USE_BOTH,
        ));
    }

    /**
     * How many free points were not looked at, since there are too many.
     *
     * @param  list<HubPlace>  $places
     */
    public function leftOut(array $places): int
    {
        $looked = array_diff(
            array_map(static fn (HubPlace $place): string => $place->id, $places),
            [RadioNetwork::NOW, RadioNetwork::TRIED],
        );

        return count($this->network->points()) - count($looked);
    }

    /** @param list<string> $slots */
    public function devices(array $slots): string
    {
        $names = array_map(fn (string $key): string => mb_strtolower($this->sheet->card($key)?->fullTitle() ?? $key), $slots);
        $rest = count($names) - self::NAMED;

        return implode('; ', array_slice($names, 0, self::NAMED)).($rest > 0 ? "; and {$rest} more" : '');
    }

    public function paired(): int
    {
        return count(array_filter(
            $this->sheet->ofProtocol($this->network->protocol),
            static fn (SlotCard $card): bool => $card->isIn(),
        ));
    }

    /** "−9 dB · lost" */
    public function margin(LinkForecast $link): string
    {
        return Margin::text($link->marginDb).' · '.Margin::of($link->marginDb, $this->sheet->job->acceptance_db)->value;
    }

    /** @return list<array{string, int}> what stands in the way, and what each costs in whole dB, the dearest first */
    public function inTheWay(LinkForecast $link): array
    {
        $crossed = array_filter($link->crossed, static fn (CrossingLoss $loss): bool => $loss->lossDb >= 0.5);
        usort($crossed, static fn (CrossingLoss $a, CrossingLoss $b): int => $b->lossDb <=> $a->lossDb);

        return array_map(static fn (CrossingLoss $loss): array => [$loss->crossing->part->label, (int) round($loss->lossDb)], $crossed);
    }

    /** @return array<string, string> names of the points to plug a relay in, by key */
    public function relayPoints(RelayPlan $relays): array
    {
        $points = [];
        foreach ($relays->add as $id) {
            $key = substr($id, strlen(FreeMainsPoints::PREFIX));
            $points[$key] = $this->network->nameOf($key);
        }

        return $points;
    }
}
