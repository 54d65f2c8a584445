<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Models\JoinWindow;
use App\Models\PairAttempt;
use Illuminate\Database\Eloquent\Collection;

/** The windows that are open on a job, and whose they are. */
final readonly class OpenWindows
{
    /** What came in and was not matched stays before the eyes of who let it in for so many minutes */
    private const OFFERED_MINUTES = 30;

    /** @param Collection<int, JoinWindow> $windows the latest first */
    private function __construct(private JobSheet $sheet, private Collection $windows, private ?int $userId) {}

    public static function of(JobSheet $sheet, ?int $userId): self
    {
        $windows = JoinWindow::query()->with(['user', 'attempts'])
            ->where('site_job_id', $sheet->job->id)
            ->whereIn('state', JoinWindow::UNDER_WAY)
            ->whereNotNull('slot_id')
            ->whereIn('kind', ['join', 'exclude'])
            ->latest('id')
            ->get();

        return new self($sheet, $windows, $userId);
    }

    public function isEmpty(): bool
    {
        return $this->windows->isEmpty();
    }

    /** The device that this person lets in; of several in one window the one that was asked for. */
    public function mine(?string $asked): ?SlotCard
    {
        $window = $this->windows->firstWhere('user_id', $this->userId);
        if ($window === null) {
            return null;
        }
        $chosen = $this->sheet->card($asked);

        return $chosen !== null && ! $chosen->isIn() && self::isFor($window, $chosen)
            ? $chosen
            : $this->sheet->cardOfSlot($window->slot_id);
    }

    /** One of a batch that this person has let in a moment ago, and nobody has matched: its window may be over. */
    public function offered(): ?SlotCard
    {
        $joined = PairAttempt::query()->where('site_job_id', $this->sheet->job->id)->where('user_id', $this->userId)
            ->whereHas('joinWindow', static fn ($window) => $window->has('attempts', '>', 1))
            ->whereIn('state', ['joined', 'in-part'])->where('ended_at', '>', now()->subMinutes(self::OFFERED_MINUTES))
            ->oldest('id')->get();
        foreach ($joined as $attempt) {
            $card = $this->sheet->cardOfSlot($attempt->slot_id);
            $node = $this->sheet->nodes[$attempt->node_id] ?? null;
            $isFree = $node !== null && in_array($node->state, ['joined', 'in-part'], true) && $this->sheet->cardOfNode($node->id) === null;
            if ($card !== null && $isFree && ! $card->isIn()) {
                return $card;
            }
        }

        return null;
    }

    /** The first of the order whose radio nobody else has: two work side by side where a hub has two radios. */
    public function firstFree(WorkList $work): ?SlotCard
    {
        $taken = $this->windows->map(static fn (JoinWindow $one): string => "{$one->gateway_id} {$one->protocol?->value}")->all();
        foreach ($work->open as ['card' => $card]) {
            if (! in_array("{$card->hub?->gateway->id} {$card->profile->protocol->value}", $taken, true)) {
                return $card;
            }
        }

        return $this->sheet->cardOfSlot($this->windows->first()?->slot_id);
    }

    public function forCard(SlotCard $card): ?JoinWindow
    {
        return $this->windows->first(static fn (JoinWindow $one): bool => $one->slot_id === $card->slot->id || self::isFor($one, $card));
    }

    /** It comes or came through this window. */
    private static function isFor(JoinWindow $window, SlotCard $card): bool
    {
        return $window->attempts->contains(
            static fn (PairAttempt $one): bool => $one->slot_id === $card->slot->id && ! $one->state->isOver(),
        );
    }

    /** The window that has the radio which this device needs, where it is open for others only. */
    public function holder(SlotCard $card): ?JoinWindow
    {
        return $this->forCard($card) !== null ? null : $this->windows->first(
            static fn (JoinWindow $one): bool => $one->protocol === $card->profile->protocol
                && $one->gateway_id === $card->hub?->gateway->id,
        );
    }
}
