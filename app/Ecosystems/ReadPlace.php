<?php

declare(strict_types=1);

namespace App\Ecosystems;

use App\Models\BridgeBox;
use App\Models\Ecosystem;

/**
 * Asks an ecosystem what it shows, or a box what runs on it.
 *
 * @extends PlaceCommand<Ecosystem|BridgeBox>
 */
final class ReadPlace extends PlaceCommand
{
    protected function tell(Ecosystem|BridgeBox $one): void
    {
        app(Reader::class)->read($one);
    }
}
