<?php

declare(strict_types=1);

namespace Kavvel\Standin\House;

use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Coverage\RadioEnd;
use Kavvel\Core\Mesh\Role;
use Kavvel\Core\Radio\Transceiver;
use Kavvel\Core\Site\Vec3;
use Kavvel\Core\WhoIsWho\Trigger;

/** One device of the imaginary house, as it truly is before anybody touches it. */
final readonly class Device
{
    /**
     * @param  Vec3|null  $position  null: a spare, which has no power until it is plugged in somewhere
     * @param  string|null  $behind  key of the bridge that has it
     * @param  float  $txDb  by how much it sends stronger than its kind does
     * @param  Presence  $presence  how it stands behind that bridge at first
     * @param  string|null  $name  that it was given before
     * @param  Ends|null  $ends  where it comes to stand when it is driven somewhere
     */
    public function __construct(
        public string $key,
        public string $title,
        public string $room,
        public string $address,
        public Profile $profile,
        public ?Vec3 $position,
        public float $mountingDb,
        public bool $joined,
        public ?Fault $fault,
        public ?TrueCode $code,
        public ?string $behind = null,
        public Presence $presence = Presence::Online,
        public ?Remote $remote = null,
        public ?BusUnit $bus = null,
        public float $txDb = 0.0,
        public ?string $name = null,
        public ?Ends $ends = null,
    ) {}

    public function end(?Vec3 $carriedTo): ?RadioEnd
    {
        $radio = $this->profile->radio;
        $position = $carriedTo ?? $this->position;

        return $radio === null || $position === null ? null : new RadioEnd(
            $this->address,
            $position,
            new Transceiver($radio->frequencyMHz, $radio->txDbm + $this->txDb, $radio->sensitivityDbm, $radio->gainDbi),
            $carriedTo === null ? $this->mountingDb : 0.0,
            $this->profile->isRouter ? Role::Router : Role::End,
            $this->profile->removable,
        );
    }

    /** What a person does to make it speak once it is in. */
    public function trigger(): string
    {
        return Trigger::of($this->profile)->words ?? 'Touch it';
    }

    /** @return array{string, string} capability and value that it reports then; "toggled": whatever it has become */
    public function report(): array
    {
        $capability = Trigger::of($this->profile)->capability ?? 'touched';

        return [$capability, match ($capability) {
            'contact' => 'open',
            'occupancy' => 'occupied',
            'leak' => 'wet',
            'smoke' => 'test',
            'button', 'turn', 'touched' => 'pressed',
            'temperature' => '24.5',
            'humidity' => '71',
            'thermostat' => '21.5',
            default => 'toggled',
        }];
    }
}
