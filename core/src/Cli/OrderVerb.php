<?php

declare(strict_types=1);

namespace Kavvel\Core\Cli;

use Kavvel\Core\Input\Input;
use Kavvel\Core\Pairing\OrderEntry;
use Kavvel\Core\Pairing\OrderSlot;
use Kavvel\Core\Pairing\PairingOrder;
use Kavvel\Core\Pairing\WorkOrder;
use Kavvel\Core\Protocol\Protocol;

final readonly class OrderVerb implements Verb
{
    public function answer(Input $input): array
    {
        $schools = array_column(PairingOrder::cases(), 'value');
        $school = PairingOrder::from($input->find('school')?->word($schools) ?? PairingOrder::InPlace->value);
        $entries = WorkOrder::of($school, array_map($this->slot(...), $input->get('slots')->items()), $input->get('gateway')->id());

        return ['order' => array_map(static fn (OrderEntry $entry): array => ['id' => $entry->id, 'why' => $entry->why], $entries)];
    }

    private function slot(Input $slot): OrderSlot
    {
        $id = $slot->get('id')->id();
        foreach ($slot->get('position')->items(3) as $coordinate) {
            $coordinate->number();
        }

        return new OrderSlot(
            $id,
            Protocol::from($slot->get('protocol')->word(Protocol::words())),
            $slot->get('role')->word(['router', 'end']) === 'router',
            $slot->find('secure')?->flag() ?? false,
            $slot->find('parent')?->id(),
            $slot->find('marginDb')?->number() ?? 0.0,
        );
    }
}
