<?php

declare(strict_types=1);

namespace Kavvel\Core\Cli;

use Kavvel\Core\Coverage\HubPlace;
use Kavvel\Core\Coverage\HubPlaces;
use Kavvel\Core\Coverage\RadioEnd;
use Kavvel\Core\Coverage\RadioPlan;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;
use Kavvel\Core\Mesh\Role;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Core\Radio\Margin;
use Kavvel\Core\Radio\Transceiver;

final readonly class PlaceVerb implements Verb
{
    /** Links between slots, for every place: what is judged in a few seconds */
    private const MOST_LINKS = 1_000_000;

    public function answer(Input $input): array
    {
        $link = new LinkInput($input);
        // One radio for all: which end sends makes no difference to a link.
        $radio = new Transceiver(
            $link->sender->frequencyMHz,
            $link->sender->txDbm,
            $link->sender->sensitivityDbm,
            ($link->sender->gainDbi + $link->receiver->gainDbi) / 2,
        );
        $slots = $input->get('slots')->items();
        $places = $input->get('places')->items();
        if ((count($slots) + 2) ** 2 / 2 * count($places) > self::MOST_LINKS) {
            throw InvalidInput::tooLarge('$.slots', 'less: over all places it has more than '.self::MOST_LINKS.' links');
        }
        $end = static fn (Input $item, Role $role): RadioEnd => new RadioEnd(
            $item->get('id')->id(),
            LinkInput::place($item->get('position')),
            $radio,
            $link->mountingDb / 2,
            $role,
            $item->find('removable')?->flag() ?? false,
        );
        $ranked = HubPlaces::ranked(
            Protocol::from($input->get('protocol')->word(array_column(Protocol::meshes(), 'value'))),
            new RadioPlan($link->building, $link->clutter),
            $this->unique(array_map(fn (Input $slot): RadioEnd => $end($slot, $this->role($slot->get('role'))), $slots), '$.slots'),
            $this->unique(array_map(static fn (Input $place): RadioEnd => $end($place, Role::Root), $places), '$.places'),
            $input->find('acceptanceDb')?->number() ?? Margin::ACCEPTED_DB,
        );

        return ['ranking' => array_map(static fn (HubPlace $place): array => [
            'id' => $place->id,
            'open' => $place->open,
            'lost' => $place->lost,
            'meanWeakestDb' => $place->meanWeakestDb === null ? null : Decibels::rounded($place->meanWeakestDb),
        ], $ranked)];
    }

    private function role(Input $role): Role
    {
        return Role::from($role->word([Role::Router->value, Role::End->value]));
    }

    /**
     * @param  list<RadioEnd>  $ends
     * @return list<RadioEnd>
     */
    private function unique(array $ends, string $at): array
    {
        $seen = [];
        foreach ($ends as $number => $end) {
            if (isset($seen["id {$end->key}"])) {
                throw InvalidInput::duplicateId($end->key, "{$at}[{$number}].id");
            }
            $seen["id {$end->key}"] = true;
        }

        return $ends;
    }
}
