<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Models\JoinWindow;
use App\Models\Node;
use App\Models\PairAttempt;
use App\Plan\Lens;
use App\Plan\LensLink;
use App\Stations\Move;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;
use Kavvel\Core\Pairing\AttemptState;
use Kavvel\Core\Pairing\Cause;
use Kavvel\Core\Pairing\Diagnosis;
use Kavvel\Core\Pairing\Evidence;
use Kavvel\Core\Pairing\PairingOrder;
use LogicException;

/** Which device to pair now, how, and what the gateway hears while it happens. */
final readonly class PairStation
{
    private const NEXT_SHOWN = 4;

    /**
     * @param  list<string>  $putOff  slots that were skipped for now
     * @param  string|null  $wanted  a slot that the technician chose instead of the first
     * @param  bool  $noLight  the technician sees no light on the device
     * @param  string|null  $openSlot  beside the plan: its forecast is drawn instead
     */
    public function move(JobSheet $sheet, array $putOff, ?string $wanted, bool $noLight = false, ?string $openSlot = null): Move
    {
        $work = WorkList::of($sheet, $putOff);
        $window = $this->window($sheet);
        $target = $sheet->cards[$this->busySlot($sheet, $window)] ?? $this->chosen($sheet, $wanted) ?? $work->first();
        if ($target === null) {
            return new Move('pair.done', static fn (): array => ['elsewhere' => $work->elsewhere], new Lens);
        }

        return new Move(
            'pair.move',
            fn (): array => $this->card($sheet, $work, $window, $target, $noLight),
            new Lens($this->forecastLink($sheet, $sheet->card($openSlot) ?? $target)),
            $target->key(),
            isLive: $window !== null,
            note: PairingOrder::from($sheet->job->school)->words(),
        );
    }

    /** @return array<string, mixed> */
    private function card(JobSheet $sheet, WorkList $work, ?JoinWindow $window, SlotCard $target, bool $noLight): array
    {
        $attempts = $target->slot->pairAttempts()->orderBy('id')->get()
            ->each(static fn (PairAttempt $one) => $one->setRelation('node', $sheet->nodes[$one->node_id] ?? null));
        $attempt = $attempts->last();
        $unmatched = $this->unmatched($sheet, $target);
        $offer = $attempt?->node !== null && $unmatched->contains('id', $attempt->node_id) ? $attempt->node : null;
        $then = array_values(array_filter($work->open, static fn (array $entry): bool => $entry['card']->key() !== $target->key()));

        return [
            'target' => $target,
            'why' => $work->why($target->key()),
            'window' => $window,
            'secondsLeft' => $this->secondsLeft($sheet, $window),
            'attempt' => $attempt,
            'phase' => $this->phase($window, $attempt, $offer),
            'offer' => $offer,
            'others' => $offer === null ? [] : $this->otherSlots($work, $target, $offer),
            'unmatched' => $unmatched->where('id', '!=', $offer?->id)->values(),
            'causes' => $attempt !== null && $attempt->state->isFailure() ? $this->causes($target, $attempts) : [],
            'noLight' => $noLight,
            'noLightCauses' => $noLight ? Diagnosis::of(new Evidence(AttemptState::Silent, $target->profile, $target->forecast?->bestDb, 0, false)) : [],
            'tries' => $attempts->filter(static fn (PairAttempt $one): bool => $one->state->isFailure())->count(),
            'then' => array_slice($then, 0, self::NEXT_SHOWN),
            'count' => count($sheet->cards),
            'in' => count(array_filter($sheet->cards, static fn (SlotCard $card): bool => $card->isIn())),
            'elsewhere' => $work->elsewhere,
        ];
    }

    private function window(JobSheet $sheet): ?JoinWindow
    {
        return JoinWindow::query()->where('site_job_id', $sheet->job->id)->whereIn('state', ['opening', 'open'])->latest('id')->first();
    }

    private function busySlot(JobSheet $sheet, ?JoinWindow $window): ?string
    {
        foreach ($sheet->cards as $card) {
            if ($window !== null && $card->slot->id === $window->slot_id) {
                return $card->key();
            }
        }

        return null;
    }

    private function chosen(JobSheet $sheet, ?string $wanted): ?SlotCard
    {
        $card = $sheet->card($wanted);

        return $card === null || $card->isIn() ? null : $card;
    }

    /** The gateway's clock, not ours, says how long a window lasts. */
    private function secondsLeft(JobSheet $sheet, ?JoinWindow $window): ?int
    {
        return $window?->closes_at === null ? null : max(0, (int) round(Carbon::now()->addSeconds($sheet->gateway->clock_ahead_seconds ?? 0)->diffInSeconds($window->closes_at)));
    }

    private function phase(?JoinWindow $window, ?PairAttempt $attempt, ?Node $offer): string
    {
        return match (true) {
            $offer?->state === 'joined' => 'offer',
            $attempt?->state === AttemptState::InPart && $offer !== null => 'in-part',
            $window?->state === 'opening' => 'opening',
            $window !== null && $attempt !== null && $attempt->state->isOpen() => $attempt->state->value,
            $attempt !== null && $attempt->state->isFailure() => 'failed',
            default => 'idle',
        };
    }

    /** @return Collection<int, Node> nodes of its radio that are in and belong to no slot */
    private function unmatched(JobSheet $sheet, SlotCard $target): Collection
    {
        $matched = array_map(static fn (SlotCard $card): ?int => $card->node?->id, $sheet->cards);

        return (new Collection($sheet->nodes))->where('protocol', $target->profile->protocol)->whereIn('state', ['joined', 'in-part'])->whereNotIn('id', $matched)->values();
    }

    /** @return list<SlotCard> other open slots that this node would fit */
    private function otherSlots(WorkList $work, SlotCard $target, Node $node): array
    {
        $fits = array_filter($work->open, static fn (array $entry): bool => $entry['card']->key() !== $target->key() && $entry['card']->profile->model === $node->model);

        return array_slice(array_column($fits, 'card'), 0, self::NEXT_SHOWN);
    }

    /**
     * @param  Collection<int, PairAttempt>  $attempts
     * @return list<Cause>
     */
    private function causes(SlotCard $target, Collection $attempts): array
    {
        $last = $attempts->last() ?? throw new LogicException('There is no attempt to diagnose.');
        $same = 0;
        foreach ($attempts->reverse()->skip(1) as $before) {
            if ($before->state !== $last->state) {
                break;
            }
            $same++;
        }

        return Diagnosis::of(new Evidence($last->state, $target->profile, $target->forecast?->bestDb, $same, $last->saw_light, array_values(array_map(strval(...), $last->missing))));
    }

    /** @return list<LensLink> */
    private function forecastLink(JobSheet $sheet, SlotCard $target): array
    {
        $margin = $target->forecast?->bestDb;
        $parent = $sheet->card($target->forecast?->parentKey);

        return $margin === null ? [] : [LensLink::forecast($target->key(), $parent?->key() ?? LensLink::GATEWAY, $margin)];
    }
}
