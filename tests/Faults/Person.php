<?php

declare(strict_types=1);

namespace Tests\Faults;

use GuzzleHttp\Client;

/** Somebody with a page open. */
final class Person
{
    public bool $isBusy = false;

    public string $liveUrl = '';

    /** What of the page is on screen, as it is asked for */
    public string $parts = '';

    /** Seconds on the clock; given when the work begins */
    public float $pollAt = 0.0;

    public float $actAt = 0.0;

    public function __construct(
        public readonly Client $client,
        public readonly string $job,
        public readonly string $token,
        string $page,
    ) {
        $this->sees($page);
    }

    public function begins(float $pollAt, float $actAt): void
    {
        $this->pollAt = $pollAt;
        $this->actAt = $actAt;
    }

    /** What a page or a poll has brought. */
    public function sees(string $html): void
    {
        if (preg_match('/data-live-url="([^"]+)"/', $html, $url) === 1) {
            $this->liveUrl = html_entity_decode($url[1]);
        }
        if (preg_match_all('/data-part="(\w+)" data-version="(\w+)"/', $html, $found, PREG_SET_ORDER) > 0) {
            $parts = array_column($found, 2, 1);
            foreach (array_filter(explode(' ', $this->parts)) as $kept) {
                [$name, $version] = explode(':', $kept);
                $parts[$name] ??= $version;
            }
            $this->parts = implode(
                ' ',
                array_map(static fn (string $name, string $version): string => "{$name}:{$version}", array_keys($parts), $parts),
            );
        }
    }
}
