<?php

declare(strict_types=1);

namespace App\Gateway;

use App\Models\Gateway;
use GuzzleHttp\Promise\PromiseInterface;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\PendingRequest;
use Illuminate\Http\Client\Response;
use Illuminate\Support\Facades\Http;
use Throwable;

/**
 * Speaks the gateway link (docs/gateway-link.md). Commands carry an id of their own, so that a repeated one
 * is carried out once; their outcome arrives as events.
 *
 * @phpstan-type Event array{sequence: int, at: string, type: string, data: array<string, mixed>}
 * @phpstan-type Page array{epoch: string, clock: string, oldest: int, newest: int, events: list<Event>}
 */
final readonly class GatewayClient
{
    private const SECONDS = 3;

    /** One lost answer on a busy line is no absence */
    private const TRIES = 2;

    private const PAUSE_MS = 200;

    private function __construct(private string $url, private string $token) {}

    public static function for(Gateway $gateway): self
    {
        return new self((string) $gateway->url, (string) $gateway->token);
    }

    /**
     * Which windows it opens, and how long it keeps them open.
     *
     * @return array{name: string, radios: list<array{protocol: string, longestWindowSeconds: int}>}
     *
     * @throws GatewayAway|GatewayRefused
     */
    public function about(): array
    {
        /** @var array{name: string, radios: list<array{protocol: string, longestWindowSeconds: int}>} */
        return $this->send('GET', '/v1/about');
    }

    /** Asks for events without waiting: the answer is handed to page() when it is there. */
    public function askForEvents(?string $epoch, int $after, callable $handler): PromiseInterface
    {
        $question = $this->request()
            ->setHandler($handler)
            ->async()
            ->get($this->url.'/v1/events', ['epoch' => $epoch ?? '', 'after' => $after]);

        // The framework sends an asynchronous request only when somebody waits for it.
        return $question->buildPromise();
    }

    /**
     * @return Page
     *
     * @throws GatewayAway|GatewayRefused
     */
    public function page(mixed $answer): array
    {
        if (! $answer instanceof Response) {
            throw GatewayAway::at($this->url);
        }

        /** @var Page */
        return $this->read($answer);
    }

    /** @return array{epoch: string, newest: int, nodes: list<array<string, mixed>>} */
    public function nodes(): array
    {
        /** @var array{epoch: string, newest: int, nodes: list<array<string, mixed>>} */
        return $this->send('GET', '/v1/nodes');
    }

    public function openWindow(string $command, string $protocol, int $seconds): void
    {
        $this->send('POST', '/v1/windows', ['command' => $command, 'protocol' => $protocol, 'kind' => 'join', 'seconds' => $seconds]);
    }

    public function closeWindow(string $window): void
    {
        $this->send('DELETE', "/v1/windows/{$window}");
    }

    public function label(string $command, string $address, string $label): void
    {
        $this->send('PUT', "/v1/nodes/{$address}/label", ['command' => $command, 'label' => $label]);
    }

    public function switch(string $command, string $address, string $value): void
    {
        $this->send('POST', "/v1/nodes/{$address}/commands", ['command' => $command, 'value' => $value]);
    }

    public function startReading(string $command): void
    {
        $this->send('POST', '/v1/mesh-readings', ['command' => $command]);
    }

    /** @return list<array{from: string, to: string, marginDb: float, marginBackDb?: float}> */
    public function readingLinks(string $reference): array
    {
        /** @var array{links: list<array{from: string, to: string, marginDb: float, marginBackDb?: float}>} $reading */
        $reading = $this->send('GET', "/v1/mesh-readings/{$reference}");

        return $reading['links'];
    }

    /**
     * @param  array<string, mixed>  $data
     * @return array<string, mixed>
     */
    private function send(string $method, string $path, array $data = []): array
    {
        try {
            // A second try is safe: the gateway carries a command out once, whoever repeats it.
            $response = $this->request()
                ->retry(
                    self::TRIES,
                    self::PAUSE_MS,
                    static fn (Throwable $failed): bool => $failed instanceof ConnectionException,
                    throw: false,
                )
                ->send($method, $this->url.$path, $method === 'GET' ? ['query' => $data] : ['json' => (object) $data]);
        } catch (ConnectionException) {
            throw GatewayAway::at($this->url);
        }

        return $this->read($response);
    }

    private function request(): PendingRequest
    {
        return Http::withToken($this->token)->acceptJson()->connectTimeout(self::SECONDS)->timeout(self::SECONDS);
    }

    /** @return array<string, mixed> */
    private function read(Response $response): array
    {
        if ($response->serverError()) {
            throw GatewayAway::at($this->url);
        }
        if ($response->failed()) {
            throw GatewayRefused::saying((string) $response->json('error.message', "It answered {$response->status()}."));
        }

        return (array) $response->json();
    }
}
