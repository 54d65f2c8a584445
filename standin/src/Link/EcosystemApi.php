<?php

declare(strict_types=1);

namespace Kavvel\Standin\Link;

use Kavvel\Core\Bridging\Act;
use Kavvel\Core\Bridging\Offer;
use Kavvel\Core\Bridging\Wrapping;
use Kavvel\Standin\Ecosystems\EcosystemState;
use Kavvel\Standin\Ecosystems\Entry;
use Kavvel\Standin\Ecosystems\Made;
use Kavvel\Standin\House\House;
use Kavvel\Standin\Hub\Hub;
use Kavvel\Standin\Time\Clockwork;
use Kavvel\Standin\Time\Fold;
use Kavvel\Standin\Time\HandLog;

/** The ecosystem link (docs/ecosystem-link.md) over the stand-in house: every ecosystem and every box below an address of its own. */
final readonly class EcosystemApi
{
    private const MOST_SEEN = 500;

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
        if ($this->token === '' || ! hash_equals("Bearer {$this->token}", $authorization)) {
            return Answers::refused(401, 'unauthorized', 'The bearer token is missing or wrong.');
        }
        $parts = array_map(rawurldecode(...), explode('/', trim($path, '/')));
        [$kind, $key, $rest] = [$parts[0], $parts[1] ?? '', array_slice($parts, 3)];
        $state = $this->state();

        return match (true) {
            $kind === 'ecosystems' && isset($state->ecosystems->all[$key])
                => $this->ofEcosystem($state, $key, $method, $rest, $query, $body),
            $kind === 'boxes' && isset($this->house->premises->boxes[$key]) => $this->ofBox($state, $key, $method, $rest, $body),
            default => Answers::refused(404, 'not-found', 'There is no such ecosystem or box in this house.'),
        };
    }

    /**
     * @param  list<string>  $rest
     * @param  array<string, mixed>  $query
     * @param  array<string, mixed>  $body
     * @return array{int, array<string, mixed>}
     */
    private function ofEcosystem(Fold $state, string $key, string $method, array $rest, array $query, array $body): array
    {
        $one = $state->ecosystems->all[$key];
        $sheet = $this->house->premises->ecosystems[$key]->sheet;
        if ($one->isDown || ($sheet->needsInternet && ! $state->ecosystems->hasInternet)) {
            return Answers::refused(503, 'away', 'Its servers do not answer.');
        }
        $entry = $one->entries[$rest[1] ?? ''] ?? null;

        return match (true) {
            [$method, $rest] === ['GET', ['about']] => [200, $this->about($state, 'ecosystem', $key) + [
                'removal' => $sheet->removal->value, 'account' => $one->by, 'followsNames' => $sheet->followsNames,
            ]],
            [$method, $rest] === ['GET', ['devices']] => [200, $this->shown($state, $key, $one)],
            [$method, $rest] === ['GET', ['sights']] => [200, $this->sights($state, $one, (int) ($query['after'] ?? 0))],
            $rest[0] === 'devices' && count($rest) > 1 && $entry === null => Answers::refused(404, 'not-found', 'It shows no such device.'),
            $method === 'PUT' && count($rest) === 3 && $rest[2] === 'name' => $this->rename($key, $rest[1], $body),
            $method === 'POST' && count($rest) === 3 && $rest[2] === 'orders' => $this->order($key, $rest[1], $entry, $body),
            $method === 'DELETE' && count($rest) === 2 && $rest[0] === 'devices' => $this->delete($key, $rest[1], $one, $body),
            default => Answers::refused(404, 'not-found', "There is no {$method} of that in the ecosystem link."),
        };
    }

    /**
     * @param  list<string>  $rest
     * @param  array<string, mixed>  $body
     * @return array{int, array<string, mixed>}
     */
    private function ofBox(Fold $state, string $key, string $method, array $rest, array $body): array
    {
        $isHub = $key === $this->house->premises->hub;
        if (! $state->ecosystems->boxes[$key]->isThere || ($isHub && ! $state->hub->isPlugged)) {
            return Answers::refused(503, 'away', 'It is not plugged in.');
        }

        return match (true) {
            [$method, $rest] === ['GET', ['about']] => [200, $this->about($state, 'box', $key) + [
                'firmware' => $this->house->premises->firmware($key),
            ]],
            [$method, $rest] === ['GET', ['devices']] => [200, $this->contents($state, $key)],
            [$method, $rest] === ['PUT', ['shown']] => $this->show($state, $key, $body),
            [$method, $rest] === ['POST', ['windows']] => $this->openWindow($state, $key, $body),
            $method === 'DELETE' && count($rest) === 2 && $rest[0] === 'windows' => $this->answers->taken(
                ['do' => 'ecosystem', 'box' => $key, 'act' => 'close-window', 'ref' => $rest[1]],
                $body,
            ),
            [$method, $rest] === ['POST', ['keys']] => $this->makeKey($state, $key, $body),
            [$method, $rest] === ['POST', ['wrappers']] => $this->wrap($state, $key, $body),
            $method === 'DELETE' && count($rest) === 2 && $rest[0] === 'wrappers' => $this->unwrap($state, $key, $rest[1], $body),
            default => Answers::refused(404, 'not-found', "There is no {$method} of that in the ecosystem link."),
        };
    }

    /** @return array<string, mixed> */
    private function about(Fold $state, string $kind, string $key): array
    {
        $premises = $this->house->premises;
        $release = $kind === 'box' ? $premises->exportRelease($key) : $premises->ecosystems[$key]->ecosystem()->release;

        return [
            'link' => 'kavvel-ecosystem-link', 'version' => 2, 'kind' => $kind,
            'name' => ($kind === 'box' ? $premises->boxes : $premises->ecosystems)[$key]->name,
            'clock' => Hub::time($state->world->now), 'matterRelease' => $release?->text,
        ];
    }

    /** @return array<string, mixed> */
    private function shown(Fold $state, string $key, EcosystemState $one): array
    {
        $reachable = $state->sights->reachable($key);

        return [
            'clock' => Hub::time($state->world->now),
            'devices' => array_values(array_map(function (Entry $entry) use ($state, $one, $reachable): array {
                $door = $one->doors[$entry->door];

                return [
                    'device' => $entry->id, 'name' => $entry->name, 'room' => $entry->room, 'capabilities' => $entry->can,
                    'values' => (object) array_intersect_key($state->sources->known($entry->device), array_flip($entry->can)),
                    'mark' => $state->sources->mark($entry->device),
                    'over' => $door->box === null ? null : $this->house->premises->household->box($door->box)->name ?? $door->box,
                    'form' => $door->form, 'since' => Hub::time($entry->since), 'reachable' => in_array($entry->id, $reachable, true),
                ];
            }, $one->entries)),
        ];
    }

    /** @return array<string, mixed> */
    private function sights(Fold $state, EcosystemState $one, int $after): array
    {
        return [
            'clock' => Hub::time($state->world->now), 'newest' => count($one->seen),
            'sights' => array_map(
                static fn (array $seen): array => [...$seen, 'at' => Hub::time($seen['at'])],
                array_slice($one->seen, max(0, $after), self::MOST_SEEN),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private function contents(Fold $state, string $key): array
    {
        $box = $state->ecosystems->boxes[$key];
        $forms = $this->forms($key);

        return [
            'clock' => Hub::time($state->world->now),
            'exports' => array_map(
                static fn (string $form): array => ['form' => $form, 'everything' => ! isset($box->shown[$form])],
                $forms,
            ),
            'devices' => array_map(static function (string $device) use ($state, $box, $forms): array {
                return [
                    'device' => $device,
                    'name' => $state->sources->name($device) ?? $state->sources->device($device)->device->profile->model,
                    'mark' => $state->sources->mark($device),
                    'of' => $state->sources->made($device)?->device,
                    'shown' => array_values(array_filter($forms, static fn (string $form): bool => $box->shows($device, $form))),
                ];
            }, array_map(strval(...), array_keys($state->contents->of($key)))),
        ];
    }

    /**
     * @param  array<string, mixed>  $body
     * @return array{int, array<string, mixed>}
     */
    private function rename(string $key, string $id, array $body): array
    {
        [$name, $room] = [$body['name'] ?? null, $body['room'] ?? null];
        $most = $this->house->premises->ecosystems[$key]->sheet->nameLength;
        if (! is_string($name) || trim($name) === '' || ! ($room === null || is_string($room))) {
            return Answers::refused(422, 'missing', 'A name is text, and so is a room.');
        }
        if ($most !== null && mb_strlen($name) > $most) {
            return Answers::refused(422, 'too-long', "It takes {$most} characters of a name.");
        }

        return $this->answers->taken(
            [
                'do' => 'ecosystem', 'of' => $key, 'act' => 'rename', 'id' => $id, 'name' => $name,
                ...($room === null ? [] : ['room' => $room]),
            ],
            $body,
        );
    }

    /**
     * @param  array<string, mixed>  $body
     * @return array{int, array<string, mixed>}
     */
    private function order(string $key, string $id, ?Entry $entry, array $body): array
    {
        [$capability, $value] = [$body['capability'] ?? null, $body['value'] ?? null];
        if (! is_string($capability) || ! is_string($value) || $value === '') {
            return Answers::refused(422, 'missing', 'An order has a capability and a value.');
        }
        if (! in_array($capability, $entry->can ?? [], true)) {
            return Answers::refused(422, 'unknown', "It knows no {$capability} of that device.");
        }

        return $this->answers->taken(
            ['do' => 'ecosystem', 'of' => $key, 'act' => 'order', 'id' => $id, 'capability' => $capability, 'value' => $value],
            $body,
        );
    }

    /**
     * @param  array<string, mixed>  $body
     * @return array{int, array<string, mixed>}
     */
    private function delete(string $key, string $id, EcosystemState $before, array $body): array
    {
        $answer = $this->answers->taken(['do' => 'ecosystem', 'of' => $key, 'act' => 'delete', 'id' => $id], $body);
        if ($answer[0] !== 202) {
            return $answer;
        }
        $gone = array_keys(array_diff_key($before->entries, $this->state()->ecosystems->all[$key]->entries));

        return $gone === []
            ? Answers::refused(422, 'not-offered', 'It belongs to a bridge, and is not deleted by itself.')
            : [202, ['command' => $body['command'], 'removed' => $gone]];
    }

    /**
     * @param  array<string, mixed>  $body
     * @return array{int, array<string, mixed>}
     */
    private function show(Fold $state, string $key, array $body): array
    {
        [$form, $devices] = [$body['form'] ?? null, $body['devices'] ?? null];
        if (! in_array($form, $this->forms($key), true)) {
            return Answers::refused(422, 'no-export', 'It passes nothing on in that form.');
        }
        $isList = is_array($devices) && array_filter($devices, static fn (mixed $one): bool => ! is_string($one)) === [];
        if ($devices !== null && ! $isList) {
            return Answers::refused(422, 'missing', 'What is shown is a list of devices; without one it is everything.');
        }
        $unknown = array_diff($devices ?? [], array_map(strval(...), array_keys($state->contents->of($key))));
        if ($unknown !== []) {
            return Answers::refused(422, 'not-found', 'It has no device '.reset($unknown).'.');
        }

        return $this->answers->taken(
            ['do' => 'ecosystem', 'box' => $key, 'act' => 'show', 'form' => $form, 'devices' => $devices],
            $body,
        );
    }

    /** @return list<string> forms in which a box passes on */
    private function forms(string $key): array
    {
        return array_map(static fn (Offer $one): string => $one->as, $this->house->premises->boxes[$key]->sheet->offers);
    }

    /**
     * @param  array<string, mixed>  $body
     * @return array{int, array<string, mixed>}
     */
    private function openWindow(Fold $state, string $key, array $body): array
    {
        [$seconds, $device] = [$body['seconds'] ?? null, $body['device'] ?? null];
        [$least, $most] = Act::WINDOW;
        if (! is_int($seconds) || $seconds < $least || $seconds > $most) {
            return Answers::refused(422, 'out-of-range', "A sharing window lasts {$least} to {$most} seconds.");
        }
        if ($device !== null && (! is_string($device) || ! isset($state->contents->of($key)[$device]))) {
            return Answers::refused(422, 'not-found', 'It has no such device.');
        }
        $objection = $state->atBoxes()->objection($key, $device);
        if ($objection !== null) {
            return Answers::refused(422, $objection, match ($objection) {
                'switched-off' => 'Its export is switched off: switch it on first.',
                'not-shareable' => 'That device can’t be shared: it came in over another radio.',
                default => 'It exports nothing that goes by a code.',
            });
        }
        $answer = $this->answers->taken([
            'do' => 'ecosystem', 'box' => $key, 'act' => 'open-window', 'ref' => $body['command'] ?? '', 'seconds' => $seconds,
            ...($device === null ? [] : ['device' => $device]),
        ], $body);
        $window = $this->state()->ecosystems->windows[$body['command'] ?? ''] ?? null;

        return $answer[0] !== 202 || $window === null
            ? $answer
            : [202, $answer[1] + ['code' => $window->code, 'closesAt' => Hub::time($window->closesAt)]];
    }

    /**
     * @param  array<string, mixed>  $body
     * @return array{int, array<string, mixed>}
     */
    private function makeKey(Fold $state, string $key, array $body): array
    {
        $for = $body['for'] ?? null;
        if (! is_string($for) || (! isset($state->ecosystems->all[$for]) && ! isset($state->ecosystems->boxes[$for]))) {
            return Answers::refused(422, 'not-found', 'A key is made for a box or an ecosystem of the house.');
        }
        $answer = $this->answers->taken(
            ['do' => 'ecosystem', 'box' => $key, 'act' => 'make-key', 'for' => $for, 'ref' => $body['command'] ?? ''],
            $body,
        );

        return $answer[0] !== 202 ? $answer : [202, $answer[1] + ['key' => $this->state()->ecosystems->boxes[$key]->keys[$for]]];
    }

    /**
     * @param  array<string, mixed>  $body
     * @return array{int, array<string, mixed>}
     */
    private function wrap(Fold $state, string $key, array $body): array
    {
        $text = static fn (string $name): ?string => is_string($body[$name] ?? null) ? $body[$name] : null;
        [$device, $name, $default] = [$text('device'), $text('name'), $text('default')];
        $wrapping = Wrapping::tryFrom((string) $text('make'));
        [$open, $closed] = [$body['open'] ?? null, $body['closed'] ?? null];
        if (! $this->house->premises->boxes[$key]->sheet->wraps || $wrapping === null) {
            return Answers::refused(422, 'unsupported', 'It makes nothing like that of a device.');
        }
        if ($device === null || ! isset($state->contents->of($key)[$device]) || $state->sources->made($device) !== null) {
            return Answers::refused(422, 'not-found', 'It has no such device.');
        }
        if (! in_array($wrapping->of(), $state->sources->device($device)->device->profile->capabilities, true)) {
            return Answers::refused(422, 'unknown', 'That device has no such function.');
        }
        if ($name === null || trim($name) === '' || $default === null) {
            return Answers::refused(422, 'missing', 'It needs a name, and what it is before anybody has told it anything.');
        }
        if ($wrapping->isMeasured() && (! is_numeric($open) || ! is_numeric($closed) || (float) $open === (float) $closed)) {
            return Answers::refused(422, 'missing', 'It needs from where it counts as open, and from where as closed.');
        }
        $answer = $this->answers->taken([
            'do' => 'ecosystem', 'box' => $key, 'act' => 'wrap', 'device' => $device, 'make' => $wrapping->value, 'name' => $name,
            'default' => $default, ...$wrapping->isMeasured() ? ['open' => (float) $open, 'closed' => (float) $closed] : [],
        ], $body);
        $id = (new Made($device, $wrapping, $key, $name, null, $default))->id();

        return $answer[0] !== 202 ? $answer : [202, $answer[1] + ['device' => $id, 'mark' => $this->state()->sources->mark($id)]];
    }

    /**
     * @param  array<string, mixed>  $body
     * @return array{int, array<string, mixed>}
     */
    private function unwrap(Fold $state, string $key, string $id, array $body): array
    {
        return isset($state->ecosystems->boxes[$key]->made[$id])
            ? $this->answers->taken(['do' => 'ecosystem', 'box' => $key, 'act' => 'unwrap', 'device' => $id], $body)
            : Answers::refused(404, 'not-found', 'It makes no such thing.');
    }

    private function state(): Fold
    {
        return (new Clockwork($this->house, $this->log))->now();
    }
}
