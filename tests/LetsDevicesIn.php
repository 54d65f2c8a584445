<?php

declare(strict_types=1);

namespace Tests;

use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Models\PairAttempt;
use App\Stations\Pair\WorkList;
use Kavvel\Core\Catalogue\Step;
use Kavvel\Core\Pairing\AttemptState;

/** Devices of a house that stands in, let in as its card says: code, window, every step of the recipe, and the match. */
trait LetsDevicesIn
{
    protected function sheetOf(string $job): JobSheet
    {
        return JobSheet::of($this->siteJob($job));
    }

    /** The first of the order of work that is not among these. */
    protected function nextOf(string $job, string ...$but): ?SlotCard
    {
        foreach (WorkList::of($this->sheetOf($job), [])->cards() as $card) {
            if (! in_array($card->key(), $but, true)) {
                return $card;
            }
        }

        return null;
    }

    protected function letIn(string $job, SlotCard $card): void
    {
        $attempt = $this->tryToLetIn($job, $card);
        self::assertSame(AttemptState::Joined, $attempt->state, "{$card->key()}: {$attempt->state->words()} {$attempt->failure?->words()}");
        $this->matchIn($job, $card, (string) $attempt->node?->address);
        $this->hands('put-back', ['device' => $card->key()]);
        $this->pass(1);
    }

    protected function tryToLetIn(string $job, SlotCard $card): PairAttempt
    {
        $key = $card->key();
        $device = $this->house()->devices[$key];
        if ($device->code !== null && ! $card->slot->credentials()->opening()->exists()) {
            $this->post("/jobs/{$job}/slots/{$key}/code", ['code' => $device->code->code->spelling()])->assertSessionHasNoErrors();
        }
        $this->hands('carry', ['device' => $key]);
        $this->post("/jobs/{$job}/windows", ['slot' => $key])->assertSessionHasNoErrors();
        foreach (array_filter($card->profile->recipe->join ?? [], static fn (Step $step): bool => $step->isGesture()) as $step) {
            $this->hands('gesture', ['device' => $key, 'kind' => $step->kind, 'times' => $step->times, 'seconds' => $step->seconds]);
        }
        $this->pass(15);

        return PairAttempt::query()->with('node')->latest('id')->firstOrFail();
    }

    /** What a bridge shows is taken as the card offers it. */
    protected function takeBehind(string $job, SlotCard $card): void
    {
        $this->pass(5);
        $this->get("/jobs/{$job}/pair?next={$card->key()}")->assertSee("Yes, the {$card->slot->title()}");
        $this->matchIn($job, $card, $this->house()->devices[$card->key()]->address);
    }

    protected function matchIn(string $job, SlotCard $card, string $address): void
    {
        $this->post("/jobs/{$job}/slots/{$card->key()}/node", ['address' => $address])->assertSessionHasNoErrors();
    }
}
