<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Gateway\Listener;
use App\Models\Gateway;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use Tests\RunsStandin;
use Tests\TestCase;

/** Over real sockets: an answer that never ends, or ends in the middle, costs little and delays nobody. */
final class BrokenWireTest extends TestCase
{
    use RunsStandin;

    private const MEGABYTE = 1_000_000;

    private Process $broken;

    private string $brokenUrl;

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('mara');
        self::runStandin('wire');
        $port = random_int(20_000, 30_000);
        $this->brokenUrl = "http://127.0.0.1:{$port}";
        $this->broken = new Process([
            PHP_BINARY, '-d', 'memory_limit=1G', '-S', "127.0.0.1:{$port}", dirname(__DIR__).'/Support/broken-hub.php',
        ]);
        $this->broken->start();
        $this->broken->waitUntil(static fn (string $type, string $output): bool => str_contains($output, 'started'));
    }

    protected function tearDown(): void
    {
        $this->broken->stop(0);
        self::stopStandin();
        parent::tearDown();
    }

    /** @return array<string, array{string, string|null}> */
    public static function modes(): array
    {
        return [
            '300 MB' => ['huge', 'It has more than 8 MB.'], '60 MB, packed' => ['bomb', 'It has more than 8 MB.'],
            'half of it' => ['half', 'The input is not JSON: Syntax error.'], 'a byte now and then' => ['drip', null],
        ];
    }

    #[DataProvider('modes')]
    public function test_it_counts_as_silent_in_words_and_the_other_hub_is_followed(string $mode, ?string $words): void
    {
        $broken = $this->siteJob()->gateways()->firstOrFail();
        $broken->update(['url' => "{$this->brokenUrl}/{$mode}", 'token' => 'wire']);
        $other = $this->siteJob('calico-court')->gateways()->firstOrFail();
        $other->update(['url' => self::$url, 'token' => 'wire']);
        memory_reset_peak_usage();
        $before = memory_get_usage();
        app(Listener::class)->pollAll();

        self::assertNotNull($broken->refresh()->silent_since);
        self::assertSame($words, $broken->silent_because === null ? null : substr($broken->silent_because, -strlen((string) $words)));
        self::assertNotNull($other->refresh()->epoch);
        self::assertLessThan(40 * self::MEGABYTE, memory_get_peak_usage() - $before);
        self::assertSame(0, Gateway::query()->whereKey($broken->id)->value('cursor'));
    }
}
