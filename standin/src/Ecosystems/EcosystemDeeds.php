<?php

declare(strict_types=1);

namespace Kavvel\Standin\Ecosystems;

use Kavvel\Standin\House\World;

/** What the log holds of ecosystems and boxes: each entry says which (`box` or `ecosystem`) and what is done there (`act`). */
final readonly class EcosystemDeeds
{
    public const AT_BOXES = [
        'set-up', 'switch-on', 'show', 'open-window', 'close-window', 'make-key', 'enter-key', 'join', 'wrap', 'unwrap',
    ];

    public const AT_ECOSYSTEMS = ['sign-in', 'switch-on', 'scan', 'discover', 'enter-key', 'rename', 'delete', 'close', 'lag', 'order'];

    private function __construct(private Ecosystems $ecosystems, private AtBoxes $boxes, private Phone $phone, private Sights $sights) {}

    public static function in(World $world, Ecosystems $ecosystems, Showing $showing, Sights $sights): self
    {
        return new self(
            $ecosystems,
            new AtBoxes($world, $ecosystems, $showing),
            new Phone($world, $ecosystems, $showing),
            $sights,
        );
    }

    /** @param array<string, mixed> $entry */
    public function do(array $entry): void
    {
        $box = (string) ($entry['box'] ?? '');
        $ecosystem = (string) ($entry['of'] ?? '');
        if (isset($this->ecosystems->boxes[$box])) {
            $this->atBox($box, $entry);
        } elseif (isset($this->ecosystems->all[$ecosystem])) {
            $this->atEcosystem($ecosystem, $entry);
        } elseif ($entry['act'] === 'internet') {
            $this->ecosystems->hasInternet = (bool) ($entry['on'] ?? false);
        }
    }

    /** @param array<string, mixed> $entry */
    private function atBox(string $box, array $entry): void
    {
        $text = static fn (string $name): string => (string) ($entry[$name] ?? '');
        match ($entry['act']) {
            'set-up' => $this->boxes->setUp($box),
            'switch-on' => $this->boxes->switchOn($box, $text('form')),
            'show' => $this->boxes->show($box, $text('form'), self::devices($entry)),
            'open-window' => $this->boxes->openWindow($text('ref'), $box, $entry['device'] ?? null, (int) $entry['seconds']),
            'close-window' => $this->boxes->closeWindow($text('ref')),
            'make-key' => $this->boxes->makeKey($box, $text('for'), $text('ref')),
            'enter-key' => $this->boxes->enterKey($box, $text('key')),
            'join' => $this->boxes->join($box, $text('device')),
            'wrap' => $this->boxes->wrap($box, $entry),
            'unwrap' => $this->boxes->unwrap($box, $text('device')),
            default => null,
        };
    }

    /**
     * @param  array<string, mixed>  $entry
     * @return list<string>|null
     */
    private static function devices(array $entry): ?array
    {
        return isset($entry['devices']) ? array_values(array_map(strval(...), (array) $entry['devices'])) : null;
    }

    /** @param array<string, mixed> $entry */
    private function atEcosystem(string $key, array $entry): void
    {
        $text = static fn (string $name): string => (string) ($entry[$name] ?? '');
        match ($entry['act']) {
            'sign-in' => $this->phone->signIn($key, $text('by')),
            'switch-on' => $this->phone->switchOn($key, $text('form')),
            'scan' => $this->phone->scan($key, $text('code')),
            'discover' => $this->phone->discover($key),
            'enter-key' => $this->phone->enterKey($key, $text('key')),
            'rename' => $this->phone->rename($key, $text('id'), $entry['name'] ?? null, $entry['room'] ?? null),
            'delete' => $this->phone->delete($key, $text('id')),
            'close' => $this->phone->close($key, $text('door')),
            'lag' => $this->ecosystems->all[$key]->lagSeconds = (int) $entry['seconds'],
            'down' => $this->ecosystems->all[$key]->isDown = (bool) ($entry['on'] ?? false),
            'order' => $this->sights->order($key, $text('id'), $text('capability'), $text('value')),
            default => null,
        };
    }
}
