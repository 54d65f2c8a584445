<?php

declare(strict_types=1);

namespace App\Stations\Pair;

use App\Codes\CodeStore;
use App\JobSheet\JobSheet;
use App\JobSheet\SlotCard;
use App\Models\Credential;
use Illuminate\Database\Eloquent\Collection;
use Kavvel\Core\Pairing\CodeMatch;
use Kavvel\Core\Pairing\CodeNeed;

/** Whether a device waits for its code, and what of the tray may be it. */
final readonly class CodesAtHand
{
    /** @param Collection<int, Credential> $trayed */
    private function __construct(public CodeNeed $need, public ?Credential $stale, public Collection $trayed) {}

    public static function of(JobSheet $sheet, SlotCard $target, CodeStore $codes): self
    {
        $codeSheet = $target->profile->codeSheet;
        if ($codeSheet === null) {
            return new self(CodeNeed::None, null, new Collection);
        }
        $stored = $target->slot->credentials()->whereNotNull('fingerprint')->get();
        $stale = $stored->whereNotNull('stale_at')->last();
        $need = CodeNeed::of($codeSheet, $stored->whereNull('stale_at')->isNotEmpty(), $stale !== null);

        return new self($need, $stale, $need->isHere() ? new Collection : $codes->ofDevices($sheet->job)
            ->whereDoesntHave('slot')
            ->get()
            ->filter(static fn (Credential $one): bool => CodeMatch::objection($target->profile, $one->code()) === null)
            ->values());
    }

    /** It comes before the window, and just one of the tray can be it. */
    public function isInTray(): bool
    {
        return $this->need->isFirst() && $this->trayed->count() === 1;
    }
}
