<?php

declare(strict_types=1);

namespace App\Bench;

use App\JobSheet\BehindBridges;
use App\JobSheet\Catalogue;
use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Matching\RedoSheet;
use App\Models\BusAddress;
use App\Models\Credential;
use App\Models\Forecast;
use App\Models\PairAttempt;
use App\Models\ProofResult;
use App\Models\SlotSetting;
use App\Models\Stay;
use App\Radio\RadioFindings;
use Illuminate\Database\Eloquent\Collection;
use Kavvel\Core\Catalogue\Profile;
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
     * @param  Collection<int, Stay>  $stays  devices that are or were in it, the latest first
     * @param  RedoSheet|null  $redo  what is, or would be, to be done again with another device
     * @param  array<string, string>  $models  others that may take its place, names by key of the profile
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
        public Collection $stays,
        public ?RedoSheet $redo,
        public array $models,
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
            $sheet->hangingOn($card),
            BusAddress::query()->where('slot_id', $card->slot->id)->orderBy('number')->value('address'),
            $sheet->hubChoice($card),
            $card->profile->can('bridge') || $sheet->behind($card) !== [] ? (new BehindBridges($sheet))->count($card) : null,
            self::alike($card, $sheet),
            Stay::of($card->slot)->latest('id')->get(),
            $card->node === null ? RedoSheet::since($card) : RedoSheet::since($card) ?? RedoSheet::ifReplaced($card, $sheet),
            self::likely($card, $sheet),
        );
    }

    /** @return array<string, string> models of its radio that can do one thing at least that it does */
    private static function likely(SlotCard $card, JobSheet $sheet): array
    {
        $profile = $card->profile;
        $models = array_filter(Catalogue::of($sheet->job->region), static fn (Profile $one): bool => $one->protocol === $profile->protocol
            && $one->model !== $profile->model && $one->isBridged === $profile->isBridged
            && array_intersect($one->capabilities, array_slice($profile->capabilities, 0, 1)) !== []);

        return array_column(array_map(static fn (Profile $one): array => [$one->key, "{$one->name}, {$one->model}"], $models), 1, 0);
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
