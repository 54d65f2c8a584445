<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Vitals\Patience;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class PatienceTest extends TestCase
{
    protected function tearDown(): void
    {
        unset($_SERVER['REQUEST_ARRIVED']);
        parent::tearDown();
    }

    #[DataProvider('answers')]
    public function test_who_waits_long_asks_seldom(float $tookMs, float $computedMs, float $factor): void
    {
        self::assertSame($factor, Patience::for($tookMs, $computedMs));
    }

    /** @return array<string, array{float, float, float}> */
    public static function answers(): array
    {
        return [
            'at once' => [10.0, 10.0, 1.0],
            'the database has its share' => [20.0, 10.0, 1.0],
            'others are before it' => [30.0, 10.0, 1.5],
            'many are' => [80.0, 10.0, 4.0],
            'and no more than that' => [8000.0, 10.0, 4.0],
            'no computing to compare with' => [8.0, 0.0, 1.0],
        ];
    }

    public function test_only_who_follows_a_job_is_told(): void
    {
        $this->as('mara')->get('/jobs/lantern-house/pair')->assertHeaderMissing('Kavvel-Patience');
        $patience = (float) $this->poll()->headers->get('Kavvel-Patience');

        self::assertGreaterThanOrEqual(1.0, $patience);
        self::assertLessThanOrEqual(4.0, $patience);
    }

    public function test_the_wait_before_a_worker_was_free_counts(): void
    {
        defined('LARAVEL_START') || define('LARAVEL_START', microtime(true));
        $_SERVER['REQUEST_ARRIVED'] = (string) (LARAVEL_START - 30.0);

        self::assertSame('4', $this->as('mara')->poll()->headers->get('Kavvel-Patience'));
    }

    /** @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function poll(): \Illuminate\Testing\TestResponse
    {
        return $this->get('/jobs/lantern-house/pair', ['HX-Request' => 'true', 'Kavvel-Parts' => 'line:000000000000']);
    }
}
