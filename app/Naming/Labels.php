<?php

declare(strict_types=1);

namespace App\Naming;

use App\JobSheet\HubOfSlot;
use App\Models\Node;
use App\Models\Slot;
use Kavvel\Core\Naming\DeviceLabel;
use Kavvel\Core\Protocol\Joining;

/** Writes the name of a slot to its device, in the form that fits the fields of its radio. */
final readonly class Labels
{
    /**
     * A name counts once its hub has confirmed it; at once, where no hub has a link to the device, and on a wired bus: there it stands
     * in the project, and the hub writes nothing.
     */
    public function write(Slot $slot, Node $node, DeviceLabel $label): void
    {
        $isWritten = $node->protocol->rules()->joining() !== Joining::Addressed;
        $gateway = $isWritten ? HubOfSlot::linked($slot, $node) : null;
        $command = (string) str()->ulid();
        $slot->update([
            'label' => $label->name, 'label_place' => $label->place, 'name_command' => $command, 'name_refused' => null,
            'named_at' => $gateway === null ? now() : null,
        ]);
        if ($gateway !== null) {
            WriteLabel::dispatch($gateway, $command, $node->address, $label->name, $label->place);
        }
    }

    /** A device has come into a slot that may have its name already. */
    public function writeAgain(Slot $slot, Node $node, JobNames $names): void
    {
        if ($slot->name !== null) {
            $this->write($slot, $node, $names->label($slot->key));
        }
    }
}
