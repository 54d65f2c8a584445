<?php

declare(strict_types=1);

namespace Kavvel\Core\Floorplan;

use Kavvel\Core\Site\Layer;
use Kavvel\Core\Site\Opening;

/**
 * Puts walls where the rooms of a storey need them. Where two rooms meet there is one wall; a wall keeps what it is made of
 * and its openings wherever it goes; a wall that nothing happened to is not touched.
 */
final readonly class Joinery
{
    private WallNames $namesBefore;

    private WallNames $names;

    private Stretches $old;

    private Stretches $new;

    /**
     * @param  array<string, Room>  $before  rooms of the storey
     * @param  array<string, Room>  $after
     */
    public function __construct(private Storey $storey, array $before, array $after, private Carry $carry)
    {
        $this->namesBefore = new WallNames($before);
        $this->names = new WallNames($after);
        $this->old = Stretches::of($before);
        $this->new = Stretches::of($after);
    }

    /**
     * @param  list<PlanWall>  $walls  of the storey
     * @param  array<string, mixed>  $taken  keys of walls that are in use, on any storey
     * @return list<PlanWall>
     *
     * @throws PlanRefused where an opening finds no wall to be in
     */
    public function walls(array $walls, array $taken): array
    {
        $todo = [];
        foreach ($this->new->all as $stretch) {
            $todo[$stretch->signature()] = $stretch;
        }
        $kept = [];
        $alone = [];
        $heirlooms = [];
        $footing = Footing::of($this->old, $walls);
        $bare = array_flip(array_map(static fn (Stretch $one): string => $one->signature(), $this->old->all));
        foreach ($walls as $wall) {
            $under = $footing->under($wall);
            $signatures = array_map(static fn (Stretch $one): string => $one->signature(), $under);
            $bare = array_diff_key($bare, array_flip($signatures));
            if (array_diff($signatures, array_keys($todo)) === []) {
                $kept[$wall->key] = $wall;
                $todo = array_diff_key($todo, array_flip($signatures));
                $alone += count($under) === 1 ? [$wall->key => $under[0]] : [];
            } else {
                $heirlooms = [...$heirlooms, ...$this->pieces($wall, $under)];
            }
        }
        // Rooms that were open to each other stay so.
        $todo = array_diff_key($todo, $bare);
        $made = [];
        $keys = new WallKeys($this->storey->key, $taken);
        foreach ($todo as $stretch) {
            $made[] = $this->wall($stretch, $heirlooms, $keys);
        }
        $this->checkOpenings($made, $heirlooms);

        return $this->fitted($kept, $alone, array_column($made, 'stretch'), array_column($made, 'wall'));
    }

    /**
     * Walls of which some have become thicker or thinner, fitted to each other again.
     *
     * @param  array<string, PlanWall>  $walls
     * @param  list<string>  $changed  their keys
     * @return list<PlanWall>
     */
    public function refitted(array $walls, array $changed): array
    {
        $alone = [];
        $touched = [];
        $footing = Footing::of($this->new, $walls);
        foreach ($walls as $key => $wall) {
            $under = $footing->under($wall);
            $touched = in_array($wall->key, $changed, true) ? [...$touched, ...$under] : $touched;
            if (count($under) === 1) {
                $alone[$key] = $under[0];
            }
        }

        return $this->fitted($walls, $alone, $touched, []);
    }

    /**
     * @param  array<string, PlanWall>  $kept
     * @param  array<string, Stretch>  $alone  of those that stand on one stretch
     * @param  list<Stretch>  $changed
     * @param  list<PlanWall>  $made
     * @return list<PlanWall>
     */
    private function fitted(array $kept, array $alone, array $changed, array $made): array
    {
        $loose = $this->loose($kept, $alone, $changed);
        $firm = array_values(array_diff_key($kept, $loose));
        $toFit = [...array_values($loose), ...$made];
        $ends = new WallEnds([...$firm, ...$toFit]);

        return [...$firm, ...array_map($ends->fitted(...), $toFit)];
    }

    /**
     * Walls that stay but end where something has changed: laid on their stretch anew, to be fitted to what is there now.
     *
     * @param  array<string, PlanWall>  $kept
     * @param  array<string, Stretch>  $alone  of those that stand on one stretch
     * @param  list<Stretch>  $changed
     * @return array<string, PlanWall>
     */
    private function loose(array $kept, array $alone, array $changed): array
    {
        $corners = [];
        foreach ($changed as $stretch) {
            $corners[] = $stretch->line->at($stretch->from);
            $corners[] = $stretch->line->at($stretch->to);
        }
        $loose = [];
        foreach ($alone as $key => $stretch) {
            $ends = [$stretch->line->at($stretch->from), $stretch->line->at($stretch->to)];
            $openings = $this->openingsOn($kept[$key], $stretch, 0.0);
            if (array_intersect(array_map(json_encode(...), $ends), array_map(json_encode(...), $corners)) !== []
                && count($openings) === count($kept[$key]->openings)) {
                $loose[$key] = $this->laid($kept[$key], $stretch, $openings);
            }
        }

        return $loose;
    }

    /** @param list<array{float, Opening}> $openings */
    private function laid(PlanWall $wall, Stretch $stretch, array $openings): PlanWall
    {
        $off = $stretch->line->offOf($wall->from);

        return new PlanWall(
            $wall->key,
            $wall->storey,
            $wall->label,
            $stretch->line->at($stretch->from, $off),
            $stretch->line->at($stretch->to, $off),
            $wall->height,
            $wall->layers,
            array_map(static fn (array $one): Opening => self::openingAt($one[1], $one[0] - $stretch->from), $openings),
        );
    }

    private static function openingAt(Opening $opening, float $offset): Opening
    {
        return new Opening(
            $opening->kind,
            Shape::millimetres($offset),
            $opening->width,
            $opening->sill,
            $opening->head,
            $opening->layers,
        );
    }

    /**
     * @param  list<Stretch>  $under
     * @return list<Heirloom>
     */
    private function pieces(PlanWall $wall, array $under): array
    {
        $pieces = [];
        foreach ($under as $number => $stretch) {
            $moves = array_map(fn (Side $side): array => $this->carry->of($side), $stretch->sides());
            usort($moves, static fn (array $a, array $b): int => hypot(...$a) <=> hypot(...$b));
            // Of two rooms that part, the one that stays keeps the wall; the other takes one like it along.
            foreach (array_values(array_unique($moves, SORT_REGULAR)) as $copy => $move) {
                $pieces[] = $this->piece($wall, $stretch, $move, $copy === 0, $number === 0);
            }
        }

        return $pieces;
    }

    /** @param array{float, float} $move */
    private function piece(PlanWall $wall, Stretch $stretch, array $move, bool $isItself, bool $isFirst): Heirloom
    {
        $shift = $stretch->line->share(...$move);
        $label = $wall->label === $this->namesBefore->of($stretch) ? null : $wall->label;

        return new Heirloom(
            $stretch->line->movedBy(...$move),
            $stretch->from + $shift,
            $stretch->to + $shift,
            $wall->layers,
            $isItself && $isFirst ? $wall->key : null,
            $stretch->isInner() ? null : $stretch->line->offOf($wall->from) * $stretch->outward(),
            $isItself ? $this->openingsOn($wall, $stretch, $shift) : [],
            $label,
        );
    }

    /** @return list<array{float, Opening}> those whose middle lies on the stretch, by where they begin along the moved line */
    private function openingsOn(PlanWall $wall, Stretch $stretch, float $shift): array
    {
        $begin = $stretch->line->along($wall->from);
        $isBackwards = $stretch->line->along($wall->to) < $begin;
        $openings = [];
        foreach ($wall->openings as $opening) {
            $start = $isBackwards ? $begin - $opening->offset - $opening->width : $begin + $opening->offset;
            $middle = $start + $opening->width / 2;
            if ($middle >= $stretch->from && $middle < $stretch->to) {
                $openings[] = [$start + $shift, $opening];
            }
        }

        return $openings;
    }

    /**
     * @param  list<Heirloom>  $heirlooms
     * @return array{stretch: Stretch, wall: PlanWall}
     */
    private function wall(Stretch $stretch, array $heirlooms, WallKeys $keys): array
    {
        $mine = array_filter($heirlooms, static fn (Heirloom $one): bool => $one->overlap($stretch) > Shape::SAME_M);
        usort($mine, static fn (Heirloom $a, Heirloom $b): int => $b->overlap($stretch) <=> $a->overlap($stretch));
        $main = $this->main($mine, $stretch);
        $layers = $this->layers($stretch, $main);
        $outside = $stretch->isInner() ? 0.0 : $this->outside($layers, $main);
        $off = $outside * $stretch->outward();
        $label = $main === null || $main->label === null ? $this->names->of($stretch) : $main->label;

        return [
            'stretch' => $stretch,
            'wall' => new PlanWall(
                $keys->next($mine),
                $this->storey->key,
                $label,
                $stretch->line->at($stretch->from, $off),
                $stretch->line->at($stretch->to, $off),
                $this->storey->height,
                $layers,
                $this->openings($stretch, $mine),
            ),
        ];
    }

    /**
     * The longest piece gives its construction; one of which somebody said what it is made of goes before one that is only as
     * it was added, if it is not much shorter.
     *
     * @param  list<Heirloom>  $mine  the longest first
     */
    private function main(array $mine, Stretch $stretch): ?Heirloom
    {
        foreach ($mine as $one) {
            if (! $this->isUsual($one->layers) && $one->overlap($stretch) * 2 > $mine[0]->overlap($stretch)) {
                return $one;
            }
        }

        return $mine[0] ?? null;
    }

    /**
     * A wall that is only as it was added becomes what is usual at its new place.
     *
     * @return list<Layer>
     */
    private function layers(Stretch $stretch, ?Heirloom $main): array
    {
        return $main === null || $this->isUsual($main->layers)
            ? ($stretch->isInner() ? $this->storey->innerLayers : $this->storey->outerLayers)
            : $main->layers;
    }

    /** @param list<Layer> $layers */
    private function isUsual(array $layers): bool
    {
        return Rows::areSame($layers, $this->storey->innerLayers) || Rows::areSame($layers, $this->storey->outerLayers);
    }

    /**
     * How far the middle of an outer wall lies outside the edge: its inner face stays where it was.
     *
     * @param  list<Layer>  $layers
     */
    private function outside(array $layers, ?Heirloom $main): float
    {
        if ($main !== null && $main->outside !== null) {
            return $main->outside + (PlanWall::thicknessOf($layers) - PlanWall::thicknessOf($main->layers)) / 2;
        }

        return max(0.0, (PlanWall::thicknessOf($layers) - PlanWall::THINNEST_M) / 2);
    }

    /**
     * @param  list<Heirloom>  $mine
     * @return list<Opening> along the stretch; of two that would lie over each other the first stays
     */
    private function openings(Stretch $stretch, array $mine): array
    {
        $openings = [];
        foreach ($mine as $one) {
            foreach ($one->openings as [$start, $opening]) {
                $fits = $start >= $stretch->from - Shape::SAME_M && $start + $opening->width <= $stretch->to + Shape::SAME_M;
                foreach ($openings as $other) {
                    $fits = $fits && ($start - $stretch->from >= $other->offset + $other->width - Shape::SAME_M
                        || $start - $stretch->from + $opening->width <= $other->offset + Shape::SAME_M);
                }
                if ($fits) {
                    $openings[] = self::openingAt($opening, max(0.0, $start - $stretch->from));
                }
            }
        }
        usort($openings, static fn (Opening $a, Opening $b): int => $a->offset <=> $b->offset);

        return $openings;
    }

    /**
     * A wall that goes on must go on holding what is in it; with a wall that is gone its openings are gone.
     *
     * @param  list<array{stretch: Stretch, wall: PlanWall}>  $made
     * @param  list<Heirloom>  $heirlooms
     */
    private function checkOpenings(array $made, array $heirlooms): void
    {
        foreach ($heirlooms as $one) {
            $there = array_filter($made, static fn (array $new): bool => $one->overlap($new['stretch']) > Shape::SAME_M);
            foreach ($there === [] ? [] : $one->openings as [$start, $opening]) {
                $holding = array_filter($there, static fn (array $new): bool => $start >= $new['stretch']->from - Shape::SAME_M
                    && $start + $opening->width <= $new['stretch']->to + Shape::SAME_M);
                if ($holding === []) {
                    throw PlanRefused::openingFindsNoWall($opening, array_values($there)[0]['wall']->label);
                }
            }
        }
    }
}
