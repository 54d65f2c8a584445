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
     * @param  array<string, SlotCard>  $open  slots without a device that a window lets in, by key
     */
    private function __construct(private JobSheet $sheet, public array $nodes, public array $open) {}

    public static function of(JobSheet $sheet): self
    {
        $taken = [];
        foreach ($sheet->cards as $card) {
            $taken[$card->node?->id] = true;
        }

        return new self(
            $sheet,
            array_filter($sheet->nodes, static fn (Node $node): bool => in_array($node->state, ['joined', 'in-part'], true)
                && ! isset($taken[$node->id]) && $node->given_up_at === null),
            array_filter($sheet->cards, static fn (SlotCard $card): bool => ! $card->isIn()),
        );
    }

    public function tally(): Tally
    {
        $inPart = count(array_filter($this->sheet->cards, static fn (SlotCard $card): bool => $card->node?->state === 'in-part'));

        return new Tally($this->sheet->countIn() - $inPart, $inPart, count($this->nodes), count($this->open));
    }

    /** @return list<SlotCard> slots that wait, and that one of these may be the device of, in the order of the plan */
    public function waiting(): array
    {
        return array_values(array_filter($this->open, fn (SlotCard $card): bool => $this->alike($card) !== []));
    }

    /** @return list<SlotCard> slots that wait, and that this may be the device of */
    public function slots(Node $node): array
    {
        return array_values(array_map(
            fn (string $key): SlotCard => $this->open[$key],
            SureMatches::slots($this->profilesAt($node), $node->reported()),
        ));
    }

    /** @return list<Node> those that may be the device of a slot */
    public function alike(SlotCard $card): array
    {
        return array_values(array_filter($this->nodes, fn (Node $node): bool => in_array($card, $this->slots($node), true)));
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
                $this->profilesAt(reset($nodes)),
                array_map(static fn (Node $node): ReportedNode => $node->reported(), $nodes),
            );
            foreach ($matches as $id => $slot) {
                $sure[$slot] = ['node' => $nodes[$id], 'card' => $this->open[$slot]];
            }
        }

        return array_values(array_filter(array_map(static fn (string $key): ?array => $sure[$key] ?? null, array_keys($this->open))));
    }

    /** @return array<string, Profile> of the slots that wait where this node is: at the hub, or behind its bridge */
    private function profilesAt(Node $node): array
    {
        $bridge = $node->via === null ? null : $this->bridge($node)?->key();
        $there = array_filter($this->open, static fn (SlotCard $card): bool => $card->behind === $bridge
            && ($node->via === null || $bridge !== null));

        return array_map(static fn (SlotCard $card): Profile => $card->profile, $there);
    }

    private function bridge(Node $node): ?SlotCard
    {
        foreach ($this->sheet->cards as $card) {
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
