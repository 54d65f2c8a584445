<?php

declare(strict_types=1);

namespace App\Gateway;

use App\Models\Gateway;
use App\Outside\Connection;
use App\Outside\OutsideFailure;
use App\Outside\OutsideRefused;
use GuzzleHttp\Promise\PromiseInterface;
use Illuminate\Http\Client\Response;
use Kavvel\Core\Input\Input;

/**
 * Speaks the gateway link (docs/gateway-link.md). Commands carry an id of their own, so that a repeated one
 * is carried out once; their outcome arrives as events. Whatever a hub answers is read by its path, or refused.
 */
final readonly class GatewayClient
{
    private const LONGEST_NAME = 80;

    /** A week, in seconds */
    private const LONGEST_WINDOW = 604_800;

    private function __construct(private Connection $link) {}

    public static function for(Gateway $gateway): self
    {
        return new self(new Connection('The hub', (string) $gateway->url, (string) $gateway->token));
    }

    /**
     * Which windows it opens, and how long it keeps them open.
     *
     * @return array{name: string, radios: list<array{protocol: string, longestWindowSeconds: int}>}
     *
     * @throws OutsideFailure
     */
    public function about(): array
    {
        return $this->link->reading($this->link->send('GET', '/v1/about'), static fn (Input $about): array => [
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
        $question = $this->link->request()
            ->setHandler($handler)
            ->async()
            ->get($this->link->url.'/v1/events', ['epoch' => $epoch ?? '', 'after' => $after]);

        // The framework sends an asynchronous request only when somebody waits for it.
        return $question->buildPromise();
    }

    /** @throws OutsideFailure */
    public function page(mixed $answer): EventPage
    {
        if (! $answer instanceof Response) {
            throw $this->link->away();
        }

        return $this->link->reading($answer, EventPage::read(...));
    }

    /** @throws OutsideFailure */
    public function nodes(): NodeAnswer
    {
        return $this->link->reading($this->link->send('GET', '/v1/nodes'), NodeAnswer::read(...));
    }

    /** @param string|null $code of the device that it is opened for */
    public function openWindow(string $command, string $protocol, string $kind, int $seconds, ?string $code): void
    {
        $this->link->send('POST', '/v1/windows', [
            'command' => $command, 'protocol' => $protocol, 'kind' => $kind, 'seconds' => $seconds,
            ...($code === null ? [] : ['code' => ['value' => $code]]),
        ]);
    }

    /**
     * Z-Wave devices that come in by themselves, by their keys. A hub that keeps no such list has none.
     *
     * @return list<string>
     *
     * @throws OutsideFailure
     */
    public function smartStart(): array
    {
        try {
            $answer = $this->link->send('GET', '/v1/smart-start');
        } catch (OutsideRefused) {
            return [];
        }

        return $this->link->reading($answer, static fn (Input $list): array => array_map(
            static fn (Input $entry): string => $entry->get('dsk')->textUpTo(self::LONGEST_NAME),
            $list->get('entries')->items(),
        ));
    }

    public function forget(string $command, string $dsk): void
    {
        $this->link->send('DELETE', '/v1/smart-start/'.rawurlencode($dsk), ['command' => $command]);
    }

    public function answer(string $window, string $command, string $pin): void
    {
        $this->link->send('POST', "/v1/windows/{$window}/answers", ['command' => $command, 'pin' => $pin]);
    }

    public function closeWindow(string $window): void
    {
        $this->link->send('DELETE', "/v1/windows/{$window}");
    }

    public function label(string $command, string $address, string $label, ?string $location): void
    {
        $this->link->send('PUT', '/v1/nodes/'.rawurlencode($address).'/label', [
            'command' => $command, 'label' => $label, ...($location === null ? [] : ['location' => $location]),
        ]);
    }

    public function remove(string $command, string $address): void
    {
        $this->link->send('DELETE', '/v1/nodes/'.rawurlencode($address), ['command' => $command]);
    }

    public function order(string $command, string $address, string $value): void
    {
        $this->link->send('POST', '/v1/nodes/'.rawurlencode($address).'/commands', ['command' => $command, 'value' => $value]);
    }

    /** @param int $position in percent */
    public function move(string $command, string $address, string $capability, int $position): void
    {
        $this->link->send('POST', '/v1/nodes/'.rawurlencode($address).'/commands', [
            'command' => $command, 'capability' => $capability, 'value' => $position,
        ]);
    }

    /** @param array{signal: string}|array{preset: string, key: string} $signal that was learnt, or a key of a preset */
    public function sendSignal(string $command, string $protocol, array $signal): void
    {
        $this->link->send('POST', '/v1/signals', ['command' => $command, 'protocol' => $protocol, ...$signal]);
    }

    /** @param string $address of the wired bus */
    public function say(string $command, string $protocol, string $address, string $value): void
    {
        $this->link->send('POST', '/v1/telegrams', [
            'command' => $command, 'protocol' => $protocol, 'address' => $address, 'value' => $value,
        ]);
    }

    public function startReading(string $command, string $protocol): void
    {
        $this->link->send('POST', '/v1/mesh-readings', ['command' => $command, 'protocol' => $protocol]);
    }

    /** @throws OutsideFailure */
    public function meshReading(string $reference): HeardLinks
    {
        return $this->link->reading($this->link->send('GET', "/v1/mesh-readings/{$reference}"), HeardLinks::read(...));
    }
}
