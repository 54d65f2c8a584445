<?php

declare(strict_types=1);

namespace App\WhoIsWho;

use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Models\Node;
use Kavvel\Core\Catalogue\Profile;
use Kavvel\Core\Pairing\ReportedNode;
use Kavvel\Core\WhoIsWho\SureMatches;
use Kavvel\Core\WhoIsWho\Tally;

/** The devices on the networks of a job that belong to no slot yet, and the slots that wait for one. */
final readonly class Nobodys
{
    /**
     * @param  array<int, Node>  $nodes  by id
     * @param  array<string, SlotCard>  $open  slots without a device, by key
     * @param  array<int, list<string>>  $fits  keys of the slots that each may be the device of, by id of the node
     */
    private function __construct(private JobSheet $sheet, public array $nodes, public array $open, private array $fits) {}

    public static function of(JobSheet $sheet): self
    {
        $nodes = self::nodes($sheet);
        $open = array_filter($sheet->cards, static fn (SlotCard $card): bool => ! $card->isIn());

        return new self($sheet, $nodes, $open, array_map(
            static fn (Node $node): array => SureMatches::slots(self::profilesAt($sheet, $open, $node), $node->reported()),
            $nodes,
        ));
    }

    /** How far a job is. */
    public static function tally(JobSheet $sheet): Tally
    {
        $inPart = count(array_filter($sheet->cards, static fn (SlotCard $card): bool => $card->node?->state === 'in-part'));

        return new Tally($sheet->countIn() - $inPart, $inPart, count(self::nodes($sheet)), count($sheet->cards) - $sheet->countIn());
    }

    /** @return list<SlotCard> slots that wait, and that one of these may be the device of, in the order of the plan */
    public function waiting(): array
    {
        $wanted = array_flip(array_merge([], ...array_values($this->fits)));

        return array_values(array_intersect_key($this->open, $wanted));
    }

    /** @return list<SlotCard> slots that wait, and that this may be the device of */
    public function slots(Node $node): array
    {
        return array_map(fn (string $key): SlotCard => $this->open[$key], $this->fits[$node->id] ?? []);
    }

    /** @return list<Node> those that may be the device of a slot */
    public function alike(SlotCard $card): array
    {
        return array_values(array_filter(
            $this->nodes,
            fn (Node $node): bool => in_array($card->key(), $this->fits[$node->id], true),
        ));
    }

    /** Whatever may be its device joined in part: it may never say what it should. */
    public function joinedInPart(SlotCard $card): bool
    {
        $alike = $this->alike($card);

        return $alike !== [] && array_filter($alike, static fn (Node $node): bool => $node->state === 'joined') === [];
    }

    /** @return list<array{node: Node, card: SlotCard}> those that can only be one, in the order of the plan */
    public function sure(): array
    {
        $sure = [];
        foreach ($this->byBridge() as $nodes) {
            $matches = SureMatches::of(
                self::profilesAt($this->sheet, $this->open, reset($nodes)),
                array_map(static fn (Node $node): ReportedNode => $node->reported(), $nodes),
            );
            foreach ($matches as $id => $slot) {
                $sure[$slot] = ['node' => $nodes[$id], 'card' => $this->open[$slot]];
            }
        }

        return array_values(array_filter(array_map(static fn (string $key): ?array => $sure[$key] ?? null, array_keys($this->open))));
    }

    /** @return array<int, Node> by id */
    private static function nodes(JobSheet $sheet): array
    {
        $taken = [];
        foreach ($sheet->cards as $card) {
            $taken[$card->node?->id] = true;
        }

        return array_filter($sheet->nodes, static fn (Node $node): bool => in_array($node->state, ['joined', 'in-part'], true)
            && ! isset($taken[$node->id]) && $node->given_up_at === null);
    }

    /**
     * @param  array<string, SlotCard>  $open
     * @return array<string, Profile> of the slots that wait where this node is: at the hub, or behind its bridge
     */
    private static function profilesAt(JobSheet $sheet, array $open, Node $node): array
    {
        $bridge = $node->via === null ? null : self::bridge($sheet, $node)?->key();
        $there = array_filter($open, static fn (SlotCard $card): bool => $card->behind === $bridge
            && ($node->via === null || $bridge !== null));

        return array_map(static fn (SlotCard $card): Profile => $card->profile, $there);
    }

    private static function bridge(JobSheet $sheet, Node $node): ?SlotCard
    {
        foreach ($sheet->cards as $card) {
            if ($card->node !== null && $card->node->address === $node->via && $card->node->gateway_id === $node->gateway_id) {
                return $card;
            }
        }

        return null;
    }

    /** @return array<string, non-empty-array<int, Node>> those at hubs together: who of them waits for a slot is a rival */
    private function byBridge(): array
    {
        $groups = [];
        foreach ($this->nodes as $id => $node) {
            $groups[$node->via === null ? '' : "{$node->gateway_id} {$node->via}"][$id] = $node;
        }

        return $groups;
    }
}
