<?php

declare(strict_types=1);

namespace App\Stations;

use App\Models\Credential;
use App\Models\PairAttempt;
use App\Models\Point;
use App\Models\Profile;
use Illuminate\Database\Eloquent\Collection;

/** A slot opened beside the plan, with its history and what its form offers. */
final readonly class SlotSheet
{
    /**
     * @param  Collection<int, PairAttempt>  $attempts
     * @param  Collection<int, Credential>  $credentials
     * @param  Collection<int, Profile>  $profiles
     */
    private function __construct(public SlotCard $card, public Collection $attempts, public Collection $credentials, public Collection $profiles) {}

    public static function of(SlotCard $card): self
    {
        return new self(
            $card,
            $card->slot->pairAttempts()->latest('id')->limit(6)->get(),
            $card->slot->credentials()->get(),
            Profile::query()->orderBy('key')->get(),
        );
    }
}
