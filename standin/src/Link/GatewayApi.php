<?php

declare(strict_types=1);

namespace Kavvel\Standin\Link;

use Kavvel\Core\Bus\GroupAddress;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Standin\House\DeviceState;
use Kavvel\Standin\House\House;
use Kavvel\Standin\Hub\Hub;
use Kavvel\Standin\Joining\NodeEntry;
use Kavvel\Standin\Joining\Remotes;
use Kavvel\Standin\Time\Clockwork;
use Kavvel\Standin\Time\Fold;
use Kavvel\Standin\Time\HandLog;

/** The gateway link (docs/gateway-link.md) over the imaginary house. */
final readonly class GatewayApi
{
    private const LONGEST_VALUE = 200;

    private const POSITIONS = ['cover', 'tilt', 'level'];

    private Answers $answers;

    public function __construct(private House $house, private HandLog $log, private string $token)
    {
        $this->answers = new Answers($log);
    }

    /**
     * @param  array<string, mixed>  $query
     * @param  array<string, mixed>  $body
     * @return array{int, array<string, mixed>} status and JSON
     */
    public function answer(string $method, string $path, array $query, array $body, string $authorization): array
    {
        $state = $this->state();
        if (! $state->hub->isPlugged) {
            return Answers::refused(503, 'unplugged', 'The gateway has no power.');
        }
        if ($this->token === '' || ! hash_equals("Bearer {$this->token}", $authorization)) {
            return Answers::refused(401, 'unauthorized', 'The bearer token is missing or wrong.');
        }
        $parts = array_map(rawurldecode(...), explode('/', trim($path, '/')));

        return match (true) {
            $method === 'GET' && $path === '/v1/about' => [200, $this->about($state)],
            $method === 'GET' && $path === '/v1/events' => [200, $this->events($state, $query)],
            $method === 'GET' && $path === '/v1/nodes' => [
                200,
                ['epoch' => $state->hub->epoch, 'newest' => count($state->hub->events), 'nodes' => $this->nodes($state)],
            ],
            $method === 'POST' && $path === '/v1/windows' => $this->openWindow($body),
            $method === 'DELETE' && count($parts) === 3 && $parts[1] === 'windows' => $this->closeWindow($parts[2]),
            $method === 'POST' && count($parts) === 4 && $parts[1] === 'windows' && $parts[3] === 'answers' => $this->answerPin(
                $state,
                $parts[2],
                $body,
            ),
            $method === 'GET' && $path === '/v1/smart-start' => [200, ['entries' => $this->smartStart($state)]],
            $method === 'DELETE' && count($parts) === 3 && $parts[1] === 'smart-start' => $this->forget($state, $parts[2], $body),
            $method === 'POST' && $path === '/v1/signals' => $this->send($body),
            $method === 'POST' && $path === '/v1/telegrams' => $this->say($body),
            $method === 'POST' && $path === '/v1/mesh-readings' => $this->read($body),
            $method === 'GET' && count($parts) === 3 && $parts[1] === 'mesh-readings' => $this->reading($state, $parts[2]),
            count($parts) >= 3 && $parts[1] === 'nodes' => $this->onNode($state, $method, $parts, $body),
            default => Answers::refused(404, 'not-found', "There is no {$method} {$path} in the gateway link."),
        };
    }

    /** @return array<string, mixed> */
    private function about(Fold $state): array
    {
        return [
            'link' => 'kavvel-gateway-link', 'version' => 6, 'name' => 'Stand-in hub',
            'epoch' => $state->hub->epoch, 'clock' => Hub::time($state->world->now), 'oldest' => 1, 'newest' => count($state->hub->events),
            'radios' => [
                ...array_map(static fn (string $protocol, int $seconds): array => [
                    'protocol' => $protocol,
                    'longestWindowSeconds' => $seconds,
                    'kinds' => $protocol === Protocol::ZWave->value ? ['join', 'exclude'] : ['join'],
                ], array_keys(House::WINDOWS), House::WINDOWS),
                ...array_map(static fn (string $protocol, int $seconds): array => [
                    'protocol' => $protocol, 'longestWindowSeconds' => $seconds, 'kinds' => ['learn'],
                ], array_keys(House::SENDERS), House::SENDERS),
                ...array_map(static fn (string $protocol, int $seconds): array => [
                    'protocol' => $protocol, 'longestWindowSeconds' => $seconds, 'kinds' => ['hear'],
                ], array_keys(House::BUSES), House::BUSES),
            ],
        ];
    }

    /**
     * @param  array<string, mixed>  $query
     * @return array<string, mixed>
     */
    private function events(Fold $state, array $query): array
    {
        $after = ($query['epoch'] ?? '') === $state->hub->epoch ? max(0, (int) ($query['after'] ?? 0)) : 0;
        $events = array_map(
            static fn (array $event): array => [...$event, 'at' => Hub::time($event['at']), 'data' => (object) $event['data']],
            array_slice($state->hub->events, $after, 500),
        );

        return [
            'epoch' => $state->hub->epoch, 'clock' => Hub::time($state->world->now), 'oldest' => 1, 'newest' => count($state->hub->events),
            'events' => $events,
        ];
    }

    /** @return list<array<string, mixed>> */
    private function nodes(Fold $state): array
    {
        $in = array_filter($state->world->devices, static fn (DeviceState $device): bool => $device->isIn());

        return array_values(array_map(
            static fn (DeviceState $device): array => NodeEntry::of($device, $state->world->devices[$device->device->behind ?? ''] ?? null),
            $in,
        ));
    }

    /**
     * @param  array<string, mixed>  $body
     * @return array{int, array<string, mixed>}
     */
    private function openWindow(array $body): array
    {
        [$protocol, $kind, $seconds, $code] = [
            $body['protocol'] ?? null, $body['kind'] ?? null, $body['seconds'] ?? null, $body['code'] ?? [],
        ];
        $longest = self::longest($protocol, $kind);
        if ($longest === null) {
            return Answers::refused(422, 'unsupported', 'This gateway opens no such window.');
        }
        if (! is_int($seconds) || $seconds < 1 || $seconds > $longest) {
            return Answers::refused(422, 'out-of-range', "A window lasts 1 to {$longest} seconds.");
        }
        if (in_array($protocol, [Protocol::Thread->value, Protocol::Matter->value], true) && $code === []) {
            return Answers::refused(422, 'code-missing', 'A Matter device is looked for by its code: give it with the window.');
        }

        return $this->answers->taken(
            ['do' => 'open-window', 'protocol' => $protocol, 'kind' => $kind, 'seconds' => $seconds, 'code' => $code],
            $body,
            'window',
        );
    }

    /** @return list<array{dsk: string}> devices that come in by themselves */
    private function smartStart(Fold $state): array
    {
        return array_map(static fn (string $key): array => [
            'dsk' => (string) ($state->world->devices[$key]->device->code?->code->fields()['dsk'] ?? ''),
        ], $state->hub->smartStart);
    }

    /**
     * @param  array<string, mixed>  $body
     * @return array{int, array<string, mixed>}
     */
    private function forget(Fold $state, string $dsk, array $body): array
    {
        foreach ($this->smartStart($state) as $number => $entry) {
            if ($entry['dsk'] === $dsk) {
                return $this->answers->taken(['do' => 'forget', 'device' => $state->hub->smartStart[$number]], $body, 'command');
            }
        }

        return Answers::refused(404, 'not-found', 'No such device stands on the list.');
    }

    /**
     * @param  array<string, mixed>  $body
     * @return array{int, array<string, mixed>}
     */
    private function answerPin(Fold $state, string $window, array $body): array
    {
        $pin = $body['pin'] ?? null;
        if (! in_array($window, array_column($state->hub->windows, 'ref'), true)) {
            return Answers::refused(404, 'not-found', 'That window is not open any more.');
        }
        if (! is_string($pin) || preg_match('/^\d{5}$/', $pin) !== 1) {
            return Answers::refused(422, 'out-of-range', 'A PIN is five digits.');
        }

        return $this->answers->taken(['do' => 'answer', 'window' => $window, 'pin' => $pin], $body, 'command');
    }

    /** How long a window of this kind stays open at most; null: it opens none. */
    private static function longest(mixed $protocol, mixed $kind): ?int
    {
        $protocol = is_string($protocol) ? $protocol : '';

        return match ($kind) {
            'join' => House::WINDOWS[$protocol] ?? null,
            'exclude' => $protocol === Protocol::ZWave->value ? House::WINDOWS[$protocol] : null,
            'learn' => House::SENDERS[$protocol] ?? null,
            'hear' => House::BUSES[$protocol] ?? null,
            default => null,
        };
    }

    /**
     * @param  array<string, mixed>  $body
     * @return array{int, array<string, mixed>}
     */
    private function send(array $body): array
    {
        $text = static fn (string $name): ?string => is_string($body[$name] ?? null) ? $body[$name] : null;
        [$protocol, $signal, $preset, $key] = [$text('protocol'), $text('signal'), $text('preset'), $text('key')];
        if ($protocol === null || ! isset(House::SENDERS[$protocol])) {
            return Answers::refused(422, 'unsupported', 'This gateway sends no such signals.');
        }
        if ($signal === null && ($preset === null || $key === null)) {
            return Answers::refused(422, 'missing', 'A signal is what was learnt, or a key of a preset.');
        }
        if ($signal === null && ! Remotes::hasPreset($this->house, (string) $preset)) {
            return Answers::refused(422, 'no-preset', "It has no preset for {$preset}.");
        }

        return $this->answers->taken(
            ['do' => 'send', 'protocol' => $protocol, ...($signal === null ? ['preset' => $preset, 'key' => $key] : ['signal' => $signal])],
            $body,
            'command',
        );
    }

    /**
     * @param  array<string, mixed>  $body
     * @return array{int, array<string, mixed>}
     */
    private function say(array $body): array
    {
        [$protocol, $address, $value] = [$body['protocol'] ?? null, $body['address'] ?? null, $body['value'] ?? null];
        $to = is_string($address) ? GroupAddress::of($address) : null;
        if (! is_string($protocol) || ! isset(House::BUSES[$protocol])) {
            return Answers::refused(422, 'unsupported', 'This gateway is on no such bus.');
        }
        if ($to === null || ! is_string($value) || $value === '' || mb_strlen($value) > self::LONGEST_VALUE) {
            return Answers::refused(422, 'missing', 'A telegram has an address of the bus, such as 1/2/3, and a value.');
        }

        return $this->answers->taken(['do' => 'say', 'address' => $to->text, 'value' => $value], $body, 'command');
    }

    /**
     * @param  array<string, mixed>  $body
     * @return array{int, array<string, mixed>}
     */
    private function read(array $body): array
    {
        $protocol = Protocol::tryFrom(is_string($body['protocol'] ?? null) ? $body['protocol'] : '');
        if ($protocol === null || ! isset(House::WINDOWS[$protocol->value])) {
            return Answers::refused(422, 'unsupported', 'This gateway has no such radio to read.');
        }

        return $this->answers->taken(['do' => 'read-mesh', 'protocol' => $protocol->value], $body, 'reading');
    }

    /** @return array{int, array<string, mixed>} */
    private function closeWindow(string $window): array
    {
        $this->log->append(['do' => 'close-window', 'window' => $window]);

        return [202, ['window' => $window]];
    }

    /** @return array{int, array<string, mixed>} */
    private function reading(Fold $state, string $ref): array
    {
        $reading = $state->hub->readings[$ref] ?? null;

        return match (true) {
            $reading === null => Answers::refused(404, 'not-found', 'There is no such mesh reading.'),
            ! $reading['done'] => [200, ['reading' => $ref, 'done' => false, 'links' => []]],
            default => [200, [
                'reading' => $ref, 'done' => true,
                'links' => $state->world->neighbours(Protocol::from($reading['protocol']), $reading['number'], $reading['at']),
                'asleep' => $state->world->asleep(Protocol::from($reading['protocol']), $reading['at']),
                ...($reading['protocol'] === Protocol::ZWave->value ? ['routes' => $state->world->routes(Protocol::ZWave)] : []),
            ]],
        };
    }

    /**
     * @param  list<string>  $parts
     * @param  array<string, mixed>  $body
     * @return array{int, array<string, mixed>}
     */
    private function onNode(Fold $state, string $method, array $parts, array $body): array
    {
        $address = $parts[2];
        if ($state->world->byAddress($address) === null) {
            return Answers::refused(404, 'not-found', "There is no node {$address}.");
        }

        return match ([$method, $parts[3] ?? '']) {
            ['PUT', 'label'] => $this->label($address, $body),
            ['POST', 'commands'] => isset($body['capability']) ? $this->move($state, $address, $body) : match ($body['value'] ?? null) {
                'on', 'off', 'toggle' => $this->answers->taken(
                    ['do' => 'switch', 'address' => $address, 'value' => $body['value']],
                    $body,
                    'command',
                ),
                'identify' => $this->answers->taken(['do' => 'identify', 'address' => $address], $body, 'command'),
                default => Answers::refused(422, 'unsupported', 'A node can be told on, off, toggle or identify.'),
            },
            ['DELETE', ''] => $state->world->byAddress($address)->device->behind === null
                ? $this->answers->taken(['do' => 'remove', 'address' => $address], $body, 'command')
                : Answers::refused(422, 'bridged', 'It stands behind a bridge: it is taken out in the bridge’s own app.'),
            default => Answers::refused(404, 'not-found', 'A node has label and commands.'),
        };
    }

    /**
     * @param  array<string, mixed>  $body
     * @return array{int, array<string, mixed>}
     */
    private function move(Fold $state, string $address, array $body): array
    {
        [$capability, $value] = [$body['capability'], $body['value'] ?? null];
        $can = $state->world->byAddress($address)->device->profile->capabilities ?? [];
        if (! in_array($capability, self::POSITIONS, true) || ! in_array($capability, $can, true)) {
            return Answers::refused(422, 'unsupported', 'That node has no such function that is sent to a position.');
        }
        if (! is_int($value) || $value < 0 || $value > 100) {
            return Answers::refused(422, 'out-of-range', 'A position is a whole number from 0 to 100.');
        }

        return $this->answers->taken(
            ['do' => 'move', 'address' => $address, 'capability' => $capability, 'value' => $value],
            $body,
            'command',
        );
    }

    /**
     * @param  array<string, mixed>  $body
     * @return array{int, array<string, mixed>}
     */
    private function label(string $address, array $body): array
    {
        [$label, $location] = [$body['label'] ?? null, $body['location'] ?? null];

        return is_string($label) && ($location === null || is_string($location))
            ? $this->answers->taken(['do' => 'label', 'address' => $address, 'label' => $label, 'location' => $location], $body, 'command')
            : Answers::refused(422, 'missing', 'A label is text, and so is a location.');
    }

    private function state(): Fold
    {
        return (new Clockwork($this->house, $this->log))->now();
    }
}
