<?php

declare(strict_types=1);

namespace App\Gateway\Handlers;

use App\Gateway\Events\LabelSet;
use App\Gateway\NodeList;
use App\Models\Slot;

/** A slot counts as named once its device has taken the name. */
final readonly class OnLabelSet
{
    public function __construct(private NodeList $nodes) {}

    public function handle(LabelSet $event): void
    {
        $node = $this->nodes->find($event->gateway, $event->address);
        $node?->update(['label' => $event->label]);
        $slot = $node === null ? null : Slot::query()->where('node_id', $node->id)->first();
        $isItsName = $slot !== null && ($slot->label ?? $slot->name) === $event->label && $slot->label_place === $event->location;
        if ($isItsName) {
            $slot->update(['named_at' => $event->at, 'name_refused' => null]);
        }
    }
}
