<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Protocol\Protocol;

/** A device of the job as it is to be passed on. */
final readonly class PlacedDevice
{
    private const BEHIND = 'behind ';

    /**
     * @param  string|null  $behind  id of the device behind which it comes in
     * @param  string|null  $hub  id of the box that is its hub
     * @param  int  $fabricsUsed  by our own hub and whoever else has it
     * @param  Wrapper|null  $wrapper  by which a hub makes it of another
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $room,
        public Profile $profile,
        public ?string $behind = null,
        public ?string $hub = null,
        public int $fabricsUsed = 0,
        public ?Wrapper $wrapper = null,
    ) {}

    /** What a hub makes of it stands where it stands, and is in that hub. */
    public function wrappedBy(Wrapper $wrapper): self
    {
        return new self($wrapper->id(), $wrapper->name, $this->room, $this->profile, null, $wrapper->box, 0, $wrapper);
    }

    public function device(): Device
    {
        $sheet = $this->profile->linkSheet;
        if ($this->wrapper !== null) {
            $forms = [Wrapper::formAt($this->wrapper->box)];

            return new Device($this->id, $this->name, [$this->wrapper->wrapping->as()], $forms, null, false, 0, $sheet->fabrics);
        }

        return new Device(
            $this->id,
            $this->name,
            FunctionTable::passedOn($this->profile->capabilities),
            $this->speaks(),
            $sheet->release,
            $this->profile->vital,
            $this->fabricsUsed,
            $sheet->fabrics,
        );
    }

    /** A bridge is a box for what stands behind it, and it is there already. */
    public function bridge(): ?Box
    {
        if ($this->wrapper !== null || ! $this->profile->can('bridge')) {
            return null;
        }
        $release = $this->profile->linkSheet->release;

        return new Box($this->id, $this->name, true, [self::BEHIND.$this->id], [new Offer(Form::MATTER_BRIDGE, $release)], $release);
    }

    /**
     * @param  string|null  $hub  id of the box whose radios these are: what joins one network only is in that hub, and in no other box
     * @return list<string> forms that are taken in where this is spoken
     */
    public static function formsOf(Protocol $protocol, ?string $hub): array
    {
        return match ($protocol) {
            Protocol::Thread => [Form::MATTER],
            Protocol::Matter => [Form::MATTER, Form::MATTER_BRIDGE],
            default => [$hub !== null && self::joinsOnce($protocol) ? "{$protocol->value} at {$hub}" : $protocol->value],
        };
    }

    /**
     * Every hub that speaks it holds one fabric of a device that comes in over Matter.
     *
     * @param  list<list<Protocol>>  $hubs  what each hub of the job speaks
     */
    public static function fabricsHeld(Protocol $protocol, array $hubs): int
    {
        return $protocol !== Protocol::Matter && $protocol !== Protocol::Thread
            ? 0
            : count(array_filter($hubs, static fn (array $speaks): bool => in_array($protocol, $speaks, true)));
    }

    /** It comes in behind a bridge. */
    public static function isBehind(string $form): bool
    {
        return str_starts_with($form, self::BEHIND);
    }

    /** It joins one network, and is in the box that has that network. */
    public static function joinsOnce(Protocol $protocol): bool
    {
        return in_array($protocol, [Protocol::Zigbee, Protocol::ZWave, Protocol::BluetoothLe], true);
    }

    /** @return list<string> */
    private function speaks(): array
    {
        if ($this->behind !== null) {
            return [self::BEHIND.$this->behind];
        }
        $own = self::formsOf($this->profile->protocol, $this->hub)[0];

        return array_values(array_unique([$own, ...$this->profile->linkSheet->also]));
    }
}
