<?php

declare(strict_types=1);

namespace App\Wrapping;

use App\Ecosystems\EcosystemClient;
use App\Ecosystems\PlaceCommand;
use App\Models\BridgeBox;
use App\Models\Ecosystem;

/**
 * What a hub made of a device is done without.
 *
 * @extends PlaceCommand<BridgeBox>
 */
final class TakeWrapperOut extends PlaceCommand
{
    public function __construct(BridgeBox $box, private readonly string $mark)
    {
        parent::__construct($box);
    }

    protected function tell(Ecosystem|BridgeBox $one): void
    {
        $client = EcosystemClient::for($one);
        $id = $client->contents()[$this->mark] ?? null;
        if ($id !== null) {
            $client->unwrap((string) str()->ulid(), $id);
        }
    }
}
