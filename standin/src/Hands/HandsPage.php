<?php

declare(strict_types=1);

namespace Kavvel\Standin\Hands;

use Kavvel\Core\Catalogue\Step;
use Kavvel\Core\Protocol\Protocol;
use Kavvel\Standin\House\Device;
use Kavvel\Standin\House\DeviceState;
use Kavvel\Standin\House\Fault;
use Kavvel\Standin\House\House;
use Kavvel\Standin\House\Presence;
use Kavvel\Standin\House\Remote;
use Kavvel\Standin\Time\Clockwork;
use Kavvel\Standin\Time\Fold;
use Kavvel\Standin\Time\HandLog;

/** The page where a person does what hands do on site. */
final readonly class HandsPage
{
    private const ACTIONS = [
        'gesture', 'trigger', 'power', 'mains', 'remote-key', 'carry', 'put-back', 'plug-at', 'new-battery', 'fault', 'unplug', 'plug-in',
        'boot', 'advance',
    ];

    /** A light that the recipe says nothing of */
    private const LIGHTS = [
        'off' => 'off', 'blinking' => 'blinking', 'double' => 'two red blinks, again and again', 'steady' => 'steady',
        'held' => 'steady red', 'low' => 'one red flash', 'identify' => 'blinking quickly: somebody looks for it',
    ];

    private const PATTERNS = [
        'off' => 'off', 'blinking' => 'blink', 'double' => 'double', 'steady' => 'steady', 'held' => 'steady', 'low' => 'flash-once',
        'identify' => 'blink',
    ];

    /** @param string $base what its addresses begin with, where several houses stand in */
    public function __construct(private House $house, private HandLog $log, public string $base = '') {}

    /**
     * Whether a post comes from this very page: another site that a browser has open must not move anything. A browser
     * says where a post comes from; what says nothing is no browser.
     *
     * @param  array<string, mixed>  $server  as the web server describes the request
     */
    public static function isSentByItself(array $server): bool
    {
        $site = $server['HTTP_SEC_FETCH_SITE'] ?? null;
        $origin = $server['HTTP_ORIGIN'] ?? null;

        return ($site === null || $site === 'same-origin')
            && ($origin === null || preg_replace('#^https?://#', '', (string) $origin) === ($server['HTTP_HOST'] ?? ''));
    }

    public function html(string $chosen): string
    {
        $page = $this;
        $state = $this->state();
        $device = $state->world->devices[$chosen] ?? reset($state->world->devices);
        if ($device === false) {
            return '<p>This house has no devices that its hub can let in.</p>';
        }
        ob_start();
        require __DIR__.'/../../views/hands.php';

        return (string) ob_get_clean();
    }

    /** @param array<string, mixed> $form */
    public function act(array $form): void
    {
        $do = (string) ($form['do'] ?? '');
        if ($do === 'reset') {
            $this->log->forget();

            return;
        }
        if (! in_array($do, self::ACTIONS, true)) {
            return;
        }
        $entry = ['do' => $do];
        foreach (['device', 'kind', 'fault', 'point'] as $text) {
            if (isset($form[$text])) {
                $entry[$text] = (string) $form[$text];
            }
        }
        foreach (['times', 'seconds'] as $number) {
            if (isset($form[$number])) {
                $entry[$number] = (float) $form[$number];
            }
        }
        $this->log->append($do === 'boot' ? [...$entry, 'epoch' => bin2hex(random_bytes(6))] : $entry);
    }

    /** @return array<string, mixed> what the page polls: lights, phases, the window */
    public function live(): array
    {
        $state = $this->state();

        return [
            'plugged' => $state->hub->isPlugged,
            'windows' => array_map(static fn (string $protocol, array $window): array => [
                'what' => Protocol::from($protocol)->title().($window['kind'] === 'join' ? '' : " {$window['kind']}"),
                'left' => max(0, (int) ceil(($window['closesAt'] - $state->world->now) / 1000)),
            ], array_keys($state->hub->windows), $state->hub->windows),
            'devices' => array_map(static fn (DeviceState $device): array => [
                'light' => $device->light, 'sign' => self::sign($device), 'phase' => $device->phase, 'on' => $device->on,
                'did' => $device->did,
            ], $state->world->devices),
        ];
    }

    /** @return array{words: string, pattern: string, perSecond: float, colour: string} what its light does, by its recipe */
    public static function sign(DeviceState $state): array
    {
        $recipe = $state->device->profile->recipe;
        $sign = match ($state->light) {
            'blinking' => $recipe?->sign,
            'double' => $recipe->signs['owned'] ?? null,
            'held', 'low' => $recipe->signs[$state->light] ?? null,
            default => null,
        };

        return $sign !== null
            ? ['words' => $sign->words, 'pattern' => $sign->pattern, 'perSecond' => $sign->perSecond, 'colour' => $sign->colour]
            : ['words' => self::LIGHTS[$state->light], 'pattern' => self::PATTERNS[$state->light], 'perSecond' => 2.0, 'colour' => 'red'];
    }

    /** @return array<string, list<DeviceState>> by room */
    public function rooms(Fold $state): array
    {
        $rooms = [];
        foreach ($state->world->devices as $device) {
            $rooms[$device->device->room][] = $device;
        }

        return $rooms;
    }

    /** @return list<array{label: string, form: array<string, string>}> what a hand can do to this device, right or wrong */
    public function deeds(DeviceState $state): array
    {
        $device = $state->device;
        if ($device->remote !== null) {
            return self::with($device, self::keysOf($device->remote));
        }
        if ($device->bus !== null) {
            return self::with($device, [['label' => $device->trigger(), 'form' => ['do' => 'trigger']]]);
        }
        $deeds = $device->behind === null ? $this->gestures($device) : [self::presenceDeed($state->presence)];
        $deeds[] = ['label' => $device->trigger(), 'form' => ['do' => 'trigger']];
        if ($state->carriedTo !== null) {
            $home = $device->position === null ? 'in the van' : 'in its place';
            $deeds[] = ['label' => "Put it back {$home}", 'form' => ['do' => 'put-back']];
        } elseif ($device->position !== null && $device->behind === null) {
            $deeds[] = ['label' => 'Carry it to the hub', 'form' => ['do' => 'carry']];
        }
        if ($device->profile->power === 'mains' && $device->behind === null) {
            $deeds[] = $state->isOff
                ? ['label' => 'Give it its supply again', 'form' => ['do' => 'mains', 'kind' => 'on']]
                : ['label' => 'Switch its supply off', 'form' => ['do' => 'mains', 'kind' => 'off']];
        }
        if ($device->profile->battery !== null) {
            $deeds[] = ['label' => 'Put in a new battery', 'form' => ['do' => 'new-battery']];
        }

        return self::with($device, $deeds);
    }

    /** @return list<array{label: string, form: array<string, string>}> its remote, at the hub: right, too long, and from too far */
    private static function keysOf(Remote $remote): array
    {
        $press = static fn (string $key, string $how, string $seconds, string $point): array => [
            'label' => "“{$key}” on its remote{$how}",
            'form' => ['do' => 'remote-key', 'kind' => $key, 'seconds' => $seconds, 'point' => $point],
        ];

        return [
            ...array_map(static fn (string $key): array => $press($key, '', '0.3', 'hub'), $remote->keys),
            $press($remote->keys[0], ', held for 3 s', '3', 'hub'),
            $press($remote->keys[0], ', from across the room', '0.3', 'room'),
        ];
    }

    /** @return array{label: string, form: array<string, string>} what is done to one behind a bridge */
    private static function presenceDeed(Presence $presence): array
    {
        [$label, $then] = match ($presence) {
            Presence::Online => ['Take its power away', Presence::Offline],
            Presence::Offline => ['Give it power', Presence::Online],
            Presence::Absent => ['Pair it with its bridge, in the bridge’s own app', Presence::Online],
        };

        return ['label' => $label, 'form' => ['do' => 'power', 'kind' => $then->value]];
    }

    /** @return list<array{label: string, form: array<string, string>}> */
    public function deedsOfTheHub(DeviceState $shown): array
    {
        return self::with($shown->device, [
            ['label' => 'Unplug the hub', 'form' => ['do' => 'unplug']],
            ['label' => 'Plug it in', 'form' => ['do' => 'plug-in']],
            ['label' => 'Restart it', 'form' => ['do' => 'boot']],
            ['label' => 'Let a minute pass', 'form' => ['do' => 'advance', 'seconds' => '60']],
            ['label' => 'Let 254 s pass', 'form' => ['do' => 'advance', 'seconds' => '254']],
            ['label' => 'Put the house back', 'form' => ['do' => 'reset']],
        ]);
    }

    /**
     * @param  list<array{label: string, form: array<string, string>}>  $deeds
     * @return list<array{label: string, form: array<string, string>}>
     */
    private static function with(Device $device, array $deeds): array
    {
        return array_map(static fn (array $deed): array => [...$deed, 'form' => [...$deed['form'], 'device' => $device->key]], $deeds);
    }

    /** @return list<array{label: string, form: array<string, string>}> */
    public function gestures(Device $device): array
    {
        $recipe = $device->profile->recipe;
        $steps = [...($recipe->join ?? []), ...($recipe->leave ?? [])];
        $gestures = [['label' => 'Press once', 'form' => ['do' => 'gesture', 'kind' => 'press', 'times' => '1']]];
        foreach ($steps as $step) {
            $gestures[] = [
                'label' => $this->gestureLabel($step),
                'form' => [
                    'do' => 'gesture', 'kind' => $step->kind, 'times' => (string) $step->times, 'seconds' => (string) $step->seconds,
                ],
            ];
        }
        $gestures[] = ['label' => 'Hold 5 s', 'form' => ['do' => 'gesture', 'kind' => 'hold', 'seconds' => '5']];

        return array_values(array_column($gestures, null, 'label'));
    }

    /** @return array<string, string> sockets by key: where in the house they are */
    public function sockets(): array
    {
        $numbers = [];
        $sockets = [];
        foreach ($this->house->sockets as $key => $point) {
            $number = $numbers["{$point->room} {$point->purpose}"] = ($numbers["{$point->room} {$point->purpose}"] ?? 0) + 1;
            $sockets[$key] = ucfirst($point->room).", {$point->purpose} {$number}";
        }
        asort($sockets);

        return $sockets;
    }

    public function isPluggedAt(DeviceState $device, string $socket): bool
    {
        return $device->carriedTo?->distanceTo($this->house->sockets[$socket]->position) === 0.0;
    }

    public function sticker(DeviceState $device): Sticker
    {
        return Sticker::of($this->house, $device->device, $device->fault === Fault::WrongCode);
    }

    public static function phaseWords(string $phase): string
    {
        return match ($phase) {
            'joined' => 'in',
            'in-part' => 'in, in part',
            'pairing' => 'waits to be found',
            'interviewing' => 'being let in',
            'wired' => 'on the bus',
            default => 'out',
        };
    }

    private function gestureLabel(Step $step): string
    {
        $seconds = rtrim(rtrim(number_format($step->seconds, 1, '.', ''), '0'), '.');

        return match ($step->kind) {
            'press', 'tap' => $step->times === 1 ? 'Press once' : "Press {$step->times} times",
            'hold' => "Hold {$seconds} s",
            'pin-hold' => "Pin in the hole, {$seconds} s",
            'pull-tab' => 'Pull the battery tab',
            'power-cycle' => "Switch off and on {$step->times} times",
            default => $step->sentence(),
        };
    }

    private function state(): Fold
    {
        return (new Clockwork($this->house, $this->log))->now();
    }
}
