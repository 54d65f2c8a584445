<?php

declare(strict_types=1);

namespace Kavvel\Core\Cli;

use Kavvel\Core\Cabling\CablePoint;
use Kavvel\Core\Cabling\CableRun;
use Kavvel\Core\Cabling\CableSchedule;
use Kavvel\Core\Cabling\Drum;
use Kavvel\Core\Cabling\RunTooLong;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Site\Vec3;

final readonly class CablesVerb implements Verb
{
    private const MOST_RUNS = 50_000;

    public function answer(Input $input): array
    {
        $rack = LinkInput::place($input->get('rack'));
        $points = $this->points($input->get('points'));
        $schedule = $this->schedule($rack, $points, $this->sizes($input->get('drums')));

        return [
            'runs' => array_map(static fn (CableRun $run): array => [
                'id' => $run->id, 'cable' => $run->cable, 'lengthM' => $run->lengthM(),
            ], $schedule->runs),
            'drums' => array_map(static fn (Drum $drum): array => [
                'cable' => $drum->cable,
                'size' => floor($drum->sizeM) === $drum->sizeM ? (int) $drum->sizeM : $drum->sizeM,
                'runs' => array_map(static fn (CableRun $run): string => $run->id, $drum->runs),
                'leftM' => $drum->leftM(),
            ], $schedule->drums),
            'tooLong' => $schedule->tooLong(),
        ];
    }

    /** @return list<CablePoint> */
    private function points(Input $points): array
    {
        $read = [];
        $taken = [];
        $runs = 0;
        foreach ($points->items() as $item) {
            $point = $this->point($item);
            $runs += $point->count;
            if ($runs > self::MOST_RUNS) {
                throw InvalidInput::tooLarge("{$item->at}.count", 'less: at most '.self::MOST_RUNS.' runs are worked out');
            }
            foreach ($point->runIds() as $id) {
                if (isset($taken["run {$id}"])) {
                    throw InvalidInput::duplicateId($id, $item->get('id')->at);
                }
                $taken["run {$id}"] = true;
            }
            $read[] = $point;
        }

        return $read;
    }

    private function point(Input $point): CablePoint
    {
        $route = $point->find('route');

        return new CablePoint(
            $point->get('id')->id(),
            LinkInput::place($point->get('position')),
            $point->get('cable')->id(),
            $point->find('count')?->wholeFrom(1) ?? 1,
            $route === null ? null : array_map(LinkInput::place(...), $route->items()),
            $point->find('data')?->flag() ?? false,
        );
    }

    /** @return non-empty-list<float> */
    private function sizes(Input $drums): array
    {
        $sizes = array_map(static fn (Input $size): float => $size->positive(), $drums->items());

        return $sizes !== [] ? $sizes : throw InvalidInput::outOfRange($drums->at, 'a list of one size or more');
    }

    /**
     * @param  list<CablePoint>  $points
     * @param  non-empty-list<float>  $sizes
     */
    private function schedule(Vec3 $rack, array $points, array $sizes): CableSchedule
    {
        try {
            return CableSchedule::of($rack, $points, $sizes);
        } catch (RunTooLong $long) {
            $ofIt = static fn (CablePoint $point): bool => in_array($long->run->id, $point->runIds(), true);
            $at = array_keys(array_filter($points, $ofIt));
            throw InvalidInput::outOfRange("$.points[{$at[0]}]", rtrim("nearer to the rack. {$long->getMessage()}", '.'));
        }
    }
}
