<?php

declare(strict_types=1);

namespace Kavvel\Standin\Ecosystems;

use Kavvel\Core\Bridging\Wrapper;
use Kavvel\Standin\House\DeviceState;
use Kavvel\Standin\House\World;

/** What stands behind an id that is shown somewhere: a device of the house, or something that a box makes of one. */
final readonly class Sources
{
    public function __construct(private World $world, private Ecosystems $ecosystems) {}

    public function device(string $id): DeviceState
    {
        return $this->world->devices[Wrapper::rawOf($id)];
    }

    public function made(string $id): ?Made
    {
        foreach ($this->ecosystems->boxes as $box) {
            if (isset($box->made[$id])) {
                return $box->made[$id];
            }
        }

        return null;
    }

    /** What it is called where it comes from; null: it has no name yet. */
    public function name(string $id): ?string
    {
        return $this->made($id)->name ?? $this->device($id)->label;
    }

    public function mark(string $id): string
    {
        $made = $this->made($id);
        $device = $this->device($id)->device;
        $address = $device->bus?->knownAt() ?? $device->address;

        return $made === null ? $address : "{$address}#{$made->wrapping->as()}";
    }

    /** @return array<string, string> what it is now, by capability */
    public function known(string $id): array
    {
        $made = $this->made($id);

        return match (true) {
            $made === null => $this->device($id)->known(),
            $made->wrapping->as() === 'activity' => [],
            default => [$made->wrapping->as() => $made->value()],
        };
    }

    /**
     * What follows for others from what a device has become.
     *
     * @return list<array{string, string, string}> id, capability and value
     */
    public function follow(string $device, string $capability, string $value): array
    {
        $changes = [[$device, $capability, $value]];
        foreach ($this->ecosystems->boxes as $box) {
            foreach ($box->made as $id => $made) {
                if ($made->device === $device && $made->wrapping->of() === $capability && $made->follows($value)) {
                    $changes[] = [(string) $id, $made->wrapping->as(), $made->value()];
                }
            }
        }

        return $changes;
    }
}
