<?php

declare(strict_types=1);

namespace Kavvel\Standin\Ecosystems;

use Kavvel\Core\Bridging\Device;
use Kavvel\Core\Bridging\Threshold;
use Kavvel\Core\Bridging\Wrapper;
use Kavvel\Core\Bridging\Wrapping;

/** Something that a box makes of a device, and shows beside it or instead of it. */
final class Made
{
    private const OPEN = 'open';

    private const CLOSED = 'closed';

    public bool $isOpen;

    /**
     * @param  string  $device  key of the one that it is made of
     * @param  string  $default  what it is before anybody has told it anything, or does when it is started
     */
    public function __construct(
        public readonly string $device,
        public readonly Wrapping $wrapping,
        public readonly string $box,
        public readonly string $name,
        public readonly ?Threshold $threshold,
        public readonly string $default,
    ) {
        $this->isOpen = $default === self::OPEN;
    }

    public function id(): string
    {
        return $this->wrapper()->id();
    }

    public function asDevice(): Device
    {
        return new Device($this->id(), $this->name, [$this->wrapping->as()], [Wrapper::formAt($this->box)], null, false, 0, 1);
    }

    public function value(): string
    {
        return $this->isOpen ? self::OPEN : self::CLOSED;
    }

    /** Its device has become something. @return bool whether it has become something else by that */
    public function follows(string $value): bool
    {
        $before = $this->isOpen;
        $this->isOpen = $this->threshold === null ? $value === 'wet' : $this->threshold->isOpen((float) $value, $before);

        return $this->isOpen !== $before;
    }

    /** @return array{string, string} what its device is told when it is told something itself: capability and value */
    public function passesOn(string $value): array
    {
        return [$this->wrapping->of(), match ($this->wrapping) {
            Wrapping::TiltAsCover => $value === self::OPEN ? '100' : '0',
            default => $this->default,
        }];
    }

    private function wrapper(): Wrapper
    {
        return new Wrapper($this->device, $this->wrapping, $this->box, $this->name, []);
    }
}
