<?php

declare(strict_types=1);

namespace App\WhoIsWho;

use App\Models\Node;

/** What a hub says of a device that was told to blink. */
final readonly class BlinkRecord
{
    /** Its word for one that sleeps */
    private const ASLEEP = 'asleep';

    public function begun(string $command): void
    {
        Node::query()->where('blink_command', $command)->update(['blinks_at' => now()]);
    }

    public function failed(string $command, string $reason): void
    {
        $why = $reason === self::ASLEEP
            ? 'It sleeps, and takes no order. Wake it, and tell it again; or listen for it.'
            : "It does not blink: {$reason}.";
        Node::query()->where('blink_command', $command)->update(['blink_refused' => mb_strimwidth($why, 0, 250, '…')]);
    }
}
