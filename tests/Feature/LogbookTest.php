<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Logbook\Logbook;
use Tests\TestCase;

final class LogbookTest extends TestCase
{
    public function test_the_latest_entries_come_first_and_earlier_ones_on_demand_each_once(): void
    {
        $job = $this->as('mara')->siteJob('hollin-barn');
        foreach (range(1, 95) as $number) {
            app(Logbook::class)->write($job, 'Mara Lindqvist', 'note', "Note {$number}.");
        }
        $seen = [];
        $next = '/jobs/hollin-barn/logbook';
        for ($pages = 0; $next !== null; $pages++) {
            $page = (string) $this->get($next, ['HX-Request' => 'true'])->assertOk()->getContent();
            preg_match_all('/Note (\d+)\./', $page, $notes);
            $seen = [...$seen, ...array_map(intval(...), $notes[1])];
            $next = preg_match('/href="([^"]+before=\d+)"/', $page, $found) === 1 ? html_entity_decode($found[1]) : null;
        }

        self::assertSame(range(95, 1), $seen);
        self::assertGreaterThanOrEqual(3, $pages);
    }
}
