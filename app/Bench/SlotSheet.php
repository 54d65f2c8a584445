<?php

declare(strict_types=1);

namespace App\Bench;

use App\JobSheet\BehindBridges;
use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Models\BusAddress;
use App\Models\Credential;
use App\Models\Forecast;
use App\Models\PairAttempt;
use App\Models\ProofResult;
use App\Models\SlotSetting;
use App\Radio\RadioFindings;
use Illuminate\Database\Eloquent\Collection;
use Kavvel\Core\Existing\Holder;
use Kavvel\Core\Existing\WayOut;
use Kavvel\Core\Pairing\BridgeCount;
use Kavvel\Core\Pairing\HubChoice;
use Kavvel\Core\Protocol\Joining;
use Kavvel\Core\Protocol\Leaving;
use Kavvel\Core\Radio\RadioFinding;

/** A slot opened beside the plan, with its history and the breakdown of its forecast. */
final readonly class SlotSheet
{
    private const ATTEMPTS_SHOWN = 6;

    /**
     * @param  Collection<int, PairAttempt>  $attempts
     * @param  Collection<int, Credential>  $credentials
     * @param  Collection<int, ProofResult>  $record  all that was shown, the latest first
     * @param  Collection<int, SlotSetting>  $settings
     * @param  list<RadioFinding>  $findings
     * @param  list<SlotCard>  $alike  others that wait for, or have, a device of its model
     * @param  string|null  $busAddress  the first that its project has for it
     * @param  int  $hangingOn  devices that are in, and whose best way leads through it
     */
    private function __construct(
        public SlotCard $card,
        public Collection $attempts,
        public Collection $credentials,
        public Collection $record,
        public Collection $settings,
        public ?Forecast $forecast,
        public array $findings,
        public int $hangingOn,
        public ?string $busAddress,
        public HubChoice $hubChoice,
        public ?BridgeCount $bridgeCount,
        public array $alike,
    ) {}

    public static function of(SlotCard $card, JobSheet $sheet): self
    {
        return new self(
            $card,
            $card->slot->pairAttempts()->latest('id')->limit(self::ATTEMPTS_SHOWN)->get(),
            $card->slot->credentials()->get(),
            $card->slot->proofResults()->with('user')->latest('id')->get(),
            $card->slot->settings()->get(),
            $card->forecast === null ? null : $card->slot->forecasts()->whereKey($card->forecast->id)->first(),
            (new RadioFindings($sheet))->of($card),
            count(array_filter(
                $sheet->cards,
                static fn (SlotCard $other): bool => $other->isIn()
                    && ($other->forecast?->parentKey === $card->key() || $other->behind === $card->key()),
            )),
            BusAddress::query()->where('slot_id', $card->slot->id)->orderBy('number')->value('address'),
            $sheet->hubChoice($card),
            $card->profile->can('bridge') || $sheet->behind($card) !== [] ? (new BehindBridges($sheet))->count($card) : null,
            self::alike($card, $sheet),
        );
    }

    /** @return list<SlotCard> */
    private static function alike(SlotCard $card, JobSheet $sheet): array
    {
        return array_values(array_filter($sheet->cards, static fn (SlotCard $other): bool => $other !== $card
            && $other->behind === $card->behind && $other->profile->model === $card->profile->model
            && $other->profile->protocol === $card->profile->protocol));
    }

    /** None of the codes that are here lets it in. */
    public function needsCode(): bool
    {
        return ! $this->credentials->contains(static fn (Credential $one): bool => $one->opens());
    }

    /** How it is taken out of our network, in the words of its recipe; null: it is in none. */
    public function wayOut(): ?WayOut
    {
        if ($this->card->isBehindBridge()) {
            return null;
        }
        $way = WayOut::of($this->card->profile->protocol, Holder::Hub, $this->card->profile);

        return $this->card->isIn() && $way->isNeeded() ? $way : null;
    }

    public function isExcluded(): bool
    {
        return $this->card->profile->protocol->rules()->leaving() === Leaving::Excluded;
    }

    /** No hub opens a window for it over a link: what is done is written down. */
    public function isPutInByHand(): bool
    {
        return ! $this->card->isLinked() && ! $this->card->isIn();
    }

    public function joining(): Joining
    {
        return $this->card->profile->protocol->rules()->joining();
    }
}
