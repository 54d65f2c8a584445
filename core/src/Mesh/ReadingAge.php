<?php

declare(strict_types=1);

namespace Kavvel\Core\Mesh;

/** What has changed since a mesh reading, among the devices that it judges. Advice from a stale reading misleads. */
final readonly class ReadingAge
{
    /**
     * @param  list<string>  $cameIn  slots
     * @param  list<string>  $wentOut
     * @param  list<string>  $changed  moved, exchanged or mounted otherwise
     * @param  bool  $isHubMoved  every way is another one then
     */
    private function __construct(public array $cameIn, public array $wentOut, public array $changed, public bool $isHubMoved) {}

    /**
     * @param  list<Member>  $then
     * @param  list<Member>  $now
     */
    public static function between(array $then, array $now, bool $isHubMoved = false): self
    {
        $before = self::bySlot($then);
        $after = self::bySlot($now);
        $changed = [];
        foreach (array_intersect_key($after, $before) as $key => $member) {
            if ([$member->address, $member->standing] !== [$before[$key]->address, $before[$key]->standing]) {
                $changed[] = $member->slot;
            }
        }

        return new self(self::slots(array_diff_key($after, $before)), self::slots(array_diff_key($before, $after)), $changed, $isHubMoved);
    }

    public function isStale(): bool
    {
        return $this->isHubMoved || $this->cameIn !== [] || $this->wentOut !== [] || $this->changed !== [];
    }

    /** "2 devices have come in since, one has been moved or exchanged" */
    public function words(): string
    {
        $parts = array_filter([
            self::count($this->cameIn, 'has come in', 'have come in'),
            self::count($this->wentOut, 'has gone', 'have gone'),
            self::count($this->changed, 'has been moved or exchanged', 'have been moved or exchanged'),
            $this->isHubMoved ? 'the hub has been moved' : '',
        ]);

        return $parts === [] ? '' : ucfirst(implode(', ', $parts)).' since.';
    }

    /** @param list<string> $slots */
    private static function count(array $slots, string $one, string $many): string
    {
        return match (count($slots)) {
            0 => '',
            1 => "one device {$one}",
            default => count($slots)." devices {$many}",
        };
    }

    /**
     * @param  list<Member>  $members
     * @return array<string, Member>
     */
    private static function bySlot(array $members): array
    {
        $bySlot = [];
        foreach ($members as $member) {
            $bySlot["slot {$member->slot}"] = $member;
        }

        return $bySlot;
    }

    /**
     * @param  array<string, Member>  $members
     * @return list<string>
     */
    private static function slots(array $members): array
    {
        return array_values(array_map(static fn (Member $member): string => $member->slot, $members));
    }
}
