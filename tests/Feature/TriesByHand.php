<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

/** A device that works by its own key, as its card at Fit notes it. */
trait TriesByHand
{
    /**
     * @param  string  $slot  "/jobs/lantern-house/slots/hall-relay"
     * @return TestResponse<Response>
     */
    private function worksByHand(string $slot): TestResponse
    {
        return $this->post("{$slot}/proofs", ['rung' => 'hand', 'from' => 'fit', 'outcome' => 'passed']);
    }
}
