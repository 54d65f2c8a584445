<?php

declare(strict_types=1);

namespace Kavvel\Core\Cli;

use Kavvel\Core\Calibrating\Calibration;
use Kavvel\Core\Calibrating\HeardPath;
use Kavvel\Core\Calibrating\HiddenObstacle;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Radio\Clutter;

final readonly class CalibrateVerb implements Verb
{
    public function answer(Input $input): array
    {
        $given = new Clutter(
            $input->find('clutterConstantDb')?->number() ?? Clutter::CONSTANT_DB,
            $input->find('clutterPerMetreDb')?->number() ?? Clutter::DB_PER_METRE,
        );
        $calibration = Calibration::of($this->paths($input->get('links')), $given);

        return [
            'used' => $calibration->isUsed,
            'links' => $calibration->links,
            'clutterConstantDb' => Decibels::rounded($calibration->clutter->constantDb),
            'clutterPerMetreDb' => Decibels::rounded($calibration->clutter->dbPerMetre),
            'rmseBeforeDb' => $calibration->rmseBeforeDb === null ? null : Decibels::rounded($calibration->rmseBeforeDb),
            'rmseDb' => $calibration->rmseDb === null ? null : Decibels::rounded($calibration->rmseDb),
            'obstacles' => array_map(static fn (HiddenObstacle $obstacle): array => [
                'id' => $obstacle->path->id, 'worseDb' => Decibels::rounded($obstacle->worseDb),
            ], $calibration->obstacles),
        ];
    }

    /** @return list<HeardPath> */
    private function paths(Input $links): array
    {
        $paths = [];
        foreach ($links->items() as $link) {
            $id = $link->get('id')->id();
            if (isset($paths["id {$id}"])) {
                throw InvalidInput::duplicateId($id, $link->get('id')->at);
            }
            $paths["id {$id}"] = HeardPath::of(
                $id,
                $link->get('distanceM')->positive(),
                $link->get('modelRssiDbm')->number(),
                $link->get('measuredRssiDbm')->number(),
            );
        }

        return array_values($paths);
    }
}
