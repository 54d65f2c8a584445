<?php

declare(strict_types=1);

namespace Tests;

use Kavvel\Standin\House\House;

/** Ecosystems and boxes of Lantern House answer as well, and a hand does what the client does there. */
trait StandsInForEcosystems
{
    use WithStandin;

    /** @param array<string, mixed> $truth that differs from the demo */
    private function standIn(array $truth = []): void
    {
        $demo = database_path('demo/lantern-house');
        $overlay = [...(array) json_decode((string) file_get_contents("{$demo}.truth.json"), true), ...$truth];
        $this->own = House::read((string) file_get_contents("{$demo}.json"), (string) json_encode($overlay));
        $this->startStandin();
    }

    /** @param array<string, mixed> $deed on the client's phone, at a panel or on the page of a box */
    private function byHand(array $deed): void
    {
        $this->hands('ecosystem', $deed);
    }
}
