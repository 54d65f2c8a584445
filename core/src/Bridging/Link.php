<?php

declare(strict_types=1);

namespace Kavvel\Core\Bridging;

/** A connection that is made once and carries many devices: from a box, or from the devices themselves, into a box or an ecosystem. */
final readonly class Link
{
    /**
     * @param  string|null  $from  id of the box; null: the devices themselves
     * @param  string  $to  id of the box or the ecosystem
     * @param  list<string>  $devices  ids, in the order of the wants
     */
    private function __construct(
        public ?string $from,
        public string $form,
        public string $to,
        public bool $isIntoEcosystem,
        public array $devices,
    ) {}

    /**
     * All links of a plan, each after those that it builds upon. Into a hub devices come at the Pair station, and behind a bridge by
     * themselves: these are none.
     *
     * @param  list<string>  $hubs  ids of boxes whose radios pair for themselves
     * @return list<self>
     */
    public static function all(BridgePlan $plan, array $hubs): array
    {
        $links = [];
        foreach ($plan->worthwhile() as $path) {
            $form = $path->way->start;
            $from = null;
            foreach ($path->way->legs as $depth => $leg) {
                $isInside = in_array($leg->box->id, $hubs, true) || PlacedDevice::isBehind($form)
                    || $form === Wrapper::formAt($leg->box->id);
                $isLink = $from !== null || ! $isInside;
                if ($isLink) {
                    self::note($links, $depth, $from, $form, $leg->box->id, false, $path->want->device);
                }
                [$from, $form] = [$leg->box->id, $leg->offer->as];
            }
            // A share is made device by device: each has a window and a code of its own.
            $alone = $path->way->isShare() ? " {$path->want->device}" : '';
            self::note($links, count($path->way->legs) + 100, $from, $form, $path->want->ecosystem, true, $path->want->device, $alone);
        }
        ksort($links, SORT_STRING);

        return array_map(
            static fn (array $row): self => new self($row[0], $row[1], $row[2], $row[3], array_values(array_unique($row[4]))),
            array_values($links),
        );
    }

    /** A device itself is shared into an ecosystem. */
    public function isShare(): bool
    {
        return $this->from === null && $this->isIntoEcosystem && $this->form === Form::MATTER;
    }

    /** Whether a link of this key goes by an export of a box. */
    public static function goesBy(string $key, string $box, string $form): bool
    {
        return str_starts_with($key, "from {$box} as {$form} to ");
    }

    /** Whether a link of this key begins or ends at a box. */
    public static function leadsOver(string $key, string $box): bool
    {
        return str_starts_with($key, "from {$box} as ") || str_ends_with($key, " to box {$box}");
    }

    /** The key of the last link of a path, into its ecosystem. */
    public static function into(Path $path): string
    {
        return self::keyOf($path->way->lastBox()?->id, $path->way->form, $path->want->ecosystem, true, $path->want->device);
    }

    /** The key of the link between two boxes. */
    public static function between(string $from, string $form, string $to): string
    {
        return self::keyOf($from, $form, $to, false, null);
    }

    /** The same for as long as it leads from the same to the same. */
    public function key(): string
    {
        return self::keyOf($this->from, $this->form, $this->to, $this->isIntoEcosystem, $this->devices[0]);
    }

    /** @param string|null $device of a share, which each has for itself */
    private static function keyOf(?string $from, string $form, string $to, bool $isIntoEcosystem, ?string $device): string
    {
        $start = match (true) {
            $from === null && $isIntoEcosystem && $form === Form::MATTER => "of {$device}",
            $from === null => 'of devices',
            default => "from {$from}",
        };

        return "{$start} as {$form} to ".($isIntoEcosystem ? 'ecosystem' : 'box')." {$to}";
    }

    /** @param array<string, array{string|null, string, string, bool, list<string>}> $links by order and ends */
    private static function note(
        array &$links,
        int $depth,
        ?string $from,
        string $form,
        string $to,
        bool $isEcosystem,
        string $device,
        string $alone = '',
    ): void {
        $key = sprintf('%03d ', $depth).serialize([$to, $from, $form]).$alone;
        $links[$key] ??= [$from, $form, $to, $isEcosystem, []];
        $links[$key][4][] = $device;
    }
}
