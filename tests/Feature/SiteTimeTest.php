<?php

declare(strict_types=1);

namespace Tests\Feature;

use Tests\TestCase;

/** Times are stored in UTC and shown as the clock on the wall has them. */
final class SiteTimeTest extends TestCase
{
    public function test_pages_show_the_time_of_the_site(): void
    {
        $this->as('mara');
        $this->get('/jobs/lantern-house/logbook')->assertSee(', 09:09 · Mara Lindqvist', false);
        config(['kavvel.time_zone' => 'Etc/GMT-5']);

        $this->get('/jobs/lantern-house/logbook')->assertSee(', 14:09 · Mara Lindqvist', false)->assertSee('T09:09:00+00:00', false);
        $this->get('/jobs/lantern-house/hand-over')->assertSee(', 15:02');
    }
}
