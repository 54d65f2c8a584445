<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use Kavvel\Core\Pairing\OrderSlot;
use Kavvel\Core\Pairing\PairingOrder;
use Kavvel\Core\Pairing\WorkOrder;

/** The order of work of a job: the core's, over all its slots, with what is still open. */
final readonly class WorkList
{
    /**
     * @param  list<array{card: SlotCard, why: string}>  $open  slots that a hub can pair over its link now, in order
     * @param  list<SlotCard>  $byHand  open slots that are put in where Kavvel has no link to
     */
    private function __construct(public array $open, public array $byHand) {}

    /** @param list<string> $putOff keys that were skipped: they go to the end, before those that have to wait */
    public static function of(JobSheet $sheet, array $putOff): self
    {
        $hub = $sheet->hubs === [] ? 'hub' : $sheet->hubs[0]->key();
        $order = WorkOrder::of(PairingOrder::from($sheet->job->school), self::orderSlots($sheet), $hub);
        $waiting = array_keys(array_filter(
            $sheet->cards,
            static fn (SlotCard $card): bool => $card->waitsForHub() || $card->waitsForFitting()
                || $sheet->bridgeOf($card)?->isIn() === false,
        ));
        $open = [];
        $byHand = [];
        foreach (WorkOrder::postponed($order, array_map(strval(...), $waiting), $putOff) as $entry) {
            $card = $sheet->cards[$entry->id];
            if ($card->isIn()) {
                continue;
            }
            if ($card->isLinked()) {
                $open[] = ['card' => $card, 'why' => self::withTitles($entry->why, $sheet)];
            } else {
                $byHand[] = $card;
            }
        }

        return new self($open, $byHand);
    }

    /** @return list<SlotCard> all that is open, in order */
    public function cards(): array
    {
        return [...array_column($this->open, 'card'), ...$this->byHand];
    }

    public function first(): ?SlotCard
    {
        return $this->open[0]['card'] ?? null;
    }

    public function why(string $key): string
    {
        foreach ($this->open as $entry) {
            if ($entry['card']->key() === $key) {
                return $entry['why'];
            }
        }

        return '';
    }

    /** @return list<array{card: SlotCard, why: string}> what follows when this one is done */
    public function after(SlotCard $target, int $most): array
    {
        $then = array_filter($this->open, static fn (array $entry): bool => $entry['card']->key() !== $target->key());

        return array_slice(array_values($then), 0, $most);
    }

    /** @return list<OrderSlot> */
    private static function orderSlots(JobSheet $sheet): array
    {
        return array_values(array_map(static fn (SlotCard $card): OrderSlot => new OrderSlot(
            $card->key(),
            $card->profile->protocol,
            $card->profile->isRouter,
            $card->profile->secure,
            $card->forecast?->parentKey,
            $card->forecast->bestDb ?? 0.0,
        ), $sheet->cards));
    }

    /** The core speaks of ids; people know the devices by their titles. */
    private static function withTitles(string $why, JobSheet $sheet): string
    {
        return (string) preg_replace_callback(
            '/“([^”]+)”/u',
            static fn (array $found): string => 'the '.($sheet->cards[$found[1]]->slot->title() ?? $found[1]),
            $why,
        );
    }
}
