<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\Catalogue\CompanyExperience;
use App\Codes\CodeStore;
use App\Existing\ExistingSheet;
use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Models\JoinWindow;
use App\Models\Node;
use App\Models\PairAttempt;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;
use Kavvel\Core\Existing\ExistingStanding;
use Kavvel\Core\Pairing\AttemptState;
use Kavvel\Core\Pairing\JoinPath;
use Kavvel\Core\Pairing\Light;
use Kavvel\Core\Pairing\NodeFit;
use Kavvel\Core\Pairing\PairAct;
use Kavvel\Core\Pairing\PairPhase;

/** What the card of a device shows while it is paired: its phase, what the hub heard, and what to try. */
final readonly class PairCard
{
    private const NEXT_SHOWN = 4;

    public function __construct(private HubSheets $hubSheets, private CodeStore $codes, private Pins $pins) {}

    /**
     * @param  JoinWindow|null  $window  that is open for it
     * @param  JoinWindow|null  $holder  another that its radio is taken by
     * @return array<string, mixed>
     */
    public function data(JobSheet $sheet, WorkList $work, ?JoinWindow $window, SlotCard $target, ?JoinWindow $holder): array
    {
        $attempts = $this->attempts($sheet, $target);
        $attempt = $attempts->last();
        $free = $this->free($sheet, $target);
        $offer = $free->firstWhere('id', $attempt?->node_id);
        $phase = $window?->kind === 'exclude'
            ? PairPhase::Excluding
            : PairPhase::of($window?->state === 'opening', $window?->state === 'open', $attempt?->state, $this->offered($offer));
        $strangers = $this->strangers($sheet, $window, $attempt);
        $existing = ExistingSheet::of($sheet->job);
        $held = $existing->held($target->slot->id);

        $checks = $this->hubSheets->checks($sheet);
        $causes = Advice::after($sheet, $target, $attempts, $held !== null, $this->hubSheets->facts($target->hub?->gateway->id, $checks));
        $exclusions = Exclusions::of($target);
        $exclusion = $exclusions->standing($phase, $attempt, $causes, $held !== null);
        $hub = $target->linkedHub();
        $hubSheet = $hub === null ? null : $this->hubSheets->of($sheet, $hub, $checks);

        $hubFirst = $phase === PairPhase::Idle && $held === null && $hubSheet?->comesFirst() === true ? $hubSheet->open() : [];
        $codes = CodesAtHand::of($sheet, $target, $this->codes);

        return [
            'act' => PairAct::of(
                $phase,
                $attempt?->light === Light::Seen,
                $target->waitsForHub() || $holder !== null,
                $hubFirst !== [],
                $exclusion->isFirst,
                $held !== null,
                $codes->need->isFirst(),
                $target->waitsForFitting(),
                $attempt?->asked_dsk !== null,
            ),
            'isPinKnown' => $attempt !== null && $this->pins->known($sheet->job, $attempt) !== null,
            'target' => $target,
            'why' => $work->why($target->key()),
            'window' => $window,
            'path' => JoinPath::of($target->profile->protocol),
            'recipe' => $target->profile->recipe?->of($target->slot->hardware),
            'holder' => $holder,
            'sharesHolder' => $holder !== null && ! $target->waitsForHub() && Batches::objection($sheet, $holder, $target) === null,
            'batch' => $window === null ? [] : $this->batch($sheet, $window, $target),
            'alsoFor' => $window === null || ! $phase->holdsWindow() ? [] : Batches::candidates($sheet, $work, $window),
            'secondsLeft' => $window?->secondsLeft($sheet->hub($window->gateway_id)->gateway->clock_ahead_seconds ?? 0),
            'attempt' => $attempt,
            'refusal' => $this->refusal($target),
            'notClosed' => $window?->slot_id === $target->slot->id ? $window->reason : null,
            'phase' => $phase,
            'offer' => $offer === null ? null : $this->offer($work, $target, $offer),
            'cameBack' => $this->cameBack($sheet, $window, $attempt),
            'free' => $free->where('id', '!=', $offer?->id)->values(),
            'strangers' => $strangers,
            'held' => $held,
            'heldDevice' => $held === null ? null : $existing->devices[$held->key],
            'toLeave' => $existing->count(ExistingStanding::ToLeave) - (int) ($held !== null),
            'causes' => $causes,
            'hubFirst' => $hubFirst,
            'hubWhy' => $sheet->hubChoice($target)->words(),
            'experience' => CompanyExperience::at($target->slot->profile_id, $target->hub?->gateway),
            'exclusion' => $exclusion,
            'tookInstead' => $exclusion->tookNothing ? $exclusions->tookInstead($sheet) : null,
            'tries' => $attempts->filter(static fn (PairAttempt $one): bool => $one->state->isFailure())->count(),
            'then' => $work->after($target, self::NEXT_SHOWN),
            'byHand' => $work->byHand,
            'codes' => $codes,
        ];
    }

    /** @return list<array{card: SlotCard, attempt: PairAttempt}> the others that come through the same window */
    private function batch(JobSheet $sheet, JoinWindow $window, SlotCard $target): array
    {
        $others = [];
        foreach ($window->attempts as $attempt) {
            $card = $sheet->cardOfSlot($attempt->slot_id);
            if ($card !== null && $card !== $target && ! $card->isIn() && $attempt->state !== AttemptState::Stopped) {
                $others[] = ['card' => $card, 'attempt' => $attempt];
            }
        }

        return $others;
    }

    /** Why the hub did not open the last window for it. */
    private function refusal(SlotCard $target): ?string
    {
        $last = JoinWindow::query()->where('slot_id', $target->slot->id)->latest('id')->first();

        return $last?->state === 'refused' ? $last->reason : null;
    }

    /** @return Collection<int, PairAttempt> */
    private function attempts(JobSheet $sheet, SlotCard $target): Collection
    {
        return $target->slot->pairAttempts()->with('joinWindow')->orderBy('id')->get()
            ->each(static fn (PairAttempt $one) => $one->setRelation('node', $sheet->nodes[$one->node_id] ?? null));
    }

    private function offered(?Node $offer): ?AttemptState
    {
        return match ($offer?->state) {
            'joined' => AttemptState::Joined,
            'in-part' => AttemptState::InPart,
            default => null,
        };
    }

    /**
     * The node that joined, how it fits, and which other open slot it is the planned device of.
     *
     * @return array{node: Node, fit: NodeFit, better: SlotCard|null, others: list<SlotCard>}
     */
    private function offer(WorkList $work, SlotCard $target, Node $node): array
    {
        $fit = NodeFit::of($target->profile, $node->reported());
        $fitting = array_values(array_filter(
            array_column($work->open, 'card'),
            static fn (SlotCard $card): bool => $card->key() !== $target->key()
                && NodeFit::of($card->profile, $node->reported())->isItsModel(),
        ));

        return [
            'node' => $node,
            'fit' => $fit,
            'better' => $fit->isItsModel() ? null : $fitting[0] ?? null,
            'others' => array_slice($fitting, $fit->isItsModel() ? 0 : 1, self::NEXT_SHOWN),
        ];
    }

    /** @return Collection<int, Node> nodes of its radio that are in and belong to no other slot */
    private function free(JobSheet $sheet, SlotCard $target): Collection
    {
        $taken = [];
        foreach ($sheet->cards as $card) {
            if ($card->node !== null && $card->key() !== $target->key()) {
                $taken[] = $card->node->id;
            }
        }

        return (new Collection($sheet->nodes))
            ->filter(static fn (Node $node): bool => $node->protocol === $target->profile->protocol && $node->via === null
                && in_array($node->state, ['joined', 'in-part'], true) && ! in_array($node->id, $taken, true))
            ->values();
    }

    /** Another slot's device that came back through this window. */
    private function cameBack(JobSheet $sheet, ?JoinWindow $window, ?PairAttempt $attempt): ?SlotCard
    {
        $since = $window?->opened_at;
        if ($window === null || $since === null) {
            return null;
        }
        foreach ($sheet->cards as $card) {
            $isOther = $card->node !== null && $card->node->id !== $attempt?->node_id && $card->slot->id !== $window->slot_id;
            if ($isOther && $card->isIn() && $card->node->heard_at?->greaterThanOrEqualTo($since) === true
                && $this->joinedSince($card->node, $since)) {
                return $card;
            }
        }

        return null;
    }

    private function joinedSince(Node $node, Carbon $since): bool
    {
        return $node->rejoined_at?->greaterThanOrEqualTo($since) === true;
    }

    /** @return list<Node> devices that announced in this window beside the one that is waited for */
    private function strangers(JobSheet $sheet, ?JoinWindow $window, ?PairAttempt $attempt): array
    {
        $since = $window->opened_at ?? $attempt?->started_at;
        $awaited = $window === null ? [$attempt?->node_id] : $window->attempts->pluck('node_id')->all();

        return $since === null ? [] : array_values(array_filter(
            $sheet->nodes,
            static fn (Node $node): bool => $node->state === 'announced' && ! in_array($node->id, $awaited, true)
                && $node->heard_at?->greaterThanOrEqualTo($since) === true,
        ));
    }
}
