<?php

declare(strict_types=1);

namespace App\Gateway;

use App\Models\Gateway;
use Closure;
use GuzzleHttp\Promise\PromiseInterface;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\PendingRequest;
use Illuminate\Http\Client\Response;
use Illuminate\Support\Facades\Http;
use Kavvel\Core\Input\Input;
use Kavvel\Core\Input\InvalidInput;
use Throwable;

/**
 * Speaks the gateway link (docs/gateway-link.md). Commands carry an id of their own, so that a repeated one
 * is carried out once; their outcome arrives as events. Whatever a hub answers is read by its path, or refused.
 */
final readonly class GatewayClient
{
    private const SECONDS = 3;

    /** One lost answer on a busy line is no absence */
    private const TRIES = 2;

    private const PAUSE_MS = 200;

    private const LONGEST_NAME = 80;

    /** A week, in seconds */
    private const LONGEST_WINDOW = 604_800;

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
     * @throws HubFailure
     */
    public function about(): array
    {
        return $this->reading($this->send('GET', '/v1/about'), static fn (Input $about): array => [
            'name' => $about->get('name')->textUpTo(self::LONGEST_NAME),
            'radios' => array_map(static fn (Input $radio): array => [
                'protocol' => $radio->get('protocol')->textUpTo(self::LONGEST_NAME),
                'longestWindowSeconds' => $radio->get('longestWindowSeconds')->whole(1, self::LONGEST_WINDOW),
            ], $about->get('radios')->items()),
        ]);
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

    /** @throws HubFailure */
    public function page(mixed $answer): EventPage
    {
        if (! $answer instanceof Response) {
            throw GatewayAway::at($this->url);
        }

        return $this->reading($answer, EventPage::read(...));
    }

    /** @throws HubFailure */
    public function nodes(): NodeAnswer
    {
        return $this->reading($this->send('GET', '/v1/nodes'), NodeAnswer::read(...));
    }

    /** @param string|null $code of the device that it is opened for */
    public function openWindow(string $command, string $protocol, string $kind, int $seconds, ?string $code): void
    {
        $this->send('POST', '/v1/windows', [
            'command' => $command, 'protocol' => $protocol, 'kind' => $kind, 'seconds' => $seconds,
            ...($code === null ? [] : ['code' => ['value' => $code]]),
        ]);
    }

    /**
     * Z-Wave devices that come in by themselves, by their keys. A hub that keeps no such list has none.
     *
     * @return list<string>
     *
     * @throws HubFailure
     */
    public function smartStart(): array
    {
        try {
            $answer = $this->send('GET', '/v1/smart-start');
        } catch (GatewayRefused) {
            return [];
        }

        return $this->reading($answer, static fn (Input $list): array => array_map(
            static fn (Input $entry): string => $entry->get('dsk')->textUpTo(self::LONGEST_NAME),
            $list->get('entries')->items(),
        ));
    }

    public function forget(string $command, string $dsk): void
    {
        $this->send('DELETE', '/v1/smart-start/'.rawurlencode($dsk), ['command' => $command]);
    }

    public function answer(string $window, string $command, string $pin): void
    {
        $this->send('POST', "/v1/windows/{$window}/answers", ['command' => $command, 'pin' => $pin]);
    }

    public function closeWindow(string $window): void
    {
        $this->send('DELETE', "/v1/windows/{$window}");
    }

    public function label(string $command, string $address, string $label, ?string $location): void
    {
        $this->send('PUT', '/v1/nodes/'.rawurlencode($address).'/label', [
            'command' => $command, 'label' => $label, ...($location === null ? [] : ['location' => $location]),
        ]);
    }

    public function remove(string $command, string $address): void
    {
        $this->send('DELETE', '/v1/nodes/'.rawurlencode($address), ['command' => $command]);
    }

    public function order(string $command, string $address, string $value): void
    {
        $this->send('POST', '/v1/nodes/'.rawurlencode($address).'/commands', ['command' => $command, 'value' => $value]);
    }

    /** @param array{signal: string}|array{preset: string, key: string} $signal that was learnt, or a key of a preset */
    public function sendSignal(string $command, string $protocol, array $signal): void
    {
        $this->send('POST', '/v1/signals', ['command' => $command, 'protocol' => $protocol, ...$signal]);
    }

    /** @param string $address of the wired bus */
    public function say(string $command, string $protocol, string $address, string $value): void
    {
        $this->send('POST', '/v1/telegrams', ['command' => $command, 'protocol' => $protocol, 'address' => $address, 'value' => $value]);
    }

    public function startReading(string $command, string $protocol): void
    {
        $this->send('POST', '/v1/mesh-readings', ['command' => $command, 'protocol' => $protocol]);
    }

    /** @throws HubFailure */
    public function meshReading(string $reference): HeardLinks
    {
        return $this->reading($this->send('GET', "/v1/mesh-readings/{$reference}"), HeardLinks::read(...));
    }

    /**
     * @param  array<string, mixed>  $data
     *
     * @throws HubFailure
     */
    private function send(string $method, string $path, array $data = []): Response
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
        $this->check($response);

        return $response;
    }

    private function request(): PendingRequest
    {
        return Http::withToken($this->token)->acceptJson()->connectTimeout(self::SECONDS)->timeout(self::SECONDS)
            ->withoutRedirecting()->withOptions(['sink' => AnswerLimit::sink()]);
    }

    /**
     * @template T
     *
     * @param  Closure(Input): T  $read
     * @return T
     *
     * @throws HubFailure
     */
    private function reading(Response $response, Closure $read): mixed
    {
        $this->check($response);
        try {
            return $read(Input::parse($response->body()));
        } catch (InvalidInput $wrong) {
            throw GatewayBroken::sends($wrong);
        }
    }

    /** @throws HubFailure */
    private function check(Response $response): void
    {
        // A connection that broke in the middle is handed on with what had come until then.
        $body = $response->toPsrResponse()->getBody();
        if ($body instanceof AnswerLimit && $body->isOver()) {
            throw GatewayBroken::tooLong(AnswerLimit::BYTES);
        }
        if ($response->serverError()) {
            throw GatewayAway::at($this->url);
        }
        if ($response->redirect()) {
            throw GatewayBroken::withStatus($response->status());
        }
        if (! $response->successful()) {
            $message = $response->json('error.message');
            $reason = $response->json('error.code');
            throw GatewayRefused::saying(
                is_string($message) ? mb_strimwidth($message, 0, 200, '…') : "It answered {$response->status()}.",
                is_string($reason) ? $reason : null,
            );
        }
    }
}
