<?php

declare(strict_types=1);

namespace App\Bench;

use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Models\Credential;
use App\Models\Forecast;
use App\Models\PairAttempt;
use App\Radio\RadioFindings;
use Illuminate\Database\Eloquent\Collection;
use Kavvel\Core\Radio\RadioFinding;

/** A slot opened beside the plan, with its history and the breakdown of its forecast. */
final readonly class SlotSheet
{
    /**
     * @param  Collection<int, PairAttempt>  $attempts
     * @param  Collection<int, Credential>  $credentials
     * @param  list<RadioFinding>  $findings
     */
    private function __construct(public SlotCard $card, public Collection $attempts, public Collection $credentials, public ?Forecast $forecast, public array $findings, public bool $isLinked) {}

    public function isPairedByHand(): bool
    {
        return ! $this->isLinked && ! $this->card->isIn() && Line::isPaired($this->card->profile);
    }

    public static function of(SlotCard $card, JobSheet $sheet): self
    {
        return new self(
            $card,
            $card->slot->pairAttempts()->latest('id')->limit(6)->get(),
            $card->slot->credentials()->get(),
            $card->forecast === null ? null : $card->slot->forecasts()->whereKey($card->forecast->id)->first(),
            (new RadioFindings($sheet))->of($card),
            $sheet->isLinked($card),
        );
    }
}
