<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/** Something that fails, and which paths stop with it. */
final readonly class Outage
{
    /**
     * @param  string  $id  of the box or the device that fails; the kind where it is neither
     * @param  list<Path>  $stops
     * @param  list<Path>  $goesOn
     * @param  list<string>  $standing  ids of ecosystems that stand still themselves
     */
    private function __construct(
        public OutageKind $kind,
        public string $id,
        public string $name,
        public array $stops,
        public array $goesOn,
        public array $standing,
    ) {}

    /**
     * The internet, the power, each box that a path leads through, and each device without which others do not reach their hub.
     *
     * @param  array<string, list<string>>  $strands  ids of the devices that are cut off without one, by its id after a blank
     * @return list<self>
     */
    public static function all(Household $household, BridgePlan $plan, array $strands = []): array
    {
        $needing = array_values(array_map(
            static fn (EcosystemAtHand $one): string => $one->id,
            array_filter($household->ecosystems, static fn (EcosystemAtHand $one): bool => $one->sheet->needsInternet),
        ));
        $all = [
            self::of(
                $plan,
                OutageKind::Internet,
                'internet',
                'The internet',
                $needing,
                static fn (Path $path): bool => ! $path->way->isLocal || in_array($path->want->ecosystem, $needing, true),
            ),
            // Boxes and ecosystems hang on the mains; what a hand does to a battery lock or a wired switch is no path.
            self::of(
                $plan,
                OutageKind::Power,
                'power',
                'The power',
                array_map(static fn (EcosystemAtHand $one): string => $one->id, $household->ecosystems),
                static fn (): bool => true,
            ),
        ];
        foreach (self::boxes($plan) as $box) {
            $leadsOver = static fn (Path $path): bool => in_array($box->id, $path->way->via(), true);
            $all[] = self::of($plan, OutageKind::Box, $box->id, $box->name, [], $leadsOver);
        }
        foreach ($strands as $router => $cutOff) {
            $router = substr($router, 1);
            $gone = [$router, ...$cutOff];
            $isGone = static fn (Path $path): bool => in_array(
                Wrapper::rawOf($path->want->device),
                $gone,
                true,
            );
            $one = self::of($plan, OutageKind::Router, $router, $household->device($router)->name, [], $isGone);
            if ($one->stops !== []) {
                $all[] = $one;
            }
        }

        return $all;
    }

    /** @return list<Path> that stop in an ecosystem */
    public function stopsIn(string $ecosystem): array
    {
        return array_values(array_filter($this->stops, static fn (Path $path): bool => $path->want->ecosystem === $ecosystem));
    }

    /** @return list<Box> by id */
    private static function boxes(BridgePlan $plan): array
    {
        $boxes = [];
        foreach ($plan->worthwhile() as $path) {
            foreach ($path->way->legs as $leg) {
                $boxes["id {$leg->box->id}"] = $leg->box;
            }
        }
        ksort($boxes, SORT_STRING);

        return array_values($boxes);
    }

    /**
     * @param  list<string>  $standing
     * @param  callable(Path): bool  $stops
     */
    private static function of(
        BridgePlan $plan,
        OutageKind $kind,
        string $id,
        string $name,
        array $standing,
        callable $stops,
    ): self {
        return new self(
            $kind,
            $id,
            $name,
            array_values(array_filter($plan->worthwhile(), $stops)),
            array_values(array_filter($plan->worthwhile(), static fn (Path $path): bool => ! $stops($path))),
            $standing,
        );
    }
}
