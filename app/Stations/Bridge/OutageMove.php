<?php

declare(strict_types=1);

namespace App\Stations\Bridge;

use App\Bridging\JobBridging;
use App\Bridging\JobOutages;
use App\Plan\Lens;
use App\Stations\Asked;
use App\Stations\Legend;
use App\Stations\Middle;
use App\Stations\Move;
use Kavvel\Core\Bridging\NetworkNeed;
use Kavvel\Core\Bridging\Outage;
use Kavvel\Core\Bridging\Wrapper;

/** What stops and what goes on without the internet, the power, a box, or a device that others reach the hub through. */
final readonly class OutageMove
{
    /** What was asked for by this word: the plan, and not the table */
    private const ON_PLAN = 'plan';

    public static function of(JobBridging $bridging, Asked $asked): Move
    {
        $outages = JobOutages::of($bridging);
        $chosen = self::chosen($outages, $asked->at);
        $data = [
            'bridging' => $bridging, 'outages' => $outages, 'chosen' => $chosen, 'isOnPlan' => $asked->show === self::ON_PLAN,
            'network' => NetworkNeed::all($bridging->household, $bridging->plan()),
        ];

        return new Move(
            'bridge.outage-side',
            static fn (): array => $data,
            self::lens($bridging, $chosen),
            new Legend('without '.lcfirst($chosen->name)),
            middle: $asked->show === self::ON_PLAN ? null : new Middle(
                'bridge.outage',
                static fn (): array => $data,
                hash('xxh128', serialize([$outages, $bridging->household->boxes, $asked->at])),
                $bridging->sheet->geometry->storeys[0]['key'],
                [],
            ),
            lenses: BridgeLens::titles(),
            chosenLens: BridgeLens::Outage->value,
        );
    }

    /** @param non-empty-list<Outage>|list<Outage> $outages */
    private static function chosen(array $outages, ?string $at): Outage
    {
        foreach ($outages as $one) {
            if ("{$one->kind->value} {$one->id}" === $at) {
                return $one;
            }
        }

        return $outages[0];
    }

    private static function lens(JobBridging $bridging, Outage $chosen): Lens
    {
        $stops = $on = [];
        foreach ($chosen->stops as $path) {
            $stops[Wrapper::rawOf($path->want->device)][] = $bridging->ecosystems[$path->want->ecosystem]->name;
        }
        foreach ($chosen->goesOn as $path) {
            $on[Wrapper::rawOf($path->want->device)] = true;
        }
        $labels = array_fill_keys(array_map(strval(...), array_keys($on)), 'goes on');
        foreach ($stops as $device => $names) {
            $labels[$device] = isset($on[$device]) ? 'not from '.implode(', ', array_unique($names)) : 'stops';
        }

        return new Lens(labels: $labels, keys: array_map(strval(...), array_keys($labels)));
    }
}
