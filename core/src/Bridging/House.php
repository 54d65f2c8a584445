<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/** What there is to bridge, and by what. */
final readonly class House
{
    /** Sets of boxes to buy are all looked at */
    public const MOST_TO_BUY = 12;

    /** @var array<string, Capability> */
    private array $capabilities;

    /** @var array<string, Device> */
    private array $devices;

    /** @var array<string, Ecosystem> */
    private array $ecosystems;

    /** @var array<string, list<Box>> by the form that they accept, in the order of the house */
    private array $byForm;

    /** @var array<string, int> a bit for each box that would have to be bought */
    private array $bits;

    /** @var array<string, string> the place of each box in the order of ids, four bytes */
    private array $places;

    /** @var list<Box> that would have to be bought, by id */
    public array $toBuy;

    /**
     * @param  list<Capability>  $capabilities  of which something is known; others travel in every release
     * @param  list<Device>  $devices
     * @param  list<Box>  $boxes
     * @param  list<Ecosystem>  $ecosystems
     *
     * @throws TooManyBoxes
     */
    public function __construct(array $capabilities, array $devices, array $boxes, array $ecosystems)
    {
        $this->capabilities = self::keyed($capabilities);
        $this->devices = self::keyed($devices);
        $this->ecosystems = self::keyed($ecosystems);
        $byForm = [];
        foreach ($boxes as $box) {
            foreach (array_unique($box->accepts) as $form) {
                $byForm["form {$form}"][] = $box;
            }
        }
        $this->byForm = $byForm;
        usort($boxes, static fn (Box $a, Box $b): int => strcmp($a->id, $b->id));
        $places = [];
        foreach ($boxes as $number => $box) {
            $places["id {$box->id}"] = pack('N', $number);
        }
        $this->places = $places;
        $toBuy = array_values(array_filter($boxes, static fn (Box $box): bool => ! $box->isOwned));
        $this->toBuy = count($toBuy) <= self::MOST_TO_BUY ? $toBuy : throw TooManyBoxes::toBuy(count($toBuy), self::MOST_TO_BUY);
        $bits = [];
        foreach ($toBuy as $number => $box) {
            $bits["id {$box->id}"] = 1 << $number;
        }
        $this->bits = $bits;
    }

    public function capability(string $id): Capability
    {
        return $this->capabilities["id {$id}"] ?? new Capability($id);
    }

    /** @throws UnknownInHouse */
    public function device(string $id): Device
    {
        return $this->devices["id {$id}"] ?? throw UnknownInHouse::device($id);
    }

    /** @throws UnknownInHouse */
    public function ecosystem(string $id): Ecosystem
    {
        return $this->ecosystems["id {$id}"] ?? throw UnknownInHouse::ecosystem($id);
    }

    /** @return list<Box> */
    public function accepting(string $form): array
    {
        return $this->byForm["form {$form}"] ?? [];
    }

    /** The bit of a box that would have to be bought; 0 of one that is there. */
    public function bit(Box $box): int
    {
        return $this->bits["id {$box->id}"] ?? 0;
    }

    /** What sorts boxes, and ways through them, in the order of ids. */
    public function place(Box $box): string
    {
        return $this->places["id {$box->id}"] ?? '';
    }

    /** Whether safety hangs on the device or on something that is wanted of it. */
    public function isSafety(Want $want): bool
    {
        return $this->device($want->device)->isSafety
            || array_filter($want->needs, fn (string $need): bool => $this->capability($need)->isSafety) !== [];
    }

    /**
     * @template T of Capability|Device|Ecosystem
     *
     * @param  list<T>  $things
     * @return array<string, T>
     */
    private static function keyed(array $things): array
    {
        $keyed = [];
        foreach ($things as $thing) {
            $keyed["id {$thing->id}"] = $thing;
        }

        return $keyed;
    }
}
