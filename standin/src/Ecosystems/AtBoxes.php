<?php

declare(strict_types=1);

namespace Kavvel\Standin\Ecosystems;

use Kavvel\Core\Bridging\Act;
use Kavvel\Core\Bridging\ActKind;
use Kavvel\Core\Bridging\Form;
use Kavvel\Core\Bridging\Threshold;
use Kavvel\Core\Bridging\Wrapping;
use Kavvel\Standin\House\World;

/** What is done at a box: on its page, or over its link. */
final readonly class AtBoxes
{
    public function __construct(private World $world, private Ecosystems $ecosystems, private Showing $showing) {}

    /** It is plugged in, or signed up for. */
    public function setUp(string $box): void
    {
        $this->ecosystems->boxes[$box]->isThere = true;
    }

    public function switchOn(string $box, string $form): void
    {
        $state = $this->ecosystems->boxes[$box];
        $state->on = array_values(array_unique([...$state->on, $form]));
    }

    /** @param list<string>|null $devices null: everything */
    public function show(string $box, string $form, ?array $devices): void
    {
        $state = $this->ecosystems->boxes[$box];
        foreach ($devices === null ? [] : array_diff($state->shown[$form] ?? [], $devices) as $left) {
            $this->showing->forgetDeleted($left);
        }
        if ($devices === null) {
            unset($state->shown[$form]);
        } else {
            $state->shown[$form] = $devices;
        }
    }

    /** A sharing window of the box, or of one device that the hub shares; the one before it ends. */
    public function openWindow(string $ref, string $box, ?string $device, int $seconds): void
    {
        $others = array_filter(
            $this->ecosystems->windows,
            static fn (ShareWindow $one): bool => $one->box !== $box || $one->device !== $device,
        );
        $closesAt = $this->world->now + $seconds * 1000;
        $this->ecosystems->windows = $others + [$ref => ShareWindow::open($this->world->house->seed, $ref, $box, $device, $closesAt)];
    }

    public function closeWindow(string $ref): void
    {
        unset($this->ecosystems->windows[$ref]);
    }

    public function makeKey(string $box, string $for, string $command): void
    {
        $this->ecosystems->boxes[$box]->keys[$for] = self::key($this->world->house->seed, $box, $for, $command);
    }

    public static function key(int $seed, string $box, string $for, string $command): string
    {
        return strtoupper(implode('-', str_split(substr(hash('sha256', "{$seed} key {$box} {$for} {$command}"), 0, 16), 4)));
    }

    /** On the page of a box, the key of another is entered: that one is linked into it. */
    public function enterKey(string $box, string $key): void
    {
        foreach ($this->ecosystems->boxes as $other => $state) {
            if (($state->keys[$box] ?? null) === trim($key)) {
                $into = $this->ecosystems->boxes[$box];
                $into->from = array_values(array_unique([...$into->from, (string) $other]));
            }
        }
    }

    /** A device that joins once is in one network: it joins a box only from none. */
    public function join(string $box, string $device): void
    {
        $state = $this->world->devices[$device] ?? null;
        $speaks = $state === null ? [] : $this->world->house->premises->household->device($device)->device()->speaks;
        $takes = array_intersect($speaks, $this->ecosystems->box($box)->accepts ?? []);
        if ($state !== null && ! $state->isIn() && $takes !== []) {
            $into = $this->ecosystems->boxes[$box];
            $into->joined = array_values(array_unique([...$into->joined, $device]));
        }
    }

    /** @param array<string, mixed> $entry what it makes of which device */
    public function wrap(string $box, array $entry): void
    {
        $made = new Made(
            (string) $entry['device'],
            Wrapping::from((string) $entry['make']),
            $box,
            (string) $entry['name'],
            isset($entry['open']) ? Threshold::of((float) $entry['open'], (float) $entry['closed']) : null,
            (string) $entry['default'],
        );
        $value = $this->world->devices[$made->device]->known()[$made->wrapping->of()] ?? null;
        if ($value !== null) {
            $made->follows($value);
        }
        $this->ecosystems->boxes[$box]->made[$made->id()] = $made;
    }

    public function unwrap(string $box, string $id): void
    {
        unset($this->ecosystems->boxes[$box]->made[$id]);
    }

    /** Why no window of it can be opened; null: it can. */
    public function objection(string $box, ?string $device): ?string
    {
        $sheet = $this->world->house->premises->box($box)?->sheet;
        $state = $this->ecosystems->boxes[$box];
        if (! $state->isThere) {
            return 'not-there';
        }
        if ($device !== null) {
            return $this->isShared($box, $device) ? null : 'not-shareable';
        }
        $offers = array_filter($this->ecosystems->box($box)->offers ?? [], static fn ($offer): bool => $offer->as === Form::MATTER_BRIDGE);

        return match (true) {
            $offers === [] => 'no-export',
            self::asks($sheet->acts[' '.Form::MATTER_BRIDGE] ?? [], ActKind::SwitchOn) && ! in_array(Form::MATTER_BRIDGE, $state->on, true)
                => 'switched-off',
            default => null,
        };
    }

    /** @param list<Act> $acts */
    public static function asks(array $acts, ActKind $kind): bool
    {
        return array_filter($acts, static fn (Act $act): bool => $act->kind === $kind) !== [];
    }

    /** What the hub has in over Matter, it can share on. */
    private function isShared(string $box, string $device): bool
    {
        $state = $this->world->devices[$device] ?? null;

        return $box === $this->world->house->premises->hub && $state?->isIn() === true
            && in_array(Form::MATTER, $this->world->house->premises->household->device($device)->device()->speaks, true);
    }
}
