<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/** What came into an ecosystem by one door and is not to show there: a second one of a device, or one that nobody wanted there. */
final readonly class Excess
{
    /**
     * @param  string|null  $over  name of the box by which they came; null: by themselves
     * @param  list<Twins>  $twins
     * @param  list<ShownDevice>  $strangers
     */
    private function __construct(public ?string $over, public string $form, public array $twins, public array $strangers) {}

    /**
     * @param  list<Twins>  $twins
     * @param  list<ShownDevice>  $strangers
     * @return list<self> the door with most of them first
     */
    public static function byDoor(array $twins, array $strangers): array
    {
        $doors = [];
        foreach ($twins as $one) {
            foreach ($one->others as $other) {
                $doors[self::door($other)] ??= [$other, [], []];
                $doors[self::door($other)][1][] = $one;
            }
        }
        foreach ($strangers as $one) {
            $doors[self::door($one)] ??= [$one, [], []];
            $doors[self::door($one)][2][] = $one;
        }
        $all = array_map(static fn (array $door): self => new self(
            $door[0]->over,
            $door[0]->form,
            array_values(array_unique($door[1], SORT_REGULAR)),
            $door[2],
        ), array_values($doors));
        usort($all, static fn (self $a, self $b): int => $b->count() <=> $a->count());

        return $all;
    }

    public function count(): int
    {
        return count($this->twins) + count($this->strangers);
    }

    /** Whether a device may be deleted in the ecosystem by itself, without the others that came by the same bridge. */
    public function goesSingly(Removal $removal): bool
    {
        return $this->form !== Form::MATTER_BRIDGE || $removal === Removal::Single;
    }

    private static function door(ShownDevice $one): string
    {
        return serialize([$one->over, $one->form]);
    }
}
