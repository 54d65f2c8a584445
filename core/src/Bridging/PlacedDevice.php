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
     * @param  int  $fabricsUsed  by our own hub and whoever else has it
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $room,
        public Profile $profile,
        public ?string $behind = null,
        public int $fabricsUsed = 0,
    ) {}

    public function device(): Device
    {
        $sheet = $this->profile->linkSheet;

        return new Device(
            $this->id,
            $this->name,
            FunctionTable::passedOn($this->profile->capabilities),
            $this->speaks(),
            $sheet->matterRelease === null ? null : Release::of($sheet->matterRelease),
            $this->profile->vital,
            $this->fabricsUsed,
            $sheet->fabrics,
        );
    }

    /** A bridge is a box for what stands behind it, and it is there already. */
    public function bridge(): ?Box
    {
        if (! $this->profile->can('bridge')) {
            return null;
        }
        $release = $this->profile->linkSheet->matterRelease;
        $release = $release === null ? null : Release::of($release);

        return new Box($this->id, $this->name, true, [self::BEHIND.$this->id], [new Offer(Form::MATTER_BRIDGE, $release)], $release);
    }

    /** @return list<string> forms that a hub takes in whose radio speaks this */
    public static function formsOf(Protocol $protocol): array
    {
        return match ($protocol) {
            Protocol::Thread => [Form::MATTER],
            Protocol::Matter => [Form::MATTER, Form::MATTER_BRIDGE],
            default => [$protocol->value],
        };
    }

    /** @return list<string> */
    private function speaks(): array
    {
        if ($this->behind !== null) {
            return [self::BEHIND.$this->behind];
        }
        $own = self::formsOf($this->profile->protocol)[0];

        return array_values(array_unique([$own, ...$this->profile->linkSheet->also]));
    }
}
