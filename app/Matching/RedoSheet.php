<?php

declare(strict_types=1);

namespace App\Matching;

use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Models\BridgeLink;
use App\Models\MeshReading;
use App\Models\SlotFit;
use App\Models\SlotSetting;
use App\Models\Stay;
use Kavvel\Core\Catalogue\Setting;
use Kavvel\Core\Fit\HangStep;
use Kavvel\Core\Proving\Measured;
use Kavvel\Core\Proving\Outcome;
use Kavvel\Core\Proving\Rung;
use Kavvel\Core\Replacing\Redo;
use Kavvel\Core\Replacing\RedoFacts;
use Kavvel\Core\Replacing\SettingToRedo;

/** What has to be done again at a slot whose device was replaced, or would be. */
final readonly class RedoSheet
{
    /** @param list<Redo> $all */
    private function __construct(public ?Stay $before, public array $all) {}

    /** Null: its device was not replaced, or all is done again. */
    public static function since(SlotCard $card): ?self
    {
        $stay = Stay::of($card->slot)->whereNotNull('until')->latest('id')->first();
        if ($stay?->replaced === null || $stay->until === null) {
            return null;
        }
        $fit = SlotFit::query()->where('slot_id', $card->slot->id)->first();
        $all = Redo::of(new RedoFacts(
            isWired: $card->isWired(),
            isFitted: $fit?->fitted_at !== null,
            isTaught: $card->isHung() ? $fit?->hanging(HangStep::of($card->profile))->isDone() === true : null,
            needsCode: $card->profile->codeSheet !== null,
            hasCode: $card->slot->credentials()->opening()->exists(),
            isIn: $card->isIn(),
            name: $card->slot->name,
            isNamed: $card->isNamed,
            settings: self::settings($card),
            shownBefore: array_map(Rung::from(...), $stay->shown ?? []),
            shownSince: self::shown($card),
            hangingOn: $stay->hanging_on,
            isReadSince: MeshReading::query()->where('site_job_id', $card->slot->site_job_id)->where('protocol', $card->profile->protocol)
                ->where('asked_at', '>', $stay->until)->whereNotNull('ended_at')->where('state', 'done')->exists(),
            ecosystems: array_map(
                static fn (string $rung): bool => $card->ladder->into($rung) !== null,
                array_flip(BridgeLink::rungs($card->slot)),
            ),
        ));

        return Redo::open($all) === 0 ? null : new self($stay, $all);
    }

    /** Before it is replaced: nothing of it is done. */
    public static function ifReplaced(SlotCard $card, JobSheet $sheet): self
    {
        return new self(null, Redo::of(new RedoFacts(
            isWired: $card->isWired(),
            isTaught: $card->isHung() ? false : null,
            needsCode: $card->profile->codeSheet !== null,
            name: $card->slot->name,
            settings: self::settings($card),
            shownBefore: self::shown($card),
            hangingOn: $sheet->hangingOn($card),
            ecosystems: array_map(static fn (): bool => false, array_flip(BridgeLink::rungs($card->slot))),
        )));
    }

    public function open(): int
    {
        return Redo::open($this->all);
    }

    /** @return list<Rung> */
    private static function shown(SlotCard $card): array
    {
        return array_values(array_filter(
            Rung::own(),
            static fn (Rung $rung): bool => $card->ladder->outcome($rung) === Outcome::Passed,
        ));
    }

    /** @return list<SettingToRedo> what is planned, or was set */
    private static function settings(SlotCard $card): array
    {
        $known = array_column($card->profile->settings, null, 'name');
        $settings = [];
        foreach ($card->slot->settings()->orderBy('id')->get() as $one) {
            $setting = $known[$one->name] ?? null;
            $value = $one->planned ?? $one->actual;
            if ($setting instanceof Setting && $value !== null) {
                $settings[] = new SettingToRedo(
                    $setting->words,
                    trim("{$value} {$setting->unit}"),
                    self::isSet($one),
                    Measured::isOffset($one->name),
                );
            }
        }

        return $settings;
    }

    private static function isSet(SlotSetting $one): bool
    {
        return $one->actual !== null && ($one->planned === null || $one->planned === $one->actual);
    }
}
