<?php

declare(strict_types=1);

namespace App\Stations\Survey\Radio;

use App\JobSheet\Hub;
use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Radio\FreeMainsPoints;
use Closure;
use Illuminate\Support\Facades\Cache;
use Kavvel\Core\Coverage\FewestHearers;
use Kavvel\Core\Coverage\FewestRelays;
use Kavvel\Core\Coverage\HubPlace;
use Kavvel\Core\Coverage\HubPlaces;
use Kavvel\Core\Coverage\Promising;
use Kavvel\Core\Coverage\RadioEnd;
use Kavvel\Core\Coverage\RadioPlan;
use Kavvel\Core\Coverage\RelayPlan;
use Kavvel\Core\Mesh\Role;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Radio\Transceiver;
use Kavvel\Core\Site\Building;
use Kavvel\Core\Site\Vec3;

/** The devices of one protocol with their hub, by the plan: where the hub may stand, and which relays would help. */
final readonly class RadioNetwork
{
    /** What stands for the hub where it stands now */
    public const NOW = '@now';

    /** And where it is tried */
    public const TRIED = '@tried';

    private const KEPT_SECONDS = 3600;

    /** @param list<RadioEnd> $devices */
    private function __construct(
        private JobSheet $sheet,
        public Protocol $protocol,
        public Hub $hub,
        public Building $building,
        public Transceiver $radio,
        private array $devices,
    ) {}

    /** Null where there is no such device, or no hub for it. */
    public static function of(JobSheet $sheet, Protocol $protocol): ?self
    {
        $building = $sheet->geometry->building();
        $cards = $sheet->ofProtocol($protocol);
        $hub = array_values(array_filter(array_map(static fn (SlotCard $card): ?Hub => $card->hub, $cards)))[0] ?? $sheet->hubs[0] ?? null;
        $own = array_filter(
            $cards,
            static fn (SlotCard $card): bool => ($card->hub ?? $hub) === $hub && $card->profile->suits($sheet->job->region),
        );
        $ends = array_values($sheet->radioEnds($own, $building));
        $radio = Transceiver::of($protocol, $sheet->job->region) ?? $ends[0]->radio ?? null;

        return $hub === null || $radio === null || $ends === [] ? null : new self($sheet, $protocol, $hub, $building, $radio, $ends);
    }

    public function isMesh(): bool
    {
        return $this->protocol->rules()->routes() !== null;
    }

    /**
     * The places that have power and nothing in them, where the hub stands now, and where it is tried: best first.
     *
     * @return list<HubPlace>
     */
    public function places(?Vec3 $tried): array
    {
        $places = [$this->root(self::NOW, $this->hub->place())];
        if ($tried !== null) {
            $places[] = $this->root(self::TRIED, $tried);
        }
        $points = [];
        foreach ($this->points() as $key => $place) {
            $points[] = $this->root((string) $key, $place);
        }
        $plan = $this->plan();
        $acceptance = $this->sheet->job->acceptance_db;

        return $this->kept('places', [...$places, ...$points], fn (): array => HubPlaces::ranked(
            $this->protocol,
            $plan,
            $this->devices,
            [...$places, ...Promising::of($plan, $this->devices, $points, $acceptance)],
            $acceptance,
        ));
    }

    /** @return array<string, Vec3> where a hub could be plugged in, as high over the floor as it stands now, by key of the point */
    public function points(): array
    {
        $places = [];
        foreach (FreeMainsPoints::places($this->sheet, $this->radio) as $end) {
            $key = substr($end->key, strlen(FreeMainsPoints::PREFIX));
            $places[$key] = $this->atHubsHeight($this->storeyOf($key), $end->position->x, $end->position->y);
        }

        return $places;
    }

    public function atHubsHeight(string $storey, float $x, float $y): Vec3
    {
        $geometry = $this->sheet->geometry;
        $height = $this->hub->place()->z - ($geometry->storey($this->hub->storey)['elevation'] ?? 0.0);

        return new Vec3($x, $y, ($geometry->storey($storey)['elevation'] ?? 0.0) + $height);
    }

    public function storeyOf(string $point): string
    {
        foreach ($this->sheet->geometry->points as $one) {
            if ($one['key'] === $point) {
                return $this->sheet->geometry->rooms[$one['room']]['storey'];
            }
        }

        return $this->hub->storey;
    }

    /** "Hall, socket"; with its key where the room has several */
    public function nameOf(string $point): string
    {
        $geometry = $this->sheet->geometry;
        $names = [];
        foreach ($geometry->points as $one) {
            $names[$one['key']] = $geometry->roomTitle($geometry->rooms[$one['room']]).', '.$one['purpose'];
        }
        $name = $names[$point] ?? $point;

        return count(array_keys($names, $name, true)) > 1 ? "{$name} {$point}" : $name;
    }

    /** @return array<string, float> dB of each device straight from the hub at a place, by slot */
    public function straight(Vec3 $from): array
    {
        $root = $this->root(self::NOW, $from);
        $margins = [];
        foreach ($this->devices as $device) {
            $margins[$device->key] = $this->plan()->forecast($device, $root)->marginDb;
        }

        return $margins;
    }

    /** The fewest relays at free points with mains that have the most devices accepted. */
    public function relays(): RelayPlan
    {
        $root = $this->root(self::NOW, $this->hub->place());
        $all = FreeMainsPoints::places($this->sheet, $this->radio);
        $plan = $this->plan();
        $acceptance = $this->sheet->job->acceptance_db;

        return $this->kept('relays', [$root, ...$all], function () use ($root, $all, $plan, $acceptance): RelayPlan {
            $candidates = Promising::of($plan, $this->devices, $all, $acceptance);

            $relays = FewestRelays::of(
                $plan->graph($this->protocol, [$root, ...$this->devices, ...$candidates], $root->key),
                array_map(static fn (RadioEnd $end): string => $end->key, $candidates),
                $acceptance,
            );

            return count($candidates) === count($all) ? $relays : $relays->ofSome();
        });
    }

    /** The fewest points with mains from which a relay hears the devices that the hub does not. */
    public function proxies(): RelayPlan
    {
        $isRelay = fn (RadioEnd $end): bool => $this->sheet->cards[$end->key]->profile->isMadeToRelay();

        return FewestHearers::of(
            $this->plan(),
            [$this->root(self::NOW, $this->hub->place()), ...array_filter($this->devices, $isRelay)],
            array_values(array_filter($this->devices, static fn (RadioEnd $end): bool => ! $isRelay($end))),
            FreeMainsPoints::places($this->sheet, $this->radio),
            $this->sheet->job->acceptance_db,
        );
    }

    private function plan(): RadioPlan
    {
        return new RadioPlan($this->building, $this->sheet->clutter());
    }

    private function root(string $key, Vec3 $place): RadioEnd
    {
        return new RadioEnd($key, $place, $this->radio, 0.0, Role::Root);
    }

    /**
     * Worked out once for whatever it follows from.
     *
     * @template T
     *
     * @param  list<RadioEnd>  $from
     * @param  Closure(): T  $work
     * @return T
     */
    private function kept(string $what, array $from, Closure $work): mixed
    {
        $job = $this->sheet->job;
        $state = hash('xxh128', serialize([$job->plan_version, $job->acceptance_db, $this->sheet->clutter(), $this->devices, $from]));

        return Cache::remember("radio.{$what}.{$job->id}.{$this->protocol->value}.{$state}", self::KEPT_SECONDS, $work);
    }
}
